import type { FigureWithout, LeaveOut, LifeNode, LotLife } from '@bent-pail/contract';
import type { LotFigure, LotRecord, RunRecord } from '@bent-pail/core';
import { loadLotRecord } from '../cards/lotRecord';
import type { Context } from '../context';
import { optional } from '../database/optional';
import { notFound, refused } from '../http/problems';
import { lotAndMaterial, lotOf } from '../shelf/lotRepository';
import { runsBehind, usesOf, type LifeRow } from './repository';

const nodeOf = ({ kind, id, title, at, number, readings, leftOut }: LifeRow): LifeNode => ({
  kind,
  id,
  title,
  at: at.toISOString(),
  ...optional('number', number),
  ...optional('readings', readings),
  ...optional('leftOut', leftOut),
});

/** Where the figures of a lot come from, and where they go. */
export async function lotLife({ db: { manager } }: Context, lotId: string): Promise<LotLife> {
  if ((await lotOf(manager, lotId)) === null) throw notFound('lot');
  const { lot, material } = await lotAndMaterial(manager, lotId);
  return {
    lot: { id: lot.id, name: material.name, code: lot.code },
    restsOn: (await runsBehind(manager, lotId)).map(nodeOf),
    goesInto: (await usesOf(manager, lotId)).map(nodeOf),
  };
}

const keyOf = ({ property, methodKey }: LotFigure): string => `${property} ${methodKey}`;

const toldOf = ({ summary: { mean, sd, n } }: LotFigure): NonNullable<FigureWithout['is']> => ({
  mean,
  n,
  ...(sd === undefined ? {} : { sd }),
});

/** A run in which one replicate is left out besides. */
const withoutReplicate = (run: RunRecord, replicate: number): RunRecord => ({
  ...run,
  exclusions: [...run.exclusions, { replicate, reason: 'to see what changes' }],
});

/** A run without a reading; what its replicate cannot be worked out without takes the replicate along. */
function withoutReading(run: RunRecord, replicate: number, key: string): RunRecord {
  const step = run.protocol.steps.find((one) => one.key === key);
  if (step === undefined) throw refused('step', 'Its protocol has no such step.');
  const isIt = (one: RunRecord['readings'][number]): boolean => one.replicate === replicate && one.step === key;
  if (!run.readings.some(isIt)) throw refused('step', 'Nothing was read there.');
  return step.optional === true
    ? { ...run, readings: run.readings.filter((one) => !isIt(one)) }
    : withoutReplicate(run, replicate);
}

/** A record in which one replicate, or one reading, is left out besides. */
function without(record: LotRecord, { runId, replicate, step }: LeaveOut): LotRecord {
  const run = record.runs.find(({ id }) => id === runId);
  if (run === undefined) throw refused('runId', 'This run is not one that its card rests on.');
  if (replicate >= run.replicateCount) throw refused('replicate', 'This run has no such replicate.');
  const changed = step === undefined ? withoutReplicate(run, replicate) : withoutReading(run, replicate, step);
  return { ...record, runs: record.runs.map((one) => (one.id === runId ? changed : one)) };
}

/** The figures of a lot's card that would be others if a replicate were left out; nothing is kept. */
export async function figuresWithout(
  { db, cards }: Context,
  lotId: string,
  body: LeaveOut,
): Promise<readonly FigureWithout[]> {
  const record = await db.transaction('REPEATABLE READ', async (manager) => {
    if ((await lotOf(manager, lotId)) === null) throw notFound('lot');
    return loadLotRecord(manager, lotId);
  });
  const [is, would] = [await cards.tryOut(record), await cards.tryOut(without(record, body))];
  const before = new Map(is.figures.map((figure) => [keyOf(figure), figure]));
  const after = new Map(would.figures.map((figure) => [keyOf(figure), figure]));
  return [...new Set([...before.keys(), ...after.keys()])].flatMap((key): FigureWithout[] => {
    const [old, next] = [before.get(key), after.get(key)];
    const figure = old ?? next;
    if (figure === undefined) return [];
    const isSame =
      old !== undefined && next !== undefined && JSON.stringify(toldOf(old)) === JSON.stringify(toldOf(next));
    if (isSame) return [];
    return [
      {
        property: figure.property,
        method: figure.method,
        ...(old === undefined ? {} : { is: toldOf(old) }),
        ...(next === undefined ? {} : { would: toldOf(next) }),
      },
    ];
  });
}
