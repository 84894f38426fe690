import { property, replicateName, sampleWords, type CalibrationTrouble, type PropertyKey } from '@bent-pail/core';
import type { CardFigureRow, ResultRow, RunsToTell } from './repository';
import { protocolOf } from '../bench/runRecords';

/** One row of a tidy table; a missing value is an empty cell. */
export type Row = Readonly<Record<string, string | number | null | undefined>>;

const READING_COLUMNS = [
  'run',
  'protocol',
  'material',
  'lot',
  'replicate',
  'step',
  'value',
  'unit',
  'mv_read_at_c',
  'taken_at',
  'kept_at',
  'by',
  'replaced',
  'reason',
  'left_out',
  'instrument',
  'calibration',
  'calibration_note',
];

const SUMMARY = ['property', 'unit', 'mean', 'sd', 'se', 'n', 'words'];
const TROUBLE = ['calibration', 'calibration_note'];

/** Headings of each table. */
export const COLUMNS = {
  readings: READING_COLUMNS,
  results: ['run', 'finished_at', 'protocol', 'material', 'lot', ...SUMMARY, 'sample', ...TROUBLE],
  cards: ['material', 'lot', ...SUMMARY, 'method', 'origin', 'runs', 'newest', ...TROUBLE],
} as const satisfies Readonly<Record<string, readonly string[]>>;

export type Table = keyof typeof COLUMNS;

/** Every reading of some runs, corrected ones too: one row each. */
export function readingRows({ runs, rows, lotOf, nameOf }: RunsToTell): Row[] {
  const corrected = new Set(rows.readings.map(({ corrects }) => corrects));
  return runs.flatMap((run) => {
    const { key, version, steps } = protocolOf(rows, run);
    return rows.readings
      .filter(({ runId }) => runId === run.id)
      .map((reading): Row => {
        const step = steps.find((one) => one.key === reading.step);
        const stamp = rows.stampOfReading(reading);
        return {
          run: run.number,
          protocol: `${key}@${String(version)}`,
          ...lotOf(run),
          replicate: replicateName(reading.replicate),
          step: step?.label ?? reading.step,
          value: step?.classes?.[reading.value] ?? reading.value,
          unit: reading.mVTemp_C === null ? step?.unit : 'mV',
          mv_read_at_c: reading.mVTemp_C,
          taken_at: reading.takenAt.toISOString(),
          kept_at: reading.keptAt.toISOString(),
          by: nameOf(reading.byUser),
          replaced: corrected.has(reading.id) ? 'yes' : undefined,
          reason: reading.reason,
          left_out: rows.exclusions.find((one) => one.runId === run.id && one.replicate === reading.replicate)?.reason,
          instrument: stamp?.instrument,
          calibration: stamp?.state,
          calibration_note: stamp?.sentence,
        };
      });
  });
}

interface Summarised {
  readonly property: string;
  readonly mean: number;
  readonly sd: number | null;
  readonly se: number | null;
  readonly n: number;
  readonly words: string | null;
  readonly trouble: object | null;
}

function summaryColumns({ property: key, mean, sd, se, n, words, trouble }: Summarised): Row {
  const { label, unit } = property(key as PropertyKey);
  const { state, sentence } = (trouble ?? {}) as Partial<CalibrationTrouble>;
  return { property: label, unit, mean, sd, se, n, words, calibration: state, calibration_note: sentence };
}

/** What some finished runs came to: one row a property. */
export const resultRow = (row: ResultRow): Row => ({
  ...summaryColumns(row),
  run: row.run,
  finished_at: row.finishedAt.toISOString(),
  protocol: row.protocol,
  material: row.material,
  lot: row.lot,
  sample: row.sample === null ? undefined : sampleWords(row.sample),
});

/** Every figure of some lots' cards: one row each. */
export const cardRow = (row: CardFigureRow): Row => ({
  ...summaryColumns(row),
  material: row.material,
  lot: row.lot,
  method: row.method,
  origin: row.origin,
  runs: row.runs,
  newest: row.newest?.toISOString(),
});
