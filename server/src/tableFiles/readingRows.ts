import type { FileRefusal } from '@bent-pail/contract';
import { readingRefusal, type ReadRow } from '@bent-pail/core';
import type { FileRow } from '../notebookFile/read';
import { idOf } from './ids';
import { keptRows, runsNumbered, type RunToFill } from './repository';
import type { Translate } from './translated';

/** `A`, `b` or `2`: the place of a replicate, from 0. */
function replicateOf(typed: string): number | undefined {
  if (/^[a-z]$/i.test(typed)) return typed.toUpperCase().charCodeAt(0) - 65;
  return /^\d{1,2}$/.test(typed) && Number(typed) > 0 ? Number(typed) - 1 : undefined;
}

interface Cell {
  readonly run: RunToFill;
  readonly replicate: number;
  readonly step: RunToFill['protocol']['steps'][number];
}

type Found = Cell | Pick<FileRefusal, 'column' | 'read' | 'why'>;
const not = (column: string, read: unknown, why: string): Found => ({ column, read: String(read), why });

/** The cell of the sheet that a row means, or why it means none. */
function cellOf({ values }: ReadRow, run: RunToFill | undefined): Found {
  if (run === undefined) return not('run', values.run, 'There is no run of this number.');
  if (!run.isOpen) return not('run', values.run, 'This run is finished or put away; open it again first.');
  const replicate = replicateOf(String(values.replicate));
  if (replicate === undefined || replicate >= run.replicates)
    return not(
      'replicate',
      values.replicate,
      `This run has the replicates A to ${String.fromCharCode(64 + run.replicates)}.`,
    );
  const said = String(values.step).toLowerCase();
  const step = run.protocol.steps.find(({ key, label }) => key.toLowerCase() === said || label.toLowerCase() === said);
  if (step === undefined) return not('step', values.step, 'Its protocol has no such step.');
  if (values.unit !== undefined && values.unit !== step.unit)
    return not('unit', values.unit, `This step is read in ${step.unit}.`);
  return { run, replicate, step };
}

/** Readings of open runs, each at the end of its run's order. */
export const readingRows: Translate = async (manager, rows, { userId, now }) => {
  const runs = await runsNumbered(
    manager,
    rows.map(({ values }) => Number(values.run)),
  );
  const refusals: FileRefusal[] = [];
  const cells = rows.flatMap((row) => {
    const { values } = row;
    const found = cellOf(row, runs.get(Number(values.run)));
    if ('why' in found) {
      refusals.push({ kind: 'readings', row: row.row, ...found });
      return [];
    }
    const body = { step: found.step.key, replicate: found.replicate, value: Number(values.value) };
    const sentence = readingRefusal(found.run.protocol, body);
    if (sentence !== undefined)
      refusals.push({ kind: 'readings', row: row.row, column: 'value', read: String(values.value), why: sentence });
    if (Date.parse(String(values.taken_at)) > now.getTime())
      refusals.push({
        kind: 'readings',
        row: row.row,
        column: 'taken at',
        read: String(values.taken_at),
        why: 'That is still to come.',
      });
    const id = idOf('reading', found.run.id, found.replicate, found.step.key, body.value, String(values.taken_at));
    return [{ row: row.row, id, run: found.run, unit: found.step.unit, ...body, at: String(values.taken_at) }];
  });
  const kept = await keptRows(
    manager,
    'readings',
    cells.map(({ id }) => id),
  );
  const last = new Map<string, number>();
  const made = cells.map(({ row, id, run, replicate, step, value, unit, at }): FileRow => {
    const known = kept.get(id);
    if (known !== undefined) return { kind: 'readings', row, value: known };
    const seq = (last.get(run.id) ?? run.seq) + 1;
    last.set(run.id, seq);
    const fresh = {
      id,
      run_id: run.id,
      seq,
      replicate,
      step,
      value,
      unit,
      taken_at: at,
      kept_at: now.toISOString(),
      by_user: userId,
    };
    return { kind: 'readings', row, value: fresh };
  });
  return { rows: made, refusals };
};
