import { parseNumber } from '../runs';
import { readMeasure } from '../units';
import { dayOrderOf, readDay, readMoment, type DayOrder } from './days';
import type { TableMapping } from './headings';
import type { TableField, TableKind } from './tableKinds';

/** A row as it was read: its place in the table, from 1, and its fields. */
export interface ReadRow {
  readonly row: number;
  readonly values: Readonly<Record<string, string | number>>;
  /** What stands in columns that are no fields, by their headings; only where the kind takes them. */
  readonly further?: Readonly<Record<string, string>>;
}

/** A cell that cannot be read. */
export interface TableRefusal {
  readonly row: number;
  /** The words of the field. */
  readonly column: string;
  readonly read: string;
  readonly why: string;
}

interface Context {
  /** Moments without a zone are of this one, as an offset in minutes at that time. */
  readonly offsetAt: (localIso: string) => number;
  readonly order: DayOrder;
  /** Whether "1,234" is 1.234 in this column; undefined where nothing tells. */
  readonly isDecimal: boolean | undefined;
  /** The unit that the heading names, where that is another than the field's. */
  readonly headed: string | undefined;
}

/** Whether a comma is the mark of decimals in a column, by its other cells. */
function commaIsDecimal(cells: readonly string[]): boolean | undefined {
  if (cells.some((cell) => /\d\.\d+\s*$/.test(cell))) return false;
  if (cells.some((cell) => /,\d{1,2}\s*$|,\d{4,}\s*$|^\s*-?0,\d/.test(cell))) return true;
  return undefined;
}

type Cell = { readonly value: string | number } | { readonly why: string };

/** "Pack (gal)", "weight, lb": the unit of a heading, where it is one of the field's kind and not the field's own. */
export function headedUnit(heading: string, { unit }: Pick<TableField, 'unit'>): string | undefined {
  if (unit === undefined) return undefined;
  const named = [/[([]([^()[\]]+)[)\]]\s*$/, /[\s,]([^\s,]+(?: [^\s,]+)?)\s*$/, /[\s,]([^\s,]+)\s*$/]
    .map((at) => at.exec(heading)?.[1] ?? '')
    .find((one) => one !== '' && readMeasure(`1 ${one}`, unit).unit !== undefined);
  return named !== undefined && readMeasure(`1 ${named}`, unit).unit !== readMeasure(`1 ${unit}`, unit).unit
    ? named
    : undefined;
}

function numberOf(text: string, { unit }: TableField, { isDecimal, headed }: Context): Cell {
  const isBare = /^[\s\d.,+-]*$/.test(text);
  const { number: read } =
    unit === undefined
      ? { number: parseNumber(text) }
      : readMeasure(isBare && headed !== undefined ? `${text} ${headed}` : text, unit);
  if (read.kind === 'number') return { value: read.value };
  if (read.kind === 'refused')
    return { why: isBare || unit === undefined ? 'It is not a number; write it as 12.5 or 12,5.' : read.sentence };
  if (isDecimal === undefined)
    return {
      why: `It could be ${String(read.asDecimal)} or ${String(read.asThousands)}; write it as ${String(read.asThousands)} or ${String(read.asDecimal)}.`,
    };
  return { value: isDecimal ? read.asDecimal : read.asThousands };
}

function cellOf(text: string, field: TableField, context: Context): Cell {
  switch (field.reads) {
    case 'text':
      return { value: text };
    case 'number':
      return numberOf(text, field, context);
    case 'day': {
      const day = readDay(text, context.order);
      return day === undefined ? { why: 'It is not a day; write it as 2026-11-24.' } : { value: day };
    }
    case 'moment': {
      const moment = readMoment(text, context.order, context.offsetAt);
      return moment === undefined ? { why: 'It is not a time; write it as 2026-11-24 08:15.' } : { value: moment };
    }
  }
}

/**
 * Reads the rows below the headings. Blank rows are passed over; a row with a cell that cannot be read is refused as a
 * whole, with each such cell.
 */
export function readTable(
  kind: TableKind,
  rows: readonly (readonly string[])[],
  {
    headings,
    mapping,
    offsetAt,
  }: { readonly headings: number; readonly mapping: TableMapping } & Pick<Context, 'offsetAt'>,
): { readonly read: readonly ReadRow[]; readonly refused: readonly TableRefusal[] } {
  const below = rows.slice(headings + 1);
  const names = rows[headings] ?? [];
  const others =
    kind.takesFurther === true
      ? names.flatMap((name, at) =>
          name.trim() === '' || Object.values(mapping).includes(at) ? [] : [{ name: name.trim(), at }],
        )
      : [];
  const columns = kind.fields.flatMap((field) => {
    const at = mapping[field.key];
    if (at === undefined) return [];
    const cells = below.map((row) => row[at] ?? '');
    const context = {
      offsetAt,
      order: dayOrderOf(cells),
      isDecimal: commaIsDecimal(cells),
      headed: headedUnit(names[at] ?? '', field),
    };
    return [{ field, at, context }];
  });
  const read: ReadRow[] = [];
  const refused: TableRefusal[] = [];
  below.forEach((cells, i) => {
    if (cells.every((cell) => cell.trim() === '')) return;
    const row = headings + 2 + i;
    const values: Record<string, string | number> = {};
    const before = refused.length;
    for (const { field, at, context } of columns) {
      const text = (cells[at] ?? '').trim();
      if (text === '') continue;
      const cell = cellOf(text, field, context);
      if ('value' in cell) values[field.key] = cell.value;
      else refused.push({ row, column: field.words, read: text, why: cell.why });
    }
    for (const { key, words, isNeeded } of kind.fields)
      if (isNeeded === true && !(key in values) && refused.length === before)
        refused.push({ row, column: words, read: '', why: 'This must be said.' });
    if (refused.length > before) return;
    const further = others.flatMap(({ name, at }) => {
      const text = (cells[at] ?? '').trim();
      return text === '' ? [] : [[name, text]];
    });
    read.push({
      row,
      values,
      ...(kind.takesFurther === true ? { further: Object.fromEntries(further) as Record<string, string> } : {}),
    });
  });
  return { read, refused };
}
