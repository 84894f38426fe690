import { describe, expect, it } from 'vitest';
import { deskViewOf } from '../../testing/desk';
import { AMERICAN, openPage } from '../../testing/page';
import { batchOf, firstWant, shareTyped, wantedOf, type Want } from './want';

const want: Want = {
  kind: 'pots',
  pots: '10',
  potVolume_L: '2',
  length_m: '2',
  width_m: '1',
  depth_cm: '10',
  volume_L: '50',
  settling: '10',
};
const view = deskViewOf([
  { lotId: 'bark-graded', parts: 3 },
  { lotId: 'coir-pith', parts: 1 },
]);

describe('what is wanted', () => {
  it.each([
    ['pots', { pots: 10, potVolume_L: 2 }],
    ['bed', { length_m: 2, width_m: 1, depth_cm: 10 }],
    ['top-dressing', { length_m: 2, width_m: 1, depth_cm: 10 }],
    ['volume', { volume_L: 50 }],
    ['stock', { stock: true, potVolume_L: 2 }],
  ] as const)('%s', (kind, expected) => {
    expect(wantedOf({ ...want, kind })).toEqual(expected);
  });

  it('is nothing while a field is empty', () => {
    expect(wantedOf({ ...want, pots: '' })).toBeUndefined();
    expect(batchOf(view, { ...want, pots: '' })).toBeUndefined();
  });

  it('settles by what was typed, else as usual', () => {
    expect(shareTyped('12,5', 0.05)).toBe(0.125);
    expect(shareTyped('', 0.05)).toBe(0.05);
  });
});

describe('a batch', () => {
  it('makes good what settles in place and what mixing takes', () => {
    const { quantity } = batchOf(view, want) ?? {};
    expect(quantity?.finished_L).toBeCloseTo(20 / 0.9, 9);
    const shrink = 1 - view.result.result.volume / 4;
    expect(quantity?.loose_L).toBeCloseTo(20 / 0.9 / (1 - shrink), 9);
    expect(quantity?.lines[0]?.loose_L).toBeCloseTo((3 / 4) * (quantity?.loose_L ?? 0), 9);
  });

  it('is asked backwards from the stock, and says what runs out first', () => {
    const batch = batchOf(view, { ...want, kind: 'stock' });
    // 60 L of coir are a quarter of 240 L, 200 L of bark three quarters of 267 L.
    expect(batch?.reach?.limitedBy).toBe('Coir');
    expect(batch?.quantity.lines[1]?.take_L).toBeLessThanOrEqual(60);
    const one = batch?.reach?.pots ?? 0;
    expect(batchOf(view, { ...want, pots: String(one + 1) })?.quantity.lines[1]?.take_L).toBeGreaterThan(60);
  });

  it('puts lime and powders into the mixing by the volume made', () => {
    const recipe = { ...view.recipe, lime_meqPerL: 20, additives: [{ name: 'bone meal', gPerL: 2 }] };
    const { plan, quantity } = batchOf(deskViewOf([], { recipe }), want) ?? {};
    const made = quantity?.finished_L ?? 0;
    const mix = plan?.tasks.find(({ kind }) => kind === 'mix')?.what ?? '';
    expect(mix).toContain(`${(made * 1.0008).toFixed(1)} g of ground limestone`);
    expect(mix).toContain(`${(2 * made).toFixed(1)} g of bone meal`);
    expect(plan?.tasks.at(-1)?.kind).toBe('retest');
  });
});

it('asks for the same batch of whoever reads inches, before a word is typed', () => {
  openPage(<p>a page</p>, { units: AMERICAN });
  expect(wantedOf(firstWant())).toEqual({ pots: 12, potVolume_L: 10 });
  expect(wantedOf({ ...firstWant(), kind: 'bed', depth_cm: '8' })).toEqual({
    length_m: 3,
    width_m: 1.2,
    depth_cm: 20.32,
  });
});
