import type { TrialPage, TrialState } from '@bent-pail/contract';
import type { EntityManager } from 'typeorm';
import { namesOf } from '../accounts/repository';
import { optional } from '../database/optional';
import { notFound } from '../http/problems';
import type { TrialEntity } from './entities';
import { standingOut, toMove, toPlot, withSettled } from './record';
import { countReadings, plotsIn, saidIn, trialOf } from './repository';

export async function requireTrial(manager: EntityManager, id: string): Promise<TrialEntity> {
  const trial = await trialOf(manager, id);
  if (trial === null) throw notFound('trial');
  return trial;
}

export const stateOf = ({ laidOutAt, finishedAt }: TrialEntity): TrialState =>
  finishedAt !== null ? 'finished' : laidOutAt !== null ? 'running' : 'planned';

/** A trial as its page shows it, all but its readings. */
export async function trialPage(manager: EntityManager, id: string): Promise<TrialPage> {
  const trial = await requireTrial(manager, id);
  const before = trial.secondOf === null ? null : await trialOf(manager, trial.secondOf);
  const [events, exclusions, moves, settled] = [
    await saidIn(manager, 'event', id),
    await saidIn(manager, 'exclusion', id),
    await saidIn(manager, 'move', id),
    await saidIn(manager, 'settled', id),
  ];
  const said = [trial, ...events, ...exclusions, ...moves, ...settled];
  const names = await namesOf(
    manager,
    said.map(({ byUser }) => byUser),
  );
  const by = ({ byUser }: { readonly byUser: string }): string => names.get(byUser) ?? '';
  return {
    id,
    name: trial.name,
    state: stateOf(trial),
    plan: withSettled(trial.plan, settled),
    ...(before === null ? {} : { secondOf: { id: before.id, name: before.name } }),
    ...optional('seed', trial.seed),
    plots: (await plotsIn(manager, id)).map(toPlot),
    moves: moves.map((move) => ({ ...toMove(move), by: by(move) })),
    out: standingOut(exclusions).map((one) => ({
      plotId: one.plotId,
      reason: one.reason,
      by: by(one),
      at: one.keptAt.toISOString(),
    })),
    settledLater: settled.map((one) => ({
      circumstance: one.circumstance,
      how: one.how,
      words: one.words,
      by: by(one),
      at: one.keptAt.toISOString(),
    })),
    events: events
      .map((event) => ({
        id: event.id,
        on: event.happenedOn,
        kind: event.kind,
        ...optional('words', event.words),
        ...optional('arm', event.arm),
        ...optional('water_mL', event.water_mL),
        ...optional('keptUp', event.keptUp),
        by: by(event),
      }))
      .sort((a, b) => a.on.localeCompare(b.on)),
    readings: await countReadings(manager, id),
    ...optional('laidOutAt', trial.laidOutAt?.toISOString()),
    ...optional('finishedAt', trial.finishedAt?.toISOString()),
    ...(trial.archivedAt === null ? {} : { archived: true as const }),
    by: by(trial),
  };
}
