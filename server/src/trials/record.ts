import type { KeptTrialReading } from '@bent-pail/contract';
import type { SettledDifference, TrialMove, TrialPlan, TrialPlot, TrialRecord } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';
import { optional } from '../database/optional';
import type {
  TrialEntity,
  TrialExclusionEntity,
  TrialMoveEntity,
  TrialPlotEntity,
  TrialReadingEntity,
  TrialSettledEntity,
} from './entities';
import { plotsIn, readingsIn, saidIn } from './repository';

export const toPlot = ({ id, number, arm, species, block, place }: TrialPlotEntity): TrialPlot => ({
  id,
  number,
  arm,
  species,
  block,
  place,
});

export const toReading = (row: TrialReadingEntity): KeptTrialReading => ({
  id: row.id,
  plotId: row.plotId,
  plant: row.plant,
  trait: row.trait,
  on: row.readOn,
  ...optional('value', row.value),
  ...optional('state', row.state),
  ...optional('signs', row.signs),
});

export const toMove = ({ plotId, withId, movedOn, reason }: TrialMoveEntity): TrialMove => ({
  plotId,
  withId,
  on: movedOn,
  reason,
});

/** Plots that are out: what was said last of each. */
export const standingOut = (said: readonly TrialExclusionEntity[]): readonly TrialExclusionEntity[] =>
  [...new Map(said.map((one) => [one.plotId, one])).values()].filter(({ isOut }) => isOut);

/** The plan with what was said of its differences since it was laid out. */
export function withSettled(plan: TrialPlan, later: readonly TrialSettledEntity[]): TrialPlan {
  const settled = new Map<string, SettledDifference>(plan.settled.map((one) => [one.circumstance, one]));
  for (const { circumstance, how, words } of later) settled.set(circumstance, { circumstance, how, words });
  return { ...plan, settled: [...settled.values()] };
}

/** All of a trial as the core analyses it. */
export async function recordOf(manager: EntityManager, trial: TrialEntity): Promise<TrialRecord> {
  const out = standingOut(await saidIn(manager, 'exclusion', trial.id));
  return {
    plan: withSettled(trial.plan, await saidIn(manager, 'settled', trial.id)),
    plots: (await plotsIn(manager, trial.id)).map(toPlot),
    readings: (await readingsIn(manager, trial.id)).map(toReading),
    out: out.map(({ plotId, reason }) => ({ plotId, reason })),
    moves: (await saidIn(manager, 'move', trial.id)).map(toMove),
  };
}
