import { describe, expect, it } from 'vitest';
import { blend } from '../blend';
import { sdOf } from '../statistics';
import { knownCurve } from '../knowledge';
import { seededRandom } from '../scoring';
import { classComponent } from '../testing/classComponent';
import { bands, bandsSteps, type BandsInput, type BandsResult } from '.';
import { logNormal, truncatedNormal } from './draw';

const container = { height_cm: 25, topDiameter_cm: 28, baseDiameter_cm: 22 };
const still = { volume_se: 0 };
const input: BandsInput = {
  components: [
    { ...classComponent('bark-fine', 4), ...still },
    { ...classComponent('coir-pith', 2), ...still },
    { ...classComponent('pumice-coarse', 2), ...still },
  ],
  container,
  model: 'packing',
  draws: 400,
};
const done = (more: Partial<BandsInput> = {}): BandsResult => bands({ ...input, ...more });
const withError = (more: object): BandsInput['components'] =>
  input.components.map((one, i) => (i === 0 ? { ...one, ...more } : one));

describe('bands of a blend', () => {
  it('have no width where nothing is uncertain, and stand where blend stands', () => {
    const result = done();
    const exact = blend({ ...input, components: input.components });
    for (const key of ['air', 'water', 'pH', 'bulkDensity_gcc', 'shrink', 'pricePerL'] as const) {
      expect(result[key]?.p95, key).toBe(result[key]?.p5);
      expect(Math.abs((result[key]?.p50 as number) - (exact[key] as number)), key).toBeLessThan(1e-4);
    }
    expect(result.drivers).toEqual([]);
  });

  it('are the same for the same seed and others for another', () => {
    const kappa = { kappa_se: 0.4 };
    expect(done({ ...kappa, seed: 7 })).toEqual(done({ ...kappa, seed: 7 }));
    expect(done({ ...kappa, seed: 8 }).air?.p5).not.toBe(done({ ...kappa, seed: 7 }).air?.p5);
  });

  it('grow with an error, and doubling it raises its share', () => {
    const components = (pH_se: number) => withError({ pH_se, buffer_meqPerLpH_se: 3 });
    const shareOf = (result: BandsResult): number =>
      result.drivers.find((one) => one.input === 'components[0].pH')?.share ?? 0;
    const small = done({ components: components(0.1), driversOf: 'pH' });
    const large = done({ components: components(0.2), driversOf: 'pH' });
    const width = ({ pH }: BandsResult): number => (pH?.p95 as number) - (pH?.p5 as number);
    expect(width(large)).toBeGreaterThan(1.2 * width(small));
    expect(shareOf(large)).toBeGreaterThan(shareOf(small));
    expect(large.drivers[0]?.input).toBe('components[0].pH');
  });

  it('let the scoop err by 3 % unless told otherwise', () => {
    const { volume_se, ...scooped } = { ...classComponent('bark-fine', 4), volume_se: 0 };
    expect(volume_se).toBe(0);
    const result = done({ components: [scooped, ...input.components.slice(1)] });
    expect(result.bulkDensity_gcc?.p95).toBeGreaterThan(result.bulkDensity_gcc?.p5 as number);
    expect(result.drivers.map((one) => one.input)).toEqual(['components[0].volume']);
    // Told as a number it is the same band: 3 % of the 4 parts.
    const told = done({ components: [{ ...scooped, volume_se: 0.03 * 4 }, ...input.components.slice(1)] });
    expect(told.bulkDensity_gcc).toEqual(result.bulkDensity_gcc);
  });

  it('tell the chance of a window: half where it ends at the median, all where it is open', () => {
    const base = done({ kappa_se: 0.4 });
    const result = done({
      kappa_se: 0.4,
      windows: [
        { property: 'air', range: [null, base.air?.p50 as number] },
        { property: 'water', range: [null, null] },
        { property: 'air', range: [0.9, null] },
      ],
    });
    expect(result.chance.map((one) => one.chance)).toEqual([0.5, 1, 0]);
  });

  it('draw a curve as a whole: its covariance narrows what its errors alone would widen', () => {
    const { retention } = classComponent('bark-fine');
    const errors = { thetaR: 0.03, thetaS: 0.01, alpha_percm: 0.05, n: 0.1 };
    const apart = { ...retention, thetaR_se: errors.thetaR, n_se: errors.n };
    const tied = [
      [errors.thetaR ** 2, 0, 0, 0.98 * errors.thetaR * errors.n],
      [0, 0, 0, 0],
      [0, 0, 0, 0],
      [0.98 * errors.thetaR * errors.n, 0, 0, errors.n ** 2],
    ];
    const width = (result: BandsResult): number => (result.water?.p95 as number) - (result.water?.p5 as number);
    // More residual water and a steeper curve cancel each other at this height.
    expect(width(done({ components: withError({ retention_cov: tied }) }))).toBeLessThan(
      width(done({ components: withError({ retention: apart }) })),
    );
  });

  it('in steps are the same, and tell how far they are', () => {
    const asked = { ...input, kappa_se: 0.2, draws: 120 };
    const steps = bandsSteps(asked);
    const told: number[] = [];
    let step = steps.next();
    for (; step.done !== true; step = steps.next()) told.push(step.value);
    expect(told).toEqual([0, 50 / 120, 100 / 120]);
    expect(step.value).toEqual(bands(asked));
  });

  it.each<[string, Partial<BandsInput>, RegExp]>([
    ['a negative error', { kappa_se: -1 }, /invalid kappa_se/],
    ['no draws', { draws: 0 }, /invalid draws/],
    [
      'a lopsided covariance',
      {
        components: withError({
          retention_cov: [
            [1, 2, 0, 0],
            [0, 1, 0, 0],
            [0, 0, 1, 0],
            [0, 0, 0, 1],
          ],
        }),
      },
      /must be symmetric/,
    ],
    [
      'a covariance whose correlations contradict',
      {
        components: withError({
          retention_cov: [
            [1, 0.9, -0.9, 0],
            [0.9, 1, 0.9, 0],
            [-0.9, 0.9, 1, 0],
            [0, 0, 0, 1],
          ],
        }),
      },
      /not positive semi-definite/,
    ],
    ['a window on nothing', { windows: [{ property: 'colour', range: [0, 1] }] }, /windows\[0\]\.property/],
  ])('refuse %s', (_, more, message) => {
    expect(() => done(more)).toThrow(message);
  });
});

