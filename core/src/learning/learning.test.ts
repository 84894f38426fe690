import { describe, expect, it } from 'vitest';
import { blend, type BlendInput } from '../blend';
import { normalDraw, seededRandom } from '../scoring';
import { classComponent } from '../testing/classComponent';
import { fitKappa, kappaFor, KAPPA_PRIOR, learn, LEARNING, NO_LEARNING, type MeasuredBlend } from '.';

/** A sample in every test run; `npm run trials` takes all of them. */
const FULL = process.env.BENT_PAIL_TRIALS !== undefined;
const BENCHES = FULL ? 500 : 80;
const NOISY = FULL ? 120 : 30;

const SE = { air: 0.02, water: 0.02, bulkDensity_gcc: 0.02, pH: 0.15 } as const;
const VESSEL = { height_cm: 12 };

/** Six recipes in which small grains settle between large ones. */
const RECIPES: readonly BlendInput[] = [
  [
    ['pumice-coarse', 3],
    ['peat-light-fine', 1],
  ],
  [
    ['bark-graded', 2],
    ['coir-pith', 1],
  ],
  [
    ['perlite-coarse', 2],
    ['peat-light-fine', 3],
  ],
  [
    ['pumice-coarse', 1],
    ['sand-coarse', 1],
    ['bark-fine', 1],
  ],
  [
    ['bark-graded', 3],
    ['compost-green', 1],
  ],
  [
    ['grit', 2],
    ['loam', 1],
  ],
].map((lines) => ({
  components: lines.map(([id, volume]) => classComponent(id as string, volume as number)),
  container: VESSEL,
  model: 'packing',
}));

interface Bench {
  readonly kappa: number;
  readonly noise: number;
  readonly seed: number;
  readonly bias?: number;
}

/** Blends measured on a bench where kappa is known. */
function bench({ kappa, noise, seed, bias = 0 }: Bench, recipes = RECIPES): MeasuredBlend[] {
  const random = seededRandom(seed);
  return recipes.map((input, i) => {
    const made = blend({ ...input, kappa });
    const read = (value: number, se: number, shift = 0) => ({
      value: value + shift + noise * se * normalDraw(random),
      se,
    });
    return {
      name: `blend ${String(i)}`,
      input,
      materials: input.components.map(({ name }) => `material ${name}`),
      measured: {
        air: read(made.air, SE.air),
        water: read(made.water, SE.water),
        bulkDensity_gcc: read(made.bulkDensity_gcc, SE.bulkDensity_gcc),
        ...(made.pH === undefined ? {} : { pH: read(made.pH, SE.pH, bias) }),
      },
    };
  });
}

describe('kappa from measured blends', () => {
  it('is the prior where nothing was measured', () => {
    expect(fitKappa([]).value).toBeCloseTo(KAPPA_PRIOR.mean, 4);
    expect(fitKappa([]).sd).toBeCloseTo(KAPPA_PRIOR.sd, 12);
  });

  it.each([0.4, 1, 1.6])('of %d is found from exact measurements, drawn a little to 1', (kappa) => {
    const fit = fitKappa(bench({ kappa, noise: 0, seed: 1 }));
    expect(Math.abs(fit.value - kappa)).toBeLessThan(0.25 * Math.abs(kappa - 1) + 1e-4);
    expect(fit.sd).toBeLessThan(0.3);
  });

  it('is never below 0', () => {
    const impossible = bench({ kappa: 0, noise: 0, seed: 1 }).map((one) => ({
      ...one,
      measured: { ...one.measured, bulkDensity_gcc: { value: 0.01, se: 0.001 } },
    }));
    const { value, ci95 } = fitKappa(impossible);
    expect(value).toBeGreaterThanOrEqual(0);
    expect(ci95[0]).toBeGreaterThanOrEqual(0);
  });

  it(`has an interval that holds the truth in nine of ten of ${String(BENCHES)} benches drawn from the prior`, () => {
    const random = seededRandom(99);
    let held = 0;
    for (let seed = 1; seed <= BENCHES; seed += 1) {
      let kappa = -1;
      while (kappa < 0) kappa = KAPPA_PRIOR.mean + KAPPA_PRIOR.sd * normalDraw(random);
      const { ci95 } = fitKappa(bench({ kappa, noise: 1, seed }));
      if (kappa >= ci95[0] && kappa <= ci95[1]) held += 1;
    }
    expect(held / BENCHES).toBeGreaterThanOrEqual(FULL ? 0.9 : 0.86);
    expect(held / BENCHES).toBeLessThanOrEqual(FULL ? 0.98 : 1);
  }, 120000);
});

