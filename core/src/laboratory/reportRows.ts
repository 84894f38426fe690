import { isUnit } from './reportUnits';

/** A row of a report: what it names, its values by sample, its unit where it has one of its own. */
export interface ReportRow {
  readonly text: string;
  readonly name: string;
  readonly values: readonly string[];
  readonly unit: string;
  /** It stood in columns, not in a sentence. */
  readonly isColumns: boolean;
}

export interface ReportRows {
  readonly rows: readonly ReportRow[];
  /** Names of the samples, where there are several. */
  readonly samples: readonly string[];
}

const VALUE = /^[<>]?\s*-?\d[\d., ]*$/;
const NOT_FOUND = /^(n\.?\s?d\.?|bdl|<\s?(lod|loq|dl)|not detected|below detection)$/i;
export const isNotFound = (value: string): boolean => NOT_FOUND.test(value);

const isValue = (cell: string): boolean => VALUE.test(cell) || isNotFound(cell);

/** "K (mg/L)", "Mg [mg/l]": the unit in the name's brackets. */
function unitInName(name: string): readonly [string, string] {
  const found = /^(.*?)\s*[([]([^()[\]]+)[)\]]\s*:?$/.exec(name);
  const [, before, unit] = found ?? [];
  return before !== undefined && unit !== undefined && isUnit(unit) ? [before, unit] : [name, ''];
}

/** A row of columns, with the places of its cells kept: a gap among samples is a gap. */
interface Columns extends ReportRow {
  readonly cells: readonly string[];
  readonly at: readonly number[];
}

function columnsOf(text: string, given: readonly string[]): Columns | undefined {
  // A number of its own before each name is no value.
  const cells = /^\d+\.?$/.test(given[0] ?? '') && !isValue(given[1] ?? '') ? given.slice(1) : given;
  const [first = '', ...others] = cells;
  const at = cells.flatMap((cell, i) => (i > 0 && isValue(cell) ? [i] : []));
  if (at.length === 0) return undefined;
  const [name, inName] = unitInName(first);
  const unit = others.find((cell) => !isValue(cell) && cell !== '') ?? '';
  const values = at.map((i) => tight(cells[i]));
  return { text, name, values, unit: unit === '' ? inName : unit, isColumns: true, cells, at };
}

const tight = (cell = ''): string => cell.replaceAll(/\s/g, '');

/** Values under the heads of their samples; where a row has none there is none. */
function aligned(rows: readonly (ReportRow | Columns)[]): readonly ReportRow[] {
  const fullest = rows.reduce<readonly number[]>(
    (most, row) => ('at' in row && row.at.length > most.length ? row.at : most),
    [],
  );
  if (fullest.length < 2) return rows;
  return rows.map((row) =>
    'at' in row && row.at.length < fullest.length
      ? { ...row, values: fullest.map((i) => (isValue(row.cells[i] ?? '') ? tight(row.cells[i]) : '')) }
      : row,
  );
}

/** "Potassium mg/L 180": the unit stands behind the name. */
function unitBehind(written: string): readonly [string, string] {
  const words = written.split(' ');
  const last = words.at(-1) ?? '';
  return words.length > 1 && isUnit(last) ? [words.slice(0, -1).join(' '), last] : unitInName(written);
}

/** "Potassium: 180 mg/L": the number is the last word that begins as one, behind a name. */
function spokenRow(text: string): ReportRow | undefined {
  const words = text.split(' ');
  const at = words.findLastIndex((word) => /^[<>]?-?\d[\d.,]*$/.test(word));
  if (at < 1) return undefined;
  const isLimit = words[at - 1] === '<' || words[at - 1] === '>';
  const written = words.slice(0, isLimit ? at - 1 : at).join(' ');
  const unit = words.slice(at + 1).join(' ');
  const [name, inName] = unitBehind(written.replace(/[\s:=.]+$/, ''));
  const isSum = /\d$/.test(name) && !/[A-Za-z]\d$/.test(name);
  if (name === '' || isSum || (/\d/.test(unit) && !isUnit(unit))) return undefined;
  const value = `${isLimit ? (words[at - 1] ?? '') : ''}${words[at] ?? ''}`;
  return { text, name, values: [value], unit: unit === '' ? inName : unit, isColumns: false };
}

/** The head above columns: names of samples over their values, and a unit for all. */
interface Head {
  readonly samples: readonly string[];
  readonly unit: string;
}

const HEAD_WORDS = /^(element|analyte|parameter|unit|units|result|results|value|name)$/i;

function headOf(cells: readonly string[]): Head {
  const others = cells.slice(1);
  return {
    samples: others.filter((cell) => cell !== '' && !HEAD_WORDS.test(cell) && !isUnit(cell)),
    unit: others.find((cell) => isUnit(cell)) ?? '',
  };
}

/** Splits a report into rows: columns between semicolons, tabs or bars, else sentences that end in a number and a unit. */
export function reportRows(lines: readonly string[]): ReportRows {
  const found: (ReportRow | Columns)[] = [];
  let head: Head = { samples: [], unit: '' };
  for (const line of lines) {
    const text = line.replaceAll(/[^\S\t]+/g, ' ').trim();
    if (text === '') continue;
    const cells = text.split(/[;\t|]/).map((cell) => cell.trim());
    if (cells.length < 2) {
      const spoken = spokenRow(text);
      if (spoken !== undefined) found.push(spoken);
      continue;
    }
    const row = columnsOf(text, cells);
    if (row === undefined) head = headOf(cells);
    else found.push(row.unit === '' ? { ...row, unit: head.unit } : row);
  }
  const rows = aligned(found);
  const many = Math.max(0, ...rows.map(({ values }) => values.length));
  if (many < 2) return { rows, samples: [] };
  return { rows, samples: Array.from({ length: many }, (_, i) => head.samples[i] ?? `Sample ${String(i + 1)}`) };
}
