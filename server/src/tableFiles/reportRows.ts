import type { FileRefusal } from '@bent-pail/contract';
import {
  defaultSettings,
  findMediaClass,
  LAB_REPORT,
  readSampleRow,
  type ReadRow,
  type SampleRead,
} from '@bent-pail/core';
import { refused } from '../http/problems';
import type { FileRow } from '../notebookFile/read';
import { idOf } from './ids';
import { keptRows, lotsSampled, nextRunNumber, type SampledLot } from './repository';
import type { Translate } from './translated';

/** A sample of a report, and the run that it becomes. */
interface Reported {
  readonly row: number;
  readonly id: string;
  readonly lot: SampledLot;
  readonly at: string;
  readonly extract: string | undefined;
  readonly read: SampleRead;
}

/** The lot that is meant, or why none is. */
function lotMeant(found: readonly SampledLot[]): SampledLot | string {
  const [only, ...others] = found;
  if (only === undefined) return 'There is no lot of this code or name at hand; write it as on its label.';
  if (others.length > 0)
    return `It could be ${found.map(({ name, code }) => `${name}, ${code}`).join(' or ')}; write it so.`;
  return only;
}

const needed = LAB_REPORT.steps.filter(({ optional }) => optional !== true).map(({ key }) => key);

/** What is kept beside the figures: the method, what was below detection, and what has no line on the sheet. */
function noteOf({ extract, read: { read, below, others } }: Reported): string {
  return [
    ...(extract === undefined ? [] : [`Extract: ${extract}.`]),
    ...below.map(({ step, value }) => `${step.label} is below ${String(value)} ${step.unit}.`),
    ...read.flatMap(({ step, value, formula }) =>
      formula === undefined ? [] : [`${step.label} ${String(value)} ${step.unit} = ${formula}.`],
    ),
    ...(others.length === 0
      ? []
      : [`Also reported: ${others.map(({ heading, text }) => `${heading} ${text}`).join('; ')}.`]),
  ].join(' ');
}

/** What is said of a line, as a sentence by itself. */
const whole = (why: string): string =>
  `${/^(is|has) /.test(why) ? `It ${why}` : `${why.charAt(0).toUpperCase()}${why.slice(1)}`}.`;

const MOST_NOTE = 2000;
/** No laboratory sends more at once; each is read column by column. */
const MOST_SAMPLES = 1000;

function rowsOf(
  one: Reported,
  { number, userId, keptAt }: { number: number; userId: string; keptAt: string },
): FileRow[] {
  const { row, id, lot, at, read } = one;
  const keys = new Set(read.read.map(({ step }) => step.key));
  const isFull = needed.every((key) => keys.has(key));
  const settings = defaultSettings(lot.classId === null ? undefined : findMediaClass(lot.classId), LAB_REPORT);
  const run = {
    id,
    number,
    lot_id: lot.id,
    protocol_key: LAB_REPORT.key,
    protocol_version: LAB_REPORT.version,
    replicate_count: 1,
    vessel_ids: [],
    instrument_ids: [],
    packing_habit: settings.packingHabit,
    press_gcm2: settings.press_gcm2 ?? null,
    soak_min: settings.soak_min,
    drain_min: settings.drain_min,
    oven_temp_c: settings.ovenTemp_C,
    started_by: userId,
    started_at: at,
    finished_at: isFull ? at : null,
    reading_seq: read.read.length,
    version: 1,
  };
  const note = noteOf(one).slice(0, MOST_NOTE);
  return [
    { kind: 'runs', row, value: run },
    ...read.read.map(({ step, value }, i): FileRow => ({
      kind: 'readings',
      row,
      value: {
        id: idOf('reported', id, step.key),
        run_id: id,
        seq: i + 1,
        replicate: 0,
        step: step.key,
        value,
        unit: step.unit,
        taken_at: at,
        kept_at: keptAt,
        by_user: userId,
      },
    })),
    ...(note === ''
      ? []
      : [
          {
            kind: 'run_notes',
            row,
            value: { id: idOf('report-note', id), run_id: id, text: note, by_user: userId, kept_at: keptAt },
          },
        ]),
  ];
}

/** Samples of a laboratory's table: each a run on its lot, finished where the sheet is full. */
export const reportRows: Translate = async (manager, rows, { userId, now }) => {
  const lots = await lotsSampled(
    manager,
    rows.map(({ values }) => String(values.sample)),
  );
  if (rows.length > MOST_SAMPLES) throw refused('file', `Take at most ${String(MOST_SAMPLES)} samples at a time.`);
  const refusals: FileRefusal[] = [];
  const reported = rows.flatMap((given: ReadRow): Reported[] => {
    const { row, values, further = {} } = given;
    const sample = String(values.sample);
    const refuse = (column: string, read: string, why: string): void => {
      refusals.push({ kind: 'runs', row, column, read, why });
    };
    const lot = lotMeant(lots.get(sample.toLowerCase()) ?? []);
    if (typeof lot === 'string') {
      refuse('sample: the lot', sample, lot);
      return [];
    }
    const day = String(values.reported_on);
    if (day > now.toISOString().slice(0, 10)) refuse('reported on', day, 'That is still to come.');
    const extract = values.extract === undefined ? undefined : String(values.extract);
    const read = readSampleRow(further, { density_kgL: lot.density_kgL ?? undefined, extract });
    for (const { heading, text, why } of read.refused) refuse(heading, text, whole(why));
    if (read.read.length === 0 && read.refused.length === 0)
      refuse('sample: the lot', sample, 'No column of this table is an element with its unit, as Potassium (mg/L).');
    const noon = `${day}T12:00:00.000Z`;
    const at = Date.parse(noon) > now.getTime() ? now.toISOString() : noon;
    const figures = read.read.map(({ step, value }) => `${step.key} ${String(value)}`);
    return [{ row, id: idOf('report', lot.id, day, ...figures), lot, at, extract, read }];
  });
  const known = await keptRows(
    manager,
    'runs',
    reported.map(({ id }) => id),
  );
  const first = await nextRunNumber(manager);
  const keptAt = now.toISOString();
  return {
    rows: reported.flatMap((one, i) => {
      const there = known.get(one.id);
      // Known by what it says: the run that it became stands as it is.
      if (there !== undefined) return [{ kind: 'runs', row: one.row, value: there }];
      return rowsOf(one, { number: first + i, userId, keptAt });
    }),
    refusals,
  };
};
