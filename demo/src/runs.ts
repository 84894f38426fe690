import { NewExclusion, NewReading, NewRun } from '@bent-pail/contract';
import { PROTOCOLS, RUN_DEFAULTS, type Protocol } from '@bent-pail/core';
import type { Principal } from '@bent-pail/server/http/principal';
import { keepReading } from '@bent-pail/server/bench/keepReading';
import { exclude, finishRun, startRun } from '@bent-pail/server/bench/service';
import { readBody } from '@bent-pail/server/http/body';
import { v7 as uuidv7 } from 'uuid';
import type { RunFile } from './files';
import { daysBefore, named, type Happening, type Loading } from './loading';
import { planRun, replicatesOf, type Planned } from './schedule';

const MINUTE_MS = 60000;

/**
 * Runs as they were made: started, read, corrected, a replicate excluded, finished; the last ones are still open. Every
 * reading happens at its own time, so that it meets the calibrations of its day.
 */
export function runHappenings(loading: Loading): Happening[] {
  return loading.files.runs.flatMap((run) => {
    const protocol = PROTOCOLS.find((one) => one.key === run.protocol);
    if (protocol === undefined)
      throw new Error(`The demo files speak of the protocol "${run.protocol}", which does not exist.`);
    const plan = planRun(run, protocol, RUN_DEFAULTS.drain_min);
    const last = plan.at(-1)?.minute ?? 0;
    const began =
      'lastMinutesAgo' in run.start
        ? loading.loadedAt - (run.start.lastMinutesAgo + last) * MINUTE_MS
        : daysBefore(loading, run.start.daysAgo, run.start.at);
    const id = uuidv7();
    const me = named(loading.people, run.by, 'person');
    return [
      { at: began, happen: () => start(loading, me, id, run, protocol) },
      ...plan.map((planned) => ({
        at: began + planned.minute * MINUTE_MS,
        happen: () => read(loading, me, id, run, planned),
      })),
      { at: began + last * MINUTE_MS, happen: () => close(loading, me, id, run) },
    ];
  });
}

async function start(loading: Loading, me: Principal, id: string, run: RunFile, protocol: Protocol): Promise<void> {
  const body = {
    id,
    lotId: named(loading.lots, run.lot, 'lot'),
    protocol: protocol.key,
    replicates: replicatesOf(run),
    vesselIds: run.vessels.map((name) => named(loading.vessels, name, 'vessel')),
    settings: {
      packingHabit: run.packing,
      soak_min: run.soak_min,
      drain_min: RUN_DEFAULTS.drain_min,
      ovenTemp_C: RUN_DEFAULTS.ovenTemp_C,
    },
  };
  await startRun(loading.context, me, readBody(NewRun, body));
}

/** What was left out is left out, and a run that was not broken off is finished. */
async function close({ context }: Loading, me: Principal, id: string, run: RunFile): Promise<void> {
  for (const exclusion of run.excluded ?? []) {
    await exclude(context, me, id, readBody(NewExclusion, { id: uuidv7(), ...exclusion }));
  }
  if (run.stopAfter === undefined) await finishRun(context, me, id);
}

/** One reading; where the file says that it was mistyped first, the wrong one and its correction. */
async function read(
  { context, clock }: Loading,
  me: Principal,
  runId: string,
  run: RunFile,
  planned: Planned,
): Promise<void> {
  const { replicate, step } = planned;
  const value = planned.value === 'now' ? clock.now() / 1000 : planned.value;
  const keep = async (typed: number, more: object): Promise<string> => {
    const id = uuidv7();
    const takenAt = new Date(clock.now()).toISOString();
    await keepReading(
      context,
      me,
      runId,
      readBody(NewReading, { id, replicate, step, value: typed, takenAt, ...more }),
    );
    return id;
  };
  const correction = run.corrections?.find((one) => one.step === step && one.replicate === replicate);
  if (correction === undefined) {
    await keep(value, {});
    return;
  }
  const corrects = await keep(correction.typed, {});
  await keep(value, { corrects, reason: correction.reason });
}
