import { describe, expect, it } from 'vitest';
import { MEDIA_CLASSES, type MediaClass } from '../classes';
import { normalDraw, seededRandom, type Random } from '../scoring';
import {
  someOf,
  syntheticBatch,
  syntheticLot,
  type SyntheticBatch,
  type SyntheticLot,
} from '../testing/syntheticBench';
import { fitKappa, kappaFor, KAPPA_PRIOR, learn, LEARNING, NO_LEARNING, type MeasuredBlend } from '.';

/** A sample in every test run; `npm run trials` takes all of them. */
const FULL = process.env.BENT_PAIL_TRIALS !== undefined;
const BENCHES = FULL ? 2000 : 12;
const WITHOUT = FULL ? 400 : 1;

const kappaOf = (blends: readonly MeasuredBlend[]) => fitKappa(blends);

/** Lots that settle well into each other, coarse and fine. */
const IDS = ['pumice-coarse', 'peat-light-fine', 'bark-graded', 'coir-pith', 'perlite-coarse', 'compost-green'];

const shelfOf = (random: Random, ids: readonly string[] = IDS): SyntheticLot[] =>
  ids.map((id) => syntheticLot(random, id, `lot ${id}`));

/** So many batches of a bench's lots, two or three in each. */
function bench(random: Random, lots: readonly SyntheticLot[], count: number, how: SyntheticBatch): MeasuredBlend[] {
  return Array.from({ length: count }, (_, i) => {
    const some = someOf(random, lots, 2 + Math.floor(2 * random()));
    const volumes = some.map(() => 1 + Math.floor(4 * random()));
    return syntheticBatch(random, some, volumes, how, `batch ${String(i)}`);
  });
}

/** A kappa as the prior has it. */
function anyKappa(random: Random): number {
  for (;;) {
    const kappa = KAPPA_PRIOR.mean + KAPPA_PRIOR.sd * normalDraw(random);
    if (kappa >= 0) return kappa;
  }
}

describe('kappa from measured blends', () => {
  it('is the prior where nothing was measured', () => {
    const { value, sd, ci95 } = fitKappa([]);
    // Never under 0: a little of the normal distribution is cut off.
    expect(value).toBeCloseTo(1.01, 1);
    expect(sd).toBeCloseTo(0.47, 1);
    expect(ci95[0]).toBeGreaterThanOrEqual(0);
  });

  it('comes near the truth with batches of many lots, and is surer with each', () => {
    const random = seededRandom(4);
    const blends = bench(random, shelfOf(random), 16, { kappa: 0.4 });
    const [few, many] = [kappaOf(blends.slice(0, 2)), kappaOf(blends)];
    expect(many.sd).toBeLessThan(few.sd);
    expect(many.ci95[0]).toBeLessThan(0.4);
    expect(many.ci95[1]).toBeLessThan(0.95);
  });

  it('is not believed twice for one lot: four batches of the same two lots teach less than of eight', () => {
    const sdOf = (shared: boolean): number => {
      const random = seededRandom(8);
      const blends = Array.from({ length: 4 }, (_, i) => {
        const own = ['pumice-coarse', 'peat-light-fine'].map((id) =>
          syntheticLot(random, id, shared ? id : `${id} ${String(i)}`),
        );
        return syntheticBatch(random, own, [2, 1 + i], { kappa: 1 }, `b${String(i)}`);
      });
      return kappaOf(blends).sd;
    };
    expect(sdOf(true)).toBeGreaterThan(1.1 * sdOf(false));
  });

  it.each(FULL ? [1, 3, 5, 10, 20] : [1, 4])(
    `has an interval that holds the truth 95 times in 100 with %i batches of shared lots`,
    (batches) => {
      const random = seededRandom(9000 + batches);
      let [below, above] = [0, 0];
      const trials = FULL ? BENCHES : Math.max(4, Math.ceil(BENCHES / batches));
      for (let trial = 0; trial < trials; trial += 1) {
        const kappa = anyKappa(random);
        const classes = someOf(random, MEDIA_CLASSES, 3 + Math.floor(4 * random()));
        const lots = classes.map((one: MediaClass, i) => syntheticLot(random, one.id, `lot ${String(i)}`));
        const { ci95 } = kappaOf(bench(random, lots, batches, { kappa }));
        if (kappa < ci95[0]) below += 1;
        else if (kappa > ci95[1]) above += 1;
      }
      const held = 1 - (below + above) / trials;
      if (FULL)
        process.stdout.write(
          `| ${String(batches)} | ${(100 * held).toFixed(1)} % | ${String(below)} | ${String(above)} |\n`,
        );
      expect(held).toBeGreaterThanOrEqual(FULL ? 0.93 : 0.75);
      expect(held).toBeLessThanOrEqual(FULL ? 0.97 : 1);
    },
    3_600_000,
  );
});

