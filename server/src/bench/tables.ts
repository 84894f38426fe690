import { replicateName, sampleWords } from '@bent-pail/core';
import { SUMMARY, summaryColumns, TROUBLE } from '../exports/summaryColumns';
import type { Row, Table } from '../exports/table';
import { protocolOf } from './runRecords';
import {
  resultsToTell,
  runsListed,
  runsToTell,
  type ResultRow,
  type RunsToTell,
  type RunToTell,
} from './tableRepository';

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

/** Every reading of some runs, corrected ones too: one row each. */
function readingRows({ runs, rows, lotOf, nameOf }: RunsToTell): Row[] {
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

/** What some finished runs came to: one row a property. */
const resultRow = (row: ResultRow): Row => ({
  ...summaryColumns(row),
  run: row.run,
  finished_at: row.finishedAt.toISOString(),
  protocol: row.protocol,
  material: row.material,
  lot: row.lot,
  sample: row.sample === null ? undefined : sampleWords(row.sample),
});

export const readings: Table = {
  name: 'readings',
  columns: READING_COLUMNS,
  rows: async function* ({ db }, wanted) {
    for await (const runs of runsToTell(db.manager, wanted)) yield readingRows(runs);
  },
};

export const results: Table = {
  name: 'results',
  columns: ['run', 'finished_at', 'protocol', 'material', 'lot', ...SUMMARY, 'sample', ...TROUBLE],
  rows: async function* ({ db }, wanted) {
    for await (const rows of resultsToTell(db.manager, wanted)) yield rows.map(resultRow);
  },
};

const runRow = ({ startedAt, finishedAt, away, ...row }: RunToTell): Row => ({
  ...row,
  begun_at: startedAt.toISOString(),
  finished_at: finishedAt?.toISOString(),
  put_away: away ? 'yes' : null,
});

export const runs: Table = {
  name: 'runs',
  columns: [
    'run',
    'protocol',
    'material',
    'lot',
    'replicates',
    'readings',
    'group',
    'by',
    'begun_at',
    'finished_at',
    'put_away',
  ],
  rows: async function* ({ db }, wanted) {
    for await (const rows of runsListed(db.manager, wanted)) yield rows.map(runRow);
  },
};
