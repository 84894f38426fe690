import { readLabReport, type BelowLine, type ReportLine } from './readReport';
import { isUnit } from './reportUnits';

/** A column of a laboratory's table, with what it says of one sample. */
interface SaidOf {
  readonly heading: string;
  readonly text: string;
}

/** What a laboratory's table says of one sample. */
export interface SampleRead {
  readonly read: readonly ReportLine[];
  readonly below: readonly BelowLine[];
  /** Columns that the report sheet has no line for. */
  readonly others: readonly SaidOf[];
  /** Columns that cannot be taken as they stand, and why. */
  readonly refused: readonly (SaidOf & { readonly why: string })[];
}

/** "Potassium, mg/L" or "K mg/L": the unit at the end of a heading as a column of its own. */
function unitApart(heading: string): readonly [name: string, unit: string] {
  const [, name = heading, unit = ''] = /^(.+?)[\s,]+([^\s,()[\]]+)$/.exec(heading) ?? [];
  return isUnit(unit) ? [name, unit] : [heading, ''];
}

/** A heading and a cell as a line of a report; what would part a line is none of it. */
const lineOf = ({ heading, text }: SaidOf): string => {
  const clean = (part: string): string => part.replaceAll(/[;\t|\n]+/g, ' ').trim();
  const [name, unit] = unitApart(clean(heading));
  return [name, clean(text), unit].join(';').replace(/;$/, '');
};

/**
 * One row of a laboratory's table: a sample with an element a column, by heading. Each column is read as a line of its
 * own report, with the unit of its heading, in the same way as a report that is pasted. `density_kgL` is the lot's dry
 * bulk density, for what is to a kilogram; `extract` what the laboratory extracted with, where it says so.
 */
export function readSampleRow(
  further: Readonly<Record<string, string>>,
  { density_kgL, extract }: { readonly density_kgL?: number | undefined; readonly extract?: string | undefined },
): SampleRead {
  const columns = Object.entries(further).map(([heading, text]): SaidOf => ({ heading, text }));
  const method = extract === undefined ? [] : [`Method;${extract.replaceAll(/[;\t|\n]+/g, ' ')} extract`];
  const report = readLabReport([...method, ...columns.map(lineOf)].join('\n'), { density_kgL });
  const said = new Map(
    columns.map((one) => [
      lineOf(one)
        .replaceAll(/[^\S\t]+/g, ' ')
        .trim(),
      one,
    ]),
  );
  const others: SaidOf[] = [];
  const refused: (SaidOf & { readonly why: string })[] = [];
  for (const { text, why } of report.unread) {
    const of = said.get(text) ?? { heading: '', text };
    if (why.endsWith('is not on the sheet')) others.push(of);
    else refused.push({ ...of, why });
  }
  const known = new Set([...report.read, ...report.below, ...report.unread].map(({ text }) => text));
  // A word where a number should be is no line of a report: it is told all the same.
  for (const [line, of] of said) if (!known.has(line)) others.push(of);
  return { read: report.read, below: report.below, others, refused };
}
