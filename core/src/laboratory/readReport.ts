import { parseNumber } from '../runs';
import type { Step } from '../sheets';
import { formCalled, type Form } from './forms';
import { isNotFound, reportRows, type ReportRow } from './reportRows';
import { converted, isUnit, type SampleKnown } from './reportUnits';

/** A line of a report that a step of the sheet takes. */
export interface ReportLine {
  readonly step: Step;
  readonly value: number;
  readonly text: string;
  /** How it was converted into the sheet's unit, where it was. */
  readonly formula?: string;
}

/** What was below a laboratory's detection: the limit in the sheet's unit. */
export type BelowLine = ReportLine;

/** A line with a number that is not taken, and why. */
export interface UnreadReportLine {
  readonly text: string;
  readonly why: string;
  /** What it can be taken for, where a word is all that is missing. */
  readonly either?: readonly string[];
}

export interface ReadReport {
  readonly read: readonly ReportLine[];
  readonly below: readonly BelowLine[];
  readonly unread: readonly UnreadReportLine[];
  /** Names of the samples, where several stand in columns. */
  readonly samples: readonly string[];
}

/** What somebody said of a report besides its text. */
export interface ReportSettled {
  readonly density_kgL?: number | undefined;
  /** Which of several samples. */
  readonly sample?: number;
  /** As which form a line is to be taken, by its text. */
  readonly forms?: Readonly<Record<string, string>>;
  /** Lines that are not to be converted, by their text. */
  readonly unconverted?: readonly string[];
}

/** Letters of a report, and of one line of it: a line is a name, a number and a unit. */
export const REPORT_LIMITS = Object.freeze({ letters: 20_000, line: 200 });

/** Words in the name of a line; what has more is a sentence of the letter around it. */
const NAME_WORDS = 4;

/** Whether a comma is the report's decimal point: some number says so, and none has a point. */
function hasDecimalCommas(rows: readonly ReportRow[]): boolean {
  const values = rows.flatMap((row) => row.values);
  const says = values.some((value) => /^[<>]?-?0,\d+$|,\d{1,2}$|,\d{4,}$/.test(value));
  return says && !values.some((value) => value.includes('.'));
}

type Line = ReportLine | UnreadReportLine | { readonly below: BelowLine };

interface Known extends SampleKnown {
  readonly commas: boolean;
  readonly settled: ReportSettled;
}

/** The form that is meant, or why that is not clear. */
function formMeant({ name, text }: ReportRow, { settled }: Known): Form | UnreadReportLine {
  const form = formCalled(name);
  if (form === undefined) return { text, why: `${name} is not on the sheet` };
  if (!('either' in form)) return form;
  const chosen = form.either.find((one) => one.form === settled.forms?.[text]);
  if (chosen !== undefined) return chosen;
  const either = form.either.map((one) => one.form);
  return { text, why: `${name} is counted as ${either.join(' or ')}: say which`, either };
}

function readValue(row: ReportRow, given: string, form: Form, known: Known): Line {
  const { text, unit } = row;
  if (isNotFound(given)) return { text, why: 'is below detection, and the limit is not given' };
  const limit = /^[<>]/.exec(given)?.[0];
  const number = given.replace(/^[<>]\s*/, '');
  const typed = parseNumber(known.commas ? number.replace(',', '.') : number);
  if (typed.kind !== 'number')
    return { text, why: typed.kind === 'ask' ? `${number} could be two numbers` : typed.sentence };
  if (limit === '>') return { text, why: `${given} is a limit, not a value` };
  if (unit === '') return { text, why: `no unit is given; the sheet takes ${form.step.unit}` };
  const result = converted(typed.value, unit, form, known);
  if ('why' in result) return { text, why: result.why };
  const { value, formula } = result;
  if (formula !== undefined && known.settled.unconverted?.includes(text) === true)
    return { text, why: `is in ${unit} and is not to be converted` };
  const [lo, hi] = form.step.bounds;
  if (value < lo || value > hi)
    return { text, why: `${given} lies outside ${String(lo)} to ${String(hi)} ${form.step.unit}` };
  const line = { step: form.step, value, text, ...(formula === undefined ? {} : { formula }) };
  return limit === '<' ? { below: line } : line;
}

function readRow(row: ReportRow, known: Known): Line | undefined {
  const form = formMeant(row, known);
  if ('why' in form) {
    const isProse = !row.isColumns && row.name.split(' ').length > NAME_WORDS && !isUnit(row.unit);
    return isProse ? undefined : form;
  }
  const given = row.values.length === 1 ? row.values[0] : row.values[known.settled.sample ?? 0];
  return given === undefined || given === ''
    ? { text: row.text, why: 'has no value for this sample' }
    : readValue(row, given, form, known);
}

/**
 * A laboratory's report as text, read into the steps of the report sheet.
 *
 * A line is a name, a number and a unit, between semicolons, tabs, bars or spaces; several samples stand in columns. Oxides
 * and ions become the element, other units mg to a litre of medium (what is to a kilogram by the lot's dry bulk density),
 * each with its formula. "<0.5" is kept as below detection. What can mean two things, has no unit, a name that the sheet
 * does not know, or stands there twice is not taken and says why. Lines without a number are passed over. More than
 * `REPORT_LIMITS` is not read.
 */
export function readLabReport(report: string, settled: ReportSettled = {}): ReadReport {
  const read: ReportLine[] = [];
  const below: BelowLine[] = [];
  const unread: UnreadReportLine[] = [];
  if (report.length > REPORT_LIMITS.letters) {
    const why = 'is over 20,000 letters; paste the figures alone';
    return { read, below, unread: [{ text: report.slice(0, 60), why }], samples: [] };
  }
  const lines = report.split('\n');
  for (const line of lines.filter((one) => one.length > REPORT_LIMITS.line))
    unread.push({ text: line.slice(0, 60), why: 'is longer than a line of a report' });
  const { rows, samples } = reportRows(lines.filter((one) => one.length <= REPORT_LIMITS.line));
  const known: Known = {
    density_kgL: settled.density_kgL,
    isExtract: /\bextract/i.test(report),
    commas: hasDecimalCommas(rows),
    settled,
  };
  for (const row of rows) {
    const line = readRow(row, known);
    if (line === undefined) continue;
    if ('why' in line) {
      unread.push(line);
      continue;
    }
    const taken = 'below' in line ? line.below : line;
    if ([...read, ...below].some(({ step }) => step.key === taken.step.key))
      unread.push({ text: taken.text, why: `${taken.step.label} stands in the report twice` });
    else ('below' in line ? below : read).push(taken);
  }
  return { read, below, unread, samples };
}