describe('what is learnt', () => {
  it('is nothing without a batch, and kappa from the first on', () => {
    expect(learn([])).toMatchObject({ blends: [], corrections: [], use: NO_LEARNING });
    const random = seededRandom(3);
    const { use, corrections, kappa } = learn(bench(random, shelfOf(random), 1, { kappa: 0.3 }));
    expect(corrections.map(({ key, used }) => [key, used])).toEqual([['kappa', true]]);
    expect(use.kappa).toBe(kappa.value);
    expect(use.kappa_se).toBeLessThan(KAPPA_PRIOR.sd);
  });

  it('a bias that every batch has is used, and lies near', () => {
    const random = seededRandom(17);
    const { use, corrections } = learn(bench(random, shelfOf(random), 8, { kappa: 1, bias: { pH: 0.8 } }));
    expect(use.bias.pH).toBeGreaterThan(0.3);
    const pH = corrections.find(({ key }) => key === 'pH');
    expect(pH?.used).toBe(true);
    expect(pH?.batchOut?.gain).toBeGreaterThan(0);
    expect(pH?.batchOut?.times).toBe(8);
  });

  it(`a bias that is not there is used in at most one of twenty benches, ${String(WITHOUT)} of them`, () => {
    const random = seededRandom(23);
    let wrong = 0;
    for (let trial = 0; trial < WITHOUT; trial += 1) {
      const ids = someOf(random, IDS, 4);
      const blends = bench(random, shelfOf(random, ids), 4 + Math.floor(4 * random()), { kappa: anyKappa(random) });
      if (Object.keys(learn(blends).use.bias).length > 0) wrong += 1;
    }
    if (FULL) process.stdout.write(`| a bias that is not there | ${((100 * wrong) / WITHOUT).toFixed(1)} % |\n`);
    expect(wrong / WITHOUT).toBeLessThanOrEqual(FULL ? 0.05 : 0.17);
  }, 3_600_000);

  it('tells how batches that were left out come off, and all batches of a lot that several share', () => {
    const random = seededRandom(31);
    const { corrections } = learn(bench(random, shelfOf(random), 6, { kappa: 0.2 }));
    const kappa = corrections.find(({ key }) => key === 'kappa');
    expect(kappa?.batchOut?.times).toBe(6);
    expect(kappa?.lotOut?.times).toBeGreaterThan(1);
    expect(kappa?.batchOut?.after).toBeLessThan(kappa?.batchOut?.before as number);
  });

  it('changes when a measured blend is taken away', () => {
    const random = seededRandom(11);
    const all = bench(random, shelfOf(random), 5, { kappa: 0.3 });
    expect(learn(all.slice(1)).kappa.value).not.toBe(learn(all).kappa.value);
  });
});

describe('a pair that settles in its own way', () => {
  const shelf = (random: Random) => new Map(shelfOf(random).map((lot) => [lot.mediaClass.id, lot] as const));
  const mixed = (
    random: Random,
    lots: ReturnType<typeof shelf>,
    ids: readonly string[],
    kappa: number,
    name: string,
  ): MeasuredBlend =>
    syntheticBatch(
      random,
      ids.map((id) => lots.get(id) as SyntheticLot),
      ids.map((_, i) => 2 - i * 0.5),
      { kappa },
      name,
    );
  const OTHERS = [
    ['bark-graded', 'coir-pith'],
    ['bark-graded', 'compost-green'],
    ['perlite-coarse', 'coir-pith'],
    ['bark-graded', 'coir-pith', 'compost-green'],
    ['perlite-coarse', 'compost-green'],
  ];

  /** Pumice with peat as told, all others by 1. */
  function taught(pairs: number, kappaOfPair: number) {
    const random = seededRandom(41);
    const lots = shelf(random);
    const blends = [
      ...OTHERS.map((ids, i) => mixed(random, lots, ids, 1, `other ${String(i)}`)),
      ...Array.from({ length: pairs }, (_, i) =>
        mixed(random, lots, ['pumice-coarse', 'peat-light-fine'], kappaOfPair, `pair ${String(i)}`),
      ),
    ];
    return learn(blends);
  }
  const parts = (materials: readonly string[]) =>
    materials.map((material) => ({ material, name: material, volume: 1 }));

  it('is learnt from the blends that share it, and used for them alone', () => {
    const { use, corrections } = taught(6, 3);
    const found = corrections.find(({ pair }) => pair?.materials.join() === 'peat-light-fine,pumice-coarse');
    expect(found?.value).toBeGreaterThan(use.kappa);
    if (found?.used === true) {
      expect(kappaFor(use, parts(['pumice-coarse', 'peat-light-fine'])).kappa).toBe(found.value);
      expect(kappaFor(use, parts(['bark-graded', 'coir-pith'])).kappa).toBe(use.kappa);
    }
    expect(found?.used).toBe(true);
  });

  it('is not asked for under three blends, and not believed where it is no other than all blends', () => {
    const asked = taught(2, 3).corrections.filter(
      ({ pair }) => pair?.materials.join() === 'peat-light-fine,pumice-coarse',
    );
    expect(asked).toEqual([]);
    expect(LEARNING.least).toBe(3);
    expect(taught(4, 1).use.pairs ?? []).toEqual([]);
  });

  it('stays with its materials, whatever they are called', () => {
    const use = {
      ...NO_LEARNING,
      pairs: [{ materials: ['a', 'b'] as const, names: ['A', 'B'] as const, kappa: 0.3, kappa_se: 0.1 }],
    };
    expect(kappaFor(use, parts(['a', 'b'])).kappa).toBe(0.3);
    expect(
      kappaFor(use, [
        { material: 'c', name: 'A', volume: 1 },
        { material: 'b', name: 'B', volume: 1 },
      ]).kappa,
    ).toBe(1);
  });
});
