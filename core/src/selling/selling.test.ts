import { describe, expect, it } from 'vitest';
import { labelText, marginOf, packCost, type LabelFacts } from '.';

describe('what a pack costs', () => {
  it('is the mix, the packaging and the work', () => {
    expect(packCost({ costPerL: 0.1, pack_L: 40, packaging: 0.45, minutes: 6, hourPrice: 20 })).toBeCloseTo(6.45, 12);
    expect(packCost({ costPerL: 0.1, pack_L: 40 })).toBeCloseTo(4, 12);
  });

  it.each([
    [{ pack_L: 0 }, 'pack_L'],
    [{ costPerL: -1 }, 'costPerL'],
    [{ minutes: -1 }, 'minutes'],
  ])('refuses %j', (wrong, path) => {
    expect(() => packCost({ costPerL: 0.1, pack_L: 40, ...wrong })).toThrow(expect.objectContaining({ path }) as Error);
  });

  it('leaves a part of the price, or none', () => {
    expect(marginOf(6.45, 9).left).toBeCloseTo(2.55, 12);
    expect(marginOf(6.45, 9).share).toBeCloseTo(0.2833, 4);
    expect(marginOf(10, 8)).toMatchObject({ left: -2, share: -0.25 });
    expect(() => marginOf(1, 0)).toThrow(expect.objectContaining({ path: 'price' }) as Error);
  });
});

describe('the text of a label', () => {
  const facts: LabelFacts = {
    name: 'Tollgarth tub mix',
    pack_L: 40,
    parts: [
      { name: 'pumice', parts: 1 },
      { name: 'bark', parts: 3 },
    ],
    height_cm: 15,
    air: 0.234,
    water: 0.5,
    pH: 6.04,
    batch: 'CT-1',
    madeOn: '3 Nov',
    isMeasured: true,
  };

  it('says the volume as it pours, the parts in falling order, the figures with pot and extract, the batch', () => {
    expect(labelText(facts)).toEqual([
      'Tollgarth tub mix',
      '40 L, poured out loose',
      'By volume: bark 75 %, pumice 25 %',
      'In a pot of 15 cm, drained: air 23 %, water 50 %',
      'pH 6.0, 1:5 in water',
      'Batch CT-1, made 3 Nov.',
      'Damp down before use, keep dust down, wear gloves, wash hands. Keep it dry and in the shade.',
    ]);
  });

  it('says what is only worked out, and leaves out what nobody knows', () => {
    const { air: _air, pH: _pH, batch: _batch, madeOn: _madeOn, ...less } = facts;
    const text = labelText({ ...less, isMeasured: false }).join('\n');
    expect(text).toContain('water 50 % (worked out from its parts)');
    expect(text).not.toMatch(/air|pH|Batch/);
  });
});
