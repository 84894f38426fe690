import { describe, expect, it } from 'vitest';
import { headingRow, mappingOf, readTable, tableKind, TABLE_KINDS } from '.';
import { dayOrderOf, readDay, readMoment } from './days';

const lots = tableKind('lots');
const utc = (): number => 0;

describe('which column is what', () => {
  it('is told by its heading, with or without units, marks and case', () => {
    expect(mappingOf(lots, ['Product', 'Lot no.', 'PRICE (£)', 'Pack (L)', 'Bought', 'colour'])).toEqual({
      name: 0,
      code: 1,
      price: 2,
      pack_volume_l: 3,
      bought_on: 4,
    });
  });

  it('takes each column and each field once, those that fit wholly first', () => {
    expect(mappingOf(lots, ['material name', 'name', 'code'])).toEqual({ name: 1, code: 2 });
    for (const kind of TABLE_KINDS) {
      const mapping = mappingOf(
        kind,
        kind.fields.map(({ words }) => words),
      );
      expect(Object.values(mapping)).toEqual(kind.fields.map((_, i) => i));
    }
  });

  it('is nothing where a cell is no heading: brackets without end take no longer than others', () => {
    for (const cell of ['['.repeat(1_000_000), '('.repeat(1_000_000), `${' '.repeat(1_000_000)}pH`])
      expect(mappingOf(lots, [cell])).toEqual({});
    expect(mappingOf(lots, ['Code (of ours)', 'Price [£]'])).toEqual({ code: 0, price: 1 });
  });

  it('is looked for below titles, merged ones too', () => {
    const rows = [['Shelf of the nursery', '', ''], [], ['name', 'code', 'price'], ['Bark', 'B-1', '9']];
    expect(headingRow(lots, rows)).toBe(2);
  });
});

describe('a day as people write it', () => {
  it.each([
    ['2026-11-24', '2026-11-24'],
    ['24.11.2026', '2026-11-24'],
    ['24/11/26', '2026-11-24'],
    ['4 Nov 2026', '2026-11-04'],
    ['24. November 2026', '2026-11-24'],
    ['Nov 24, 2026', '2026-11-24'],
    ['2026/1/5', '2026-01-05'],
    ['31.02.2026', undefined],
    ['13/13/2026', undefined],
    ['24 Foo 2026', undefined],
    ['soon', undefined],
  ])('%s is %s', (text, day) => {
    expect(readDay(text, 'day-first')).toBe(day);
  });

  it('has its month first where the column says so', () => {
    expect(dayOrderOf(['11/24/2026', '1/2/2026'])).toBe('month-first');
    expect(dayOrderOf(['24/11/2026', '1/2/2026'])).toBe('day-first');
    expect(dayOrderOf(['1/2/2026', ''])).toBe('day-first');
    expect(readDay('11/24/2026', 'month-first')).toBe('2026-11-24');
  });

  it.each([
    ['24.11.2026 08:15', '2026-11-24T07:15:00.000Z'],
    ['2026-11-24T08:15:30', '2026-11-24T07:15:30.000Z'],
    ['2026-11-24T08:15:00Z', '2026-11-24T08:15:00.000Z'],
    ['11/24/2026 8:15 PM', undefined],
    ['24/11/2026 8:15 pm', '2026-11-24T19:15:00.000Z'],
    ['24/11/2026', '2026-11-24T11:00:00.000Z'],
    ['24/11/2026 25:00', undefined],
    ['24/11/2026 at noon', undefined],
  ])('with its time %s is %s', (text, moment) => {
    expect(readMoment(text, 'day-first', () => 60)).toBe(moment);
  });
});

describe('a table', () => {
  const read = (rows: string[][]) => {
    const headings = headingRow(lots, rows);
    return readTable(lots, rows, { headings, mapping: mappingOf(lots, rows[headings] ?? []), offsetAt: utc });
  };

  it('is read row by row, blank ones passed over', () => {
    const { read: rows, refused } = read([
      ['name', 'code', 'price', 'bought'],
      ['Bark', 'B-1', '9,5', '24.11.2026'],
      ['', ' ', '', ''],
      ['Grit', 'G-1', '', ''],
    ]);
    expect(refused).toEqual([]);
    expect(rows).toEqual([
      { row: 2, values: { name: 'Bark', code: 'B-1', price: 9.5, bought_on: '2026-11-24' } },
      { row: 4, values: { name: 'Grit', code: 'G-1' } },
    ]);
  });

  it('names each cell that it cannot read, and what it needs', () => {
    const { read: rows, refused } = read([
      ['name', 'code', 'price', 'bought'],
      ['Bark', 'B-1', 'dear', 'soon'],
      ['Grit', '', '3', ''],
      ['Sand', 'S-1', '2', ''],
    ]);
    expect(rows.map(({ row }) => row)).toEqual([4]);
    expect(refused.map(({ row, column, read: text }) => [row, column, text])).toEqual([
      [2, 'bought on', 'soon'],
      [2, 'price of the pack', 'dear'],
      [3, 'lot', ''],
    ]);
  });

  it.each([
    ['Pack (gal)', '10', 37.85],
    ['pack, cu ft', '2', 56.63],
    ['Pack (L)', '50', 50],
    ['volume', '50', 50],
    ['volume', '10 gal', 37.85],
    ['volume (per bag)', '40', 40],
  ])('under “%s” reads %s as litres', (heading, cell, litres) => {
    const { read: rows, refused } = read([
      ['name', 'code', heading],
      ['Bark', 'B-1', cell],
    ]);
    expect(refused).toEqual([]);
    expect(rows[0]?.values.pack_volume_l).toBeCloseTo(litres, 1);
  });

  it('refuses a unit of another kind', () => {
    const { refused } = read([
      ['name', 'code', 'pack volume'],
      ['Bark', 'B-1', '20 kg'],
    ]);
    expect(refused).toMatchObject([
      { row: 2, column: 'pack, L', read: '20 kg', why: expect.stringMatching(/no unit for this/) as string },
    ]);
  });

  it('takes columns along that are no fields, where its kind does', () => {
    const reports = tableKind('reports');
    const rows = [
      ['Sample', 'K (mg/L)', '', 'Reported', 'Zn'],
      ['B-1', '180', 'x', '2026-11-20', '<0.05'],
    ];
    const mapping = mappingOf(reports, rows[0] ?? []);
    expect(mapping).toEqual({ sample: 0, reported_on: 3 });
    expect(readTable(reports, rows, { headings: 0, mapping, offsetAt: utc }).read).toEqual([
      {
        row: 2,
        values: { sample: 'B-1', reported_on: '2026-11-20' },
        further: { 'K (mg/L)': '180', Zn: '<0.05' },
      },
    ]);
  });

  it('knows what a comma is by the other cells, and asks where nothing tells', () => {
    const price = (...cells: string[]) =>
      read([['name', 'code', 'price'], ...cells.map((cell, i) => ['Bark', `B-${String(i)}`, cell])]);
    expect(price('1,234', '2,5').read.map(({ values }) => values.price)).toEqual([1.234, 2.5]);
    expect(price('1,234', '2.5').read.map(({ values }) => values.price)).toEqual([1234, 2.5]);
    expect(price('1,234').refused[0]?.why).toMatch(/^It could be 1.234 or 1234/);
  });
});