describe('a component that was read', () => {
  const seen = (values: readonly number[]) => [
    { kind: 'porosity' as const, values: values.map((value) => value + 0.1) },
    { kind: 'column' as const, height_cm: 12, values: [...values] },
  ];
  const readings = {
    materialClass: 'bark-fine',
    seen: seen([0.65, 0.66, 0.64]),
    dryBulkDensity_gcc: [[0.2, 0.21, 0.2]],
  };
  const known = knownCurve(readings);
  const { retention, dryBulkDensity_gcc, interparticleVoid, d50_mm } = known;
  const component = {
    ...classComponent('bark-fine'),
    retention,
    dryBulkDensity_gcc,
    interparticleVoid,
    d50_mm,
    volume_se: 0,
  };
  const alone = (more: object, height_cm = 12): BandsResult =>
    bands({ components: [{ ...component, ...more }], container: { height_cm }, model: 'average', draws: 1000 });
  const width = (band: { p5: number; p95: number } | undefined): number => (band?.p95 as number) - (band?.p5 as number);

  it('is drawn by its readings, whatever errors stand beside them', () => {
    expect(alone({ readings })).toEqual(
      alone({
        readings,
        dryBulkDensity_gcc_se: 0.3,
        retention_cov: [
          [1, 0, 0, 0],
          [0, 1, 0, 0],
          [0, 0, 1, 0],
          [0, 0, 0, 1],
        ],
      }),
    );
  });

  it('stays at the capacity where it was measured, and is wider in another pot', () => {
    const [here, deep] = [alone({ readings }), alone({ readings }, 40)];
    expect(here.water?.p50).toBeCloseTo(0.65, 2);
    expect(width(here.water)).toBeLessThan(0.03);
    expect(width(deep.water)).toBeGreaterThan(1.3 * width(here.water));
  });

  it('is as wide as its class where nothing was read, and names what is in doubt of it', () => {
    const bare = alone({ readings: { materialClass: 'bark-fine', seen: [] } });
    expect(width(bare.water)).toBeGreaterThan(4 * width(alone({ readings }).water));
    expect(bare.drivers[0]?.input).toBe('components[0].retention');
  });

  it('is refused with the path of a reading that cannot be', () => {
    expect(() => alone({ readings: { seen: [{ kind: 'porosity', values: [1.2] }] } })).toThrow(
      /components\[0\]\.readings\.seen\[0\]\.values\[0\]/,
    );
  });
});

describe('what drives the spread', () => {
  it('sums to what a linear regression explains, also of what varies together', () => {
    const { drivers } = done({
      kappa_se: 0.3,
      components: withError({ pH_se: 0.2, buffer_meqPerLpH_se: 3 }),
      driversOf: 'pH',
    });
    const sum = drivers.reduce((total, { share }) => total + share, 0);
    expect(sum).toBeGreaterThan(0.98);
    expect(sum).toBeLessThanOrEqual(1 + 1e-9);
  });
});

describe('draws', () => {
  const many = (one: () => number): number[] => Array.from({ length: 20000 }, one);

  it('of a positive value lie around it, half below and half above, with its error', () => {
    const random = seededRandom(3);
    const values = many(() => logNormal(random, 2, 0.6));
    expect(values.filter((value) => value < 2).length / values.length).toBeCloseTo(0.5, 2);
    expect(sdOf(values.map(Math.log))).toBeCloseTo(Math.sqrt(Math.log1p(0.09)), 2);
    expect(Math.min(...values)).toBeGreaterThan(0);
  });

  it('within limits stay there', () => {
    const random = seededRandom(3);
    const values = many(() => truncatedNormal(random, 0.5, 0.4, 0, 1));
    expect(Math.min(...values)).toBeGreaterThanOrEqual(0);
    expect(Math.max(...values)).toBeLessThanOrEqual(1);
  });
});
