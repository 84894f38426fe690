import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { containerCapacity, thetaAt } from '../retention';
import { blend, blendProfile, type BlendComponent, type BlendInput } from '.';

const peat: BlendComponent = {
  name: 'peat',
  volume: 2,
  dryBulkDensity_gcc: 0.1,
  retention: { thetaR: 0.26, thetaS: 0.93, alpha_percm: 0.1, n: 1.8 },
  interparticleVoid: 0.48,
  d50_mm: 1.2,
  spread: 3,
  softness: 0.3,
  pH: 4,
  buffer_meqPerLpH: 30,
  ec_dSm: 0.1,
  pricePerL: 0.1,
};
const pumice: BlendComponent = {
  name: 'pumice',
  volume: 1,
  dryBulkDensity_gcc: 0.5,
  retention: { thetaR: 0.25, thetaS: 0.68, alpha_percm: 1.2, n: 2.4 },
  interparticleVoid: 0.44,
  d50_mm: 6,
  spread: 1.4,
  pH: 7,
  buffer_meqPerLpH: 2,
  ec_dSm: 0.04,
  pricePerL: 0.3,
};
const loam: BlendComponent = {
  name: 'loam',
  volume: 1,
  dryBulkDensity_gcc: 1.1,
  retention: { thetaR: 0.08, thetaS: 0.55, alpha_percm: 0.05, n: 1.4 },
  interparticleVoid: 0.4,
  d50_mm: 1,
  spread: 2.5,
  pH: 6.4,
  buffer_meqPerLpH: 20,
  ec_dSm: 0.2,
  pricePerL: 0.05,
};
const container = { height_cm: 15 };
const mix = (components: readonly BlendComponent[], more: Partial<BlendInput> = {}) =>
  blend({ components, container, model: 'packing', ...more });
const codes = (result: ReturnType<typeof blend>) => result.checks.map((check) => check.code);

describe('a blend of one component', () => {
  it.each([peat, pumice, loam])('is that component: $name', (component) => {
    const one = mix([component]);
    const alone = containerCapacity({ retention: component.retention, container });
    expect(one.shrink).toBe(0);
    expect(one.water).toBeCloseTo(alone.water, 9);
    expect(one.air).toBeCloseTo(alone.air, 9);
    expect(one.packing).toBeCloseTo(1 - component.interparticleVoid, 9);
    expect(one.bulkDensity_gcc).toBeCloseTo(component.dryBulkDensity_gcc, 12);
    expect(one.pH).toBeCloseTo(component.pH as number, 12);
    expect(one.pricePerL).toBeCloseTo(component.pricePerL as number, 12);
    expect(one.retentionRmse).toBeLessThan(1e-6);
    expect(one.retention.alpha_percm).toBeCloseTo(component.retention.alpha_percm, 3);
  });
});

describe('what mixing keeps', () => {
  const volumes = fc.array(fc.double({ min: 0.05, max: 9, noNaN: true }), { minLength: 3, maxLength: 3 });
  const given = (v: readonly number[]): BlendComponent[] =>
    [peat, pumice, loam].map((component, i) => ({ ...component, volume: v[i] as number }));

  it('solids close to 1e-9, and so does the water held at 50 cm, in the pores that mixing spares', () => {
    fc.assert(
      fc.property(volumes, (v) => {
        const components = given(v);
        const made = mix(components);
        const solids = components.reduce((sum, c) => sum + c.volume * c.dryBulkDensity_gcc, 0);
        const water = components.reduce((sum, c) => sum + c.volume * thetaAt(c.retention, 50), 0);
        const theta50 = made.curve.find((point) => point.head_cm === 50)?.theta as number;
        return (
          Math.abs(made.volume * made.bulkDensity_gcc - solids) < 1e-9 * solids &&
          Math.abs(made.volume * theta50 - water) < 1e-9 * water
        );
      }),
      { numRuns: 40 },
    );
  });

  it('the order of lines does not matter, nor does a line split in two', () => {
    fc.assert(
      fc.property(volumes, (v) => {
        const [a, b, c] = given(v) as [BlendComponent, BlendComponent, BlendComponent];
        const one = mix([a, b, c]);
        const other = mix([c, a, b]);
        const split = mix([{ ...a, volume: a.volume / 3 }, b, c, { ...a, name: 'rest', volume: (2 * a.volume) / 3 }]);
        return [other, split].every(
          (same) => Math.abs(same.air - one.air) < 1e-10 && Math.abs(same.shrink - one.shrink) < 1e-10,
        );
      }),
      { numRuns: 40 },
    );
  });

  it('the scale of the volumes does not matter', () => {
    const large = mix([
      { ...peat, volume: 200 },
      { ...pumice, volume: 100 },
    ]);
    const small = mix([peat, pumice]);
    expect(large.air).toBeCloseTo(small.air, 12);
    expect(large.volume).toBeCloseTo(100 * small.volume, 9);
  });

  it('more pumice never lowers the air of the plain average', () => {
    const air = [0, 1, 2, 3, 4, 5].map((volume) => mix([peat, { ...pumice, volume }], { model: 'average' }).air);
    expect(air).toEqual([...air].sort((a, b) => a - b));
  });
});

