import { describe, expect, it } from 'vitest';
import { seededRandom } from '../scoring';
import { syntheticBatch, syntheticLot } from '../testing/syntheticBench';
import { outcomesOf, proofOf, type Foreseen } from '.';

const random = seededRandom(6);
const lots = ['pumice-coarse', 'peat-light-fine', 'bark-fine'].map((id) => syntheticLot(random, id, id));
const measured = syntheticBatch(random, lots, [2, 1, 1], { kappa: 1 });
const foreseen: Foreseen = { parts: measured.parts, model: 'packing', lime_meqPerL: 0 };

describe('what was foreseen of a batch', () => {
  it('is a band around a middle for everything that was measured', () => {
    const outcomes = outcomesOf(foreseen, measured);
    expect(outcomes.map(({ property }) => property)).toEqual(['air', 'water', 'bulkDensity_gcc', 'pH']);
    for (const { p5, p50, p95 } of outcomes) expect(p5 < p50 && p50 < p95).toBe(true);
  });

  it('is as wide as the measurement is uncertain, besides its own width', () => {
    const width = (se: number): number => {
      const [air] = outcomesOf(foreseen, { ...measured, measured: { air: { value: 0.3, se } } });
      return (air?.p95 ?? 0) - (air?.p5 ?? 0);
    };
    expect(width(0.1)).toBeGreaterThan(Math.hypot(width(0), 2 * 1.6 * 0.1) * 0.98);
  });

  it('gives a value at the middle the chance of a half, and at p95 that of 95 %', () => {
    const [air] = outcomesOf(foreseen, measured);
    const at = (value: number) => outcomesOf(foreseen, { ...measured, measured: { air: { value, se: 0 } } })[0]?.below;
    const [bare] = outcomesOf(foreseen, { ...measured, measured: { air: { value: 0, se: 0 } } });
    expect(air?.property).toBe('air');
    expect(at(bare?.p50 ?? 0)).toBeCloseTo(0.5, 9);
    expect(at(bare?.p95 ?? 0)).toBeCloseTo(0.95, 6);
  });

  it('knows what the bench had taught by then, and no more', () => {
    const taught = { ...foreseen, learnt: { kappa: 0, kappa_se: 0.01, bias: { water: 0.05 } } };
    const [before, after] = [outcomesOf(foreseen, measured), outcomesOf(taught, measured)];
    const middle = (of: typeof before, key: string): number => of.find(({ property }) => property === key)?.p50 ?? 0;
    expect(middle(after, 'air')).toBeGreaterThan(middle(before, 'air'));
    expect(middle(after, 'bulkDensity_gcc')).toBeLessThan(middle(before, 'bulkDensity_gcc'));
  });
});

describe('the proof over many batches', () => {
  it('is empty without one', () => {
    expect(proofOf([])).toEqual({ batches: [], properties: [], reliability: [] });
  });

  it('counts what lay inside, below and above, and how often each chance came true', () => {
    const far = (value: number) => ({ ...measured, measured: { air: { value, se: 0.001 } } });
    const [air] = outcomesOf(foreseen, far(0));
    const { properties, reliability } = proofOf(
      [air?.p50 ?? 0, -1, 2, air?.p50 ?? 0].map((value) => ({ foreseen, measured: far(value) })),
    );
    expect(properties).toMatchObject([{ property: 'air', times: 4, held: 0.5, below: 0.25, above: 0.25 }]);
    expect(reliability.map(({ held }) => held)).toEqual([0.5, 0.5, 0.5, 0.5, 0.5, 0.5, 0.5, 0.5, 0.5]);
  });

  it('finds honest bands honest: most of what is drawn from them lies inside', () => {
    const kept = Array.from({ length: 30 }, (_, i) => {
      const own = ['pumice-coarse', 'peat-light-fine'].map((id) => syntheticLot(random, id, `${id} ${String(i)}`));
      const one = syntheticBatch(random, own, [1, 1], { kappa: 1 }, `b ${String(i)}`);
      return { measured: one, foreseen: { parts: one.parts, model: 'packing' as const, lime_meqPerL: 0 } };
    });
    for (const { held, times } of proofOf(kept).properties) {
      expect(times).toBe(30);
      expect(held).toBeGreaterThan(0.7);
    }
  });
});