describe('a correction', () => {
  it('is not looked for under five blends', () => {
    const { corrections, use } = learn(bench({ kappa: 0.3, noise: 0.3, seed: 3 }).slice(0, LEARNING.least - 1));
    expect(corrections).toEqual([]);
    expect(use.kappa).toBe(1);
  });

  it('that helps on unseen blends is used, and the corrected prediction lies nearer', () => {
    const { corrections, use, blends } = learn(bench({ kappa: 0.3, noise: 0.3, seed: 5 }));
    const kappa = corrections.find((one) => one.key === 'kappa');
    expect(kappa).toMatchObject({ used: true });
    expect(use.kappa).toBeLessThan(0.7);
    const off = (key: 'predicted' | 'corrected'): number =>
      blends.flatMap((one) => one.properties).reduce((sum, one) => sum + Math.abs(one[key] - one.measured) / one.se, 0);
    expect(off('corrected')).toBeLessThan(off('predicted'));
  });

  it('of a bias that every blend has is used, and of none is not', () => {
    const biased = learn(bench({ kappa: 1, noise: 0.3, seed: 7, bias: 0.4 }));
    expect(biased.corrections.find((one) => one.key === 'pH')).toMatchObject({ used: true });
    expect(biased.use.bias.pH).toBeGreaterThan(0.25);
    const fair = learn(bench({ kappa: 1, noise: 0.3, seed: 7 }));
    expect(fair.use.bias.pH ?? 0).toBeLessThan(0.1);
  });

  it(`made of pure noise is refused in nine of ten of ${String(NOISY)} benches`, () => {
    let refused = 0;
    for (let seed = 1; seed <= NOISY; seed += 1) {
      const { corrections } = learn(bench({ kappa: 1, noise: 1, seed }));
      if (corrections.find((one) => one.key === 'kappa')?.used === false) refused += 1;
    }
    expect(refused / NOISY).toBeGreaterThanOrEqual(FULL ? 0.9 : 0.8);
  }, 120000);

  it('changes when a measured blend is taken away', () => {
    const all = bench({ kappa: 0.3, noise: 1, seed: 11 });
    expect(learn(all.slice(1)).kappa.value).not.toBe(learn(all).kappa.value);
  });
});

describe('a pair that settles in its own way', () => {
  const pair: readonly BlendInput[] = [1, 2, 3, 4].map((parts) => ({
    components: [classComponent('pumice-coarse', parts), classComponent('peat-light-fine', 3)],
    container: VESSEL,
    model: 'packing',
  }));
  const names = ['pumice-coarse', 'peat-light-fine'].map((id) => classComponent(id).name).sort();
  const quiet = { noise: 0.1, seed: 5 };
  const mixed = (input: BlendInput | undefined) =>
    (input?.components ?? []).map(({ name, volume }) => ({ material: `material ${name}`, name, volume }));

  it('is learnt from the blends that share it, and used for them alone', () => {
    const { use, corrections } = learn([
      ...bench({ kappa: 1, ...quiet }, RECIPES.slice(1)),
      ...bench({ kappa: 0.2, ...quiet }, pair),
    ]);
    const [own] = use.pairs ?? [];
    expect(own?.materials).toEqual(names.map((name) => `material ${name}`));
    expect(own?.kappa).toBeLessThan(0.5);
    expect(corrections.find(({ key }) => key === 'pair')).toMatchObject({ pair: { names }, used: true });
    expect(kappaFor(use, mixed(pair[0])).kappa).toBe(own?.kappa);
    expect(kappaFor(use, mixed(RECIPES[1])).kappa).toBe(use.kappa);
  });

  it('stays with its materials when they are renamed, and is not passed on to others of the same name', () => {
    const { use } = learn([
      ...bench({ kappa: 1, ...quiet }, RECIPES.slice(1)),
      ...bench({ kappa: 0.2, ...quiet }, pair),
    ]);
    const renamed = mixed(pair[0]).map((part) => ({ ...part, name: `${part.name}, as we call it now` }));
    expect(kappaFor(use, renamed).kappa).toBe(use.pairs?.[0]?.kappa);
    const namesakes = mixed(pair[0]).map((part) => ({ ...part, material: `another ${part.name}` }));
    expect(kappaFor(use, namesakes).kappa).toBe(use.kappa);
  });

  it('needs three blends, and enough of both in each', () => {
    expect(learn(bench({ kappa: 0.2, ...quiet }, pair.slice(0, 2))).use).toEqual(NO_LEARNING);
    const trace = pair.map((input, i) => ({
      ...input,
      components: [classComponent('pumice-coarse', 0.2 + 0.1 * i), classComponent('peat-light-fine', 3)],
    }));
    expect(learn(bench({ kappa: 0.2, ...quiet }, trace)).corrections.filter(({ key }) => key === 'pair')).toEqual([]);
  });

  it('is refused where it is no better than what all blends say', () => {
    const { corrections } = learn(bench({ kappa: 1, noise: 0, seed: 5 }, [...pair, ...RECIPES]));
    expect(corrections.filter(({ key, used }) => key === 'pair' && used)).toEqual([]);
  });
});
