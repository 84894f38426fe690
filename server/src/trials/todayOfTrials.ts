import type { TrialToday } from '@bent-pail/contract';
import { cellsLeft, dayAfter, dayIn, nextDay, plannedCells } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';
import type { Context } from '../context';
import { notebookRow } from '../notebook/repository';
import type { TrialEntity } from './entities';
import { standingOut, toPlot, toReading } from './record';
import { plotsIn, readingsOnDay, runningTrials, saidIn } from './repository';

/** How far ahead readings are told of, and how long one that was not taken is waited for, days. */
const AHEAD_d = 7;
const BACK_d = 3;

/** What stands of a trial, whatever the day. */
async function standing(manager: EntityManager, trial: TrialEntity) {
  return {
    plan: trial.plan,
    plots: (await plotsIn(manager, trial.id)).map(toPlot),
    out: standingOut(await saidIn(manager, 'exclusion', trial.id)),
    seed: trial.seed ?? 0,
  };
}

/** The readings that a trial asks for next: those of the last days that were not taken, today's, or the next ones. */
async function nextOf(manager: EntityManager, trial: TrialEntity, today: string): Promise<TrialToday | undefined> {
  const { id, name, plan } = trial;
  const stands = await standing(manager, trial);
  for (let from = dayAfter(today, -BACK_d); ;) {
    const on = nextDay(plan, from);
    if (on === undefined || on > dayAfter(today, AHEAD_d)) return undefined;
    const kept = { ...stands, readings: (await readingsOnDay(manager, id, on)).map(toReading) };
    const { planned, left } = cellsLeft(kept, on);
    if (planned > 0 && (left > 0 || on === today)) {
      const traits = [...new Set(plannedCells(kept, on).map(({ trait }) => trait))];
      return { id, name, on, traits, planned, left };
    }
    from = dayAfter(on, 1);
  }
}

/** Trials with readings to take within a week, the soonest first. */
export async function trialsToday({ db, clock }: Context): Promise<TrialToday[]> {
  const { manager } = db;
  const { zone } = await notebookRow(manager);
  const today = dayIn(zone, clock.now());
  const found: TrialToday[] = [];
  for (const trial of await runningTrials(manager)) {
    const next = await nextOf(manager, trial, today);
    if (next !== undefined) found.push(next);
  }
  return found.sort((a, b) => a.on.localeCompare(b.on) || a.name.localeCompare(b.name));
}
