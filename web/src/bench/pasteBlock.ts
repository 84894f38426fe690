import type { NewReading } from '@bent-pail/contract';
import { contradicts, isAsked, readingRefusal, Sheet, stepsShown, type RunRecord, type Step } from '@bent-pail/core';
import { readMoment } from '../shared/readMoment';
import { readTyped } from '../shared/units/mine';
import type { CellAt } from './cursor';
import { newReading } from './newReading';

/** What becomes of one pasted cell. */
export interface PastedCell extends CellAt {
  readonly text: string;
  readonly step: string;
  /** What will be kept; absent where nothing is. */
  readonly reading?: NewReading;
  /** Why nothing is kept, or what speaks against what is. */
  readonly sentence?: string;
}

interface Paste {
  readonly record: RunRecord;
  /** Where the block's first cell goes. */
  readonly at: CellAt;
  readonly block: readonly (readonly string[])[];
  /** Lines of the block run across the replicates instead of down the steps. */
  readonly turned: boolean;
  readonly zone: string;
  readonly now: number;
}

const turn = (block: readonly (readonly string[])[]): readonly (readonly string[])[] =>
  Array.from({ length: Math.max(...block.map((line) => line.length)) }, (_, i) => block.map((line) => line[i] ?? ''));

/** What a cell's text is as a reading of its step, or why it is none. */
function valueOf(step: Step, text: string, { zone, now }: Pick<Paste, 'zone' | 'now'>): number | string {
  if (step.kind === 'time') {
    const moment = readMoment(text, now, zone);
    return moment === undefined ? 'No time of the day, as 8:15, and not later than now.' : moment / 1000;
  }
  if (step.classes !== undefined) {
    const place = step.classes.findIndex((name) => name.toLowerCase() === text.toLowerCase());
    return place < 0 ? `None of: ${step.classes.join(', ')}.` : place;
  }
  const { number } = readTyped(text, step.unit);
  if (number.kind === 'ask') return 'Its comma may part decimals or thousands: type this one.';
  return number.kind === 'number' ? number.value : number.sentence;
}

/**
 * Lays a block of a spreadsheet over a sheet from one cell on, down its steps and across its replicates, and tells of
 * every cell what becomes of it. Empty ones are passed over; what stands already is left.
 */
export function pasteBlock({ record, at, block, turned, ...when }: Paste): readonly PastedCell[] {
  const { protocol, replicateCount, exclusions } = record;
  const cells = new Sheet(record.readings);
  const steps = stepsShown(protocol, cells, replicateCount);
  const first = steps.findIndex(({ key }) => key === at.step);
  const lines = turned ? turn(block) : block;
  const taken: NewReading[] = [];
  return lines.flatMap((line, down) =>
    line.flatMap((text, across): PastedCell[] => {
      if (text === '') return [];
      const step = steps[first + down];
      const replicate = at.replicate + across;
      if (step === undefined || replicate >= replicateCount)
        return [{ replicate, step: step?.key ?? '', text, sentence: 'The sheet has no cell for it.' }];
      const cell = { replicate, step: step.key, text };
      if (step.once === true && replicate > 0) return [{ ...cell, sentence: 'One reading is for all.' }];
      if (exclusions.some((one) => one.replicate === replicate)) return [{ ...cell, sentence: 'It is left out.' }];
      if (cells.cell(replicate, step.key).standing.length > 0)
        return [{ ...cell, sentence: 'Read already: it stays as it is.' }];
      if (!isAsked(step, cells, replicate)) return [{ ...cell, sentence: 'Not asked: it is dry.' }];
      const value = valueOf(step, text, when);
      if (typeof value === 'string') return [{ ...cell, sentence: value }];
      const refusal = readingRefusal(protocol, { step: step.key, value });
      if (refusal !== undefined) return [{ ...cell, sentence: refusal }];
      const reading = newReading(replicate, step.key, value);
      const against = contradicts({ ...record, readings: [...record.readings, ...taken] }, reading);
      taken.push(reading);
      return [{ ...cell, reading, ...(against === undefined ? {} : { sentence: against }) }];
    }),
  );
}
