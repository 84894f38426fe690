import { describe, expect, it } from 'vitest';
import { lotCard, type LotComponent } from '../lots';
import { pumiceLot } from '../testing/sampleLot';
import { predictDesk } from '../desk';
import { bagOf, deskBatch, settlingOf, USUAL_SETTLING, type BatchUse, type DeskBatchInput } from '.';

const component = (materialClass: string): LotComponent =>
  lotCard({ ...pumiceLot([]), materialClass }).component as LotComponent;
const bark: BatchUse = { parts: 3, lot: { name: 'Bark', stock_L: 200, component: component('bark-graded') } };
const coir: BatchUse = { parts: 1, lot: { name: 'Coir', stock_L: 60, component: component('coir-pith') } };
const used = [bark, coir];
const predicted = predictDesk({
  lines: used.map(({ parts, lot }) => ({ parts, lot: lot.component as LotComponent })),
  container: { height_cm: 20 },
  model: 'packing',
});
const asked: DeskBatchInput = {
  used,
  predicted,
  wanted: { pots: 10, potVolume_L: 2 },
  settling: 0.1,
  lime_meqPerL: 0,
  additives: [],
};

describe('a batch of the desk', () => {
  it('makes good what settles in place and what mixing takes', () => {
    const { quantity } = deskBatch(asked) ?? {};
    expect(quantity?.finished_L).toBeCloseTo(20 / 0.9, 9);
    expect(quantity?.loose_L).toBeCloseTo((20 / 0.9 / predicted.result.volume) * 4, 9);
    expect(quantity?.lines[0]?.loose_L).toBeCloseTo(0.75 * (quantity?.loose_L ?? 0), 9);
  });

  it('is asked backwards from the stock: whole pots, and one more is too many', () => {
    const batch = deskBatch({ ...asked, wanted: { stock: true, potVolume_L: 2 } });
    // 60 L of coir are a quarter of 240 L, 200 L of bark three quarters of 267 L.
    expect(batch?.reach?.limitedBy).toBe('Coir');
    expect(batch?.quantity.lines[1]?.take_L).toBeLessThanOrEqual(60);
    const one = batch?.reach?.pots ?? 0;
    const more = deskBatch({ ...asked, wanted: { pots: one + 1, potVolume_L: 2 } });
    expect(more?.quantity.lines[1]?.take_L).toBeGreaterThan(60);
  });

  it('fills by volume where no pot is given, and nothing from an empty shelf', () => {
    const whole = deskBatch({ ...asked, wanted: { stock: true } });
    expect(whole?.reach?.pots).toBeUndefined();
    expect(whole?.quantity.lines[1]?.take_L).toBeCloseTo(60, 6);
    const none = used.map((use) => ({ ...use, lot: { ...use.lot, stock_L: 0 } }));
    expect(deskBatch({ ...asked, used: none, wanted: { stock: true } })).toBeUndefined();
  });

  it('puts lime and powders into the mixing by the volume made', () => {
    const { plan, quantity } =
      deskBatch({ ...asked, lime_meqPerL: 20, additives: [{ name: 'bone meal', gPerL: 2 }] }) ?? {};
    const made = quantity?.finished_L ?? 0;
    const mix = plan?.tasks.find(({ kind }) => kind === 'mix')?.what ?? '';
    expect(mix).toContain(`${(made * 1.0008).toFixed(1)} g of ground limestone`);
    expect(mix).toContain(`${(2 * made).toFixed(1)} g of bone meal`);
  });
});

describe('what lots tell of themselves', () => {
  const withFacts = (facts: Partial<LotComponent['facts']>): LotComponent => {
    const known = component('perlite-coarse');
    return { ...known, facts: { ...known.facts, ...facts } };
  };

  it('a bag counts with its true litres before its label', () => {
    expect(bagOf({ packVolume_L: 100 })).toBe(100);
    expect(bagOf({ packVolume_L: 100, component: withFacts({ bag_L: 92 }) })).toBe(92);
    expect(bagOf({})).toBeUndefined();
  });

  it('settling is weighed by parts where all were watched, else as usual', () => {
    const watched = (parts: number, settledFirst: number): BatchUse => ({
      parts,
      lot: { name: 'x', component: withFacts({ settledFirst }) },
    });
    expect(settlingOf([watched(3, 0.1), watched(1, 0.02)])).toBeCloseTo(0.08, 12);
    expect(settlingOf([watched(3, 0.1), coir])).toBe(USUAL_SETTLING);
  });
});