describe('the three models', () => {
  it('plain average: no shrink, bulk density of equal volumes in the middle', () => {
    const made = mix([{ ...peat, volume: 1 }, pumice], { model: 'average' });
    expect(made.shrink).toBe(0);
    expect(made.lambda).toBe(0);
    expect(made.bulkDensity_gcc).toBeCloseTo(0.3, 12);
    const expected = (thetaAt(peat.retention, 10) + thetaAt(pumice.retention, 10)) / 2;
    expect(made.curve.find((point) => point.head_cm === 10)?.theta).toBeCloseTo(expected, 12);
  });

  it('measured: the shrink typed in, out of the pores that drain by 10 cm', () => {
    const made = mix([peat, pumice], { model: 'measured', shrink: 0.06 });
    expect(made.volume).toBeCloseTo(2.82, 12);
    const drainable = [peat, pumice].reduce(
      (sum, c) => sum + c.volume * (c.retention.thetaS - thetaAt(c.retention, 10)),
      0,
    );
    expect(made.lambda).toBeCloseTo((0.06 * 3) / drainable, 12);
    expect(made.totalPorosity).toBeCloseTo((2 * 0.93 + 0.68 - 0.18) / 2.82, 12);
  });

  it('packing: kappa scales the shrink, and none at kappa 0', () => {
    const full = mix([peat, pumice]);
    expect(full.shrink).toBeGreaterThan(0.03);
    expect(mix([peat, pumice], { kappa: 0.5 }).shrink).toBeCloseTo(full.shrink / 2, 12);
    expect(mix([peat, pumice], { kappa: 0 }).air).toBeCloseTo(mix([peat, pumice], { model: 'average' }).air, 12);
  });

  it('a larger loss reaches into finer pores, and beyond all of them it is cut with a check', () => {
    const deeper = mix([peat, pumice], { model: 'measured', shrink: 0.3 });
    expect(deeper.lambda).toBeCloseTo(0.8, 9);
    expect(codes(deeper)).not.toContain('shrink-cut');
    const cut = mix([peat, pumice], { model: 'measured', shrink: 0.7 });
    expect(cut.shrink).toBeLessThan(0.7);
    expect(codes(cut)).toContain('shrink-cut');
    expect(cut.air).toBeGreaterThanOrEqual(0);
  });

  it('its profile has the mean that the container capacity states', () => {
    const input: BlendInput = { components: [peat, pumice], container, model: 'packing' };
    const profile = blendProfile(input, 20001);
    const trapezium = profile.reduce((sum, p, i) => sum + p.theta * (i === 0 || i === profile.length - 1 ? 0.5 : 1), 0);
    expect(blend(input).water).toBeCloseTo(trapezium / 20000, 6);
  });
});

describe('pH, salts and price', () => {
  it('pH lies where the buffers balance: (2x30x4 + 1x2x7) / (2x30 + 1x2)', () => {
    expect(mix([peat, pumice]).pH).toBeCloseTo((60 * 4 + 2 * 7) / 62, 12);
  });

  it('lime is given per litre of blend made', () => {
    const made = mix([peat, pumice], { lime_meqPerL: 20 });
    expect(made.pH).toBeCloseTo((60 * 4 + 2 * 7 + 20 * made.volume) / 62, 12);
  });

  it('salts and money are kept in less volume', () => {
    const made = mix([peat, pumice]);
    expect(made.ec_dSm).toBeCloseTo(0.24 / made.volume, 12);
    expect(made.pricePerL).toBeCloseTo(0.5 / made.volume, 12);
  });

  it('each is left out, naming the component, where one with volume lacks it', () => {
    const { pH: _pH, ec_dSm: _ec, pricePerL: _price, ...bare } = pumice;
    const made = mix([peat, bare]);
    expect(made).not.toHaveProperty('pH');
    expect(made).not.toHaveProperty('ec_dSm');
    expect(made).not.toHaveProperty('pricePerL');
    expect(codes(made)).toEqual(expect.arrayContaining(['no-ph', 'no-ec', 'no-price']));
    expect(mix([peat, { ...bare, volume: 0 }]).pH).toBeCloseTo(4, 12);
  });
});

describe('checks and refusals of a blend', () => {
  it('says when fines may wash down between coarse grains', () => {
    const silt = { ...loam, name: 'silt', d50_mm: 0.05, spread: 1.5, volume: 0.1 };
    expect(codes(mix([{ ...pumice, volume: 3 }, silt]))).toContain('fines-migrate');
    expect(codes(mix([peat, pumice]))).not.toContain('fines-migrate');
  });

  it('says when more air drains than lies between the grains', () => {
    expect(codes(mix([{ ...pumice, interparticleVoid: 0.2 }]))).toContain('air-over-void');
  });

  it.each<[RegExp, Partial<BlendInput>]>([
    [/invalid components:/, { components: [] }],
    [/components: all volumes are 0/, { components: [{ ...peat, volume: 0 }] }],
    [/components\[0\]\.volume/, { components: [{ ...peat, volume: -1 }] }],
    [/components\[0\]\.interparticleVoid/, { components: [{ ...peat, interparticleVoid: 0.95 }] }],
    [/components\[0\]\.spread/, { components: [{ ...peat, spread: 0.9 }] }],
    [/components\[0\]\.softness/, { components: [{ ...peat, softness: 1.1 }] }],
    [
      /components\[1\]\.retention\.n/,
      { components: [peat, { ...pumice, retention: { ...pumice.retention, n: 0.9 } }] },
    ],
    [/missing shrink/, { components: [peat], model: 'measured' }],
    [/invalid shrink/, { components: [peat], model: 'measured', shrink: -0.01 }],
    [/invalid kappa/, { components: [peat], kappa: -1 }],
    [/container\.height_cm/, { components: [peat], container: { height_cm: 0 } }],
  ])('%s', (message, input) => {
    expect(() => blend({ components: [peat], container, model: 'packing', ...input })).toThrow(message);
  });
});
