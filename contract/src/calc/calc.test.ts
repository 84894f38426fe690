import { describe, expect, it } from 'vitest';
import { CALC_NAMES, calcSchema, runCalc } from '.';

const replicate = { tare_g: 100, saturated_g: 1000, drained_g: 700, dryTray_g: 0, dry_g: 300 };
const curve = { thetaR: 0.1, thetaS: 0.9, alpha_percm: 0.1, n: 2 };
const part = {
  name: 'pumice',
  volume: 1,
  dryBulkDensity_gcc: 0.5,
  retention: { thetaR: 0.16, thetaS: 0.68, alpha_percm: 1.7, n: 1.6 },
  interparticleVoid: 0.43,
  d50_mm: 5,
  spread: 1.8,
};
const blend = { components: [part], container: { height_cm: 15 }, model: 'packing' };
const line = { type: 'line', at0: 0, at10: 10 };

/** A good input of every calculation, and a number of its answer that was worked out by hand. */
const GOOD: Readonly<Record<string, readonly [object, string, number]>> = {
  porosity: [{ vessel: { volume_mL: 1000, height_cm: 10 }, replicates: [replicate] }, 'summary.airSpace.mean', 0.30054],
  kitchen: [{ vesselVolume_mL: 1000, waterAdded_mL: 520, drained_mL: 210 }, 'capacityAtLeast', 0.31],
  replicates: [{ values: [0.361, 0.358, 0.364] }, 'summary.sd', 0.003],
  'retention-infer': [
    { thetaS: 0.9, thetaR: 0.1, n: 2, capacity: 0.1 + 0.8 * Math.asinh(1), container: { height_cm: 10 } },
    'retention.alpha_percm',
    0.1,
  ],
  'container-capacity': [{ retention: curve, container: { height_cm: 10 } }, 'water', 0.1 + 0.8 * Math.asinh(1)],
  'retention-fit': [
    {
      observations: [0, 2, 5, 10, 30, 100].map((head_cm) => ({
        kind: 'point',
        head_cm,
        theta: 0.1 + 0.8 / Math.sqrt(1 + (0.1 * head_cm) ** 2),
      })),
    },
    'retention.alpha_percm',
    0.1,
  ],
  drainage: [
    { readings: [10, 30, 60, 120, 300].map((t_s) => ({ t_s, drained_mL: 300 * (1 - Math.exp(-t_s / 60)) })) },
    'vInf_mL',
    300,
  ],
  conductivity: [
    {
      method: 'constant',
      volume_mL: 100,
      length_cm: 10,
      area_cm2: 20,
      time_s: 50,
      headDifference_cm: 5,
      waterTemp_C: 20,
    },
    'k20_cms',
    0.2,
  ],
  'ph-calibration': [
    {
      temp_C: 25,
      buffers: [
        { pH: 4.01, mV: 174.7 },
        { pH: 7, mV: 0 },
      ],
    },
    'slope_mVperpH',
    58.42809,
  ],
  'ph-reading': [{ calibration: { slope_mVperpH: 58, offset_mV: 0, temp_C: 25 }, mV: 116, temp_C: 25 }, 'pH', 5],
  ec25: [{ ec_dSm: 1, temp_C: 20 }, 'ec25_dSm', 1.105583],
  sieve: [
    {
      sample_g: 100,
      sieves: [
        { opening_mm: 2, retained_g: 40 },
        { opening_mm: 1, retained_g: 30 },
        { opening_mm: 0, retained_g: 30 },
      ],
    },
    'd50_mm',
    2 ** (2 / 3),
  ],
  rinse: [{ readings_dSm: [3.2, 1.7, 0.95], target_dSm: 0.5 }, 'rinsesToTarget', 4],
  texture: [{ sand: 0.4, silt: 0.4, clay: 0.2 }, 'class.length', 4],
  'settling-time': [{ depth_cm: 10, diameter_um: 50, temp_C: 20 }, 'time_s', 44.537227],
  dose: [
    { components: [{ name: 'peat', volume: 1, pH: 4, buffer_meqPerLpH: 30 }], targetPH: 5.5 },
    'lime_gPerMadeL',
    2.2518,
  ],
  'recipe-search': [
    {
      components: [part, { ...part, name: 'other' }],
      parts: 4,
      container: { height_cm: 15 },
      targets: [{ property: 'air', ideal: [0.3, 0.4], limits: [0.2, null], weight: 1 }],
    },
    'evaluated',
    5,
  ],
  bands: [{ ...blend, components: [{ ...part, volume_se: 0 }], draws: 10 }, 'bulkDensity_gcc.p50', 0.5],
  quantity: [
    { want: { pots: 100, potVolume_L: 2 }, settling: 0.1, shrink: 0.2, lines: [{ name: 'bark', parts: 1 }] },
    'loose_L',
    277.777778,
  ],
  'lot-spread': [
    {
      lots: [
        [10, 12],
        [14, 16],
        [12, 14],
      ],
      halfWidth: 5,
    },
    'betweenSd',
    Math.sqrt(3),
  ],
  ratio: [{ add: [12, 8], take: [2], per: [4] }, 'ratio', 4.5],
  'drop-time': [{ drops_s: [90, 3, 4] }, 'median_s', 4],
  // 100 mg/L at 4 mg/L a day; 1 L with 40 mg taken at 4 mg a day; 10 L at 0.2 g/mL and half water.
  nutrients: [
    { lines: [{ name: 'Feed', volume: 1, mgL: { labNitrate: 100 } }], made: 1, feeder: 'medium' },
    'days',
    25,
  ],
  feeding: [
    {
      medium_L: 1,
      water_mL: 500,
      days: 5,
      start_mgL: 40,
      drawdown_mgL: 0,
      uptake_mgLd: 4,
      drained_mLperD: 0,
      feeds: [{ kind: 'coated', g: 1, n_percent: 1, lasts_d: 5, first_d: 0 }],
    },
    'left_mg',
    30,
  ],
  'pot-outlook': [
    {
      container: { height_cm: 20 },
      volume_L: 10,
      fill: 1,
      bulkDensity_gcc: 0.2,
      water: 0.5,
      waterAtEasy: 0.3,
      use_mmPerD: 2.5,
    },
    'wet_kg',
    7,
  ],
  throughflow: [
    {
      lines: [
        { name: 'a', volume: 1, thetaS: 0.8, thetaDrained: 0.4, k20_cms: 0.4 },
        { name: 'b', volume: 1, thetaS: 0.8, thetaDrained: 0.4, k20_cms: 0.1 },
      ],
      macroporosity: 0.4,
    },
    'k20_cms',
    0.2,
  ],
  hydration: [{ held_mL: [400, 500, 550, 575], capacity_mL: 600 }, 'hMax_mL', 600],
  'pen-reading': [
    {
      buffers: [
        { pH: 4, shown: 4.2 },
        { pH: 7, shown: 7.2 },
      ],
      shown: 5.7,
    },
    'pH',
    5.5,
  ],
  titration: [
    {
      steps: [
        { dose_meqPerL: 0, pH: 4.5 },
        { dose_meqPerL: 20, pH: 5.5 },
      ],
    },
    'buffer_meqPerLpH',
    20,
  ],
  blend: [
    { ...blend, model: 'average', components: [part, { ...part, dryBulkDensity_gcc: 0.1 }] },
    'bulkDensity_gcc',
    0.3,
  ],
  score: [
    {
      criteria: [
        { name: 'a', weight: 1, kind: 'panel', function: line, value: 8 },
        { name: 'b', weight: 2, kind: 'panel', function: line, value: 5 },
      ],
    },
    'overall',
    6,
  ],
};

const at = (answer: unknown, path: string): unknown =>
  path.split('.').reduce<unknown>((inside, key) => (inside as Record<string, unknown>)[key], answer);

describe('every calculation', () => {
  it('has a good case here', () => {
    expect(Object.keys(GOOD).sort()).toEqual([...CALC_NAMES].sort());
  });

  it.each(Object.entries(GOOD))('%s answers what was worked out by hand', (name, [input, path, expected]) => {
    const answer = runCalc(name, input);
    if (!answer.ok) throw new Error(answer.error.message);
    expect(at(answer.result, path)).toBeCloseTo(expected, 5);
    expect(JSON.stringify(answer.result)).not.toMatch(/null|NaN/);
  });

  it.each(Object.entries(GOOD))('%s refuses a field that it does not know, by name', (name, [input]) => {
    expect(runCalc(name, { ...input, colour: 1 })).toMatchObject({
      ok: false,
      error: { code: 'unknown', path: 'colour' },
    });
  });

  it.each(Object.entries(GOOD))('%s names the first field that is missing', (name, [input]) => {
    const [first] = calcSchema(name as never).required as string[];
    const { [first as string]: _gone, ...rest } = input as Record<string, unknown>;
    expect(runCalc(name, rest)).toMatchObject({ ok: false, error: { code: 'missing', path: first } });
  });

  it.each(Object.entries(GOOD))('%s publishes a schema that closes its objects', (name) => {
    const schema = calcSchema(name as never);
    const forms = (schema.oneOf as object[] | undefined) ?? [schema];
    for (const form of forms) expect(form).toMatchObject({ type: 'object', additionalProperties: false });
  });
});

describe('what cannot be used', () => {
  const porosity = (more: object, vessel: object = {}) => ({
    vessel: { volume_mL: 1000, height_cm: 10, ...vessel },
    replicates: [replicate, { ...replicate, ...more }],
  });
  it.each<[string, string, object, string, string]>([
    ['porosity', 'drained above saturated', porosity({ drained_g: 1001 }), 'invalid', 'replicates[1].drained_g'],
    ['porosity', 'a negative mass', porosity({ tare_g: -1 }), 'invalid', 'replicates[1].tare_g'],
    ['porosity', 'text for a number', porosity({ dry_g: '300' }), 'invalid', 'replicates[1].dry_g'],
    ['porosity', 'a mass left out', porosity({ dry_g: undefined }), 'missing', 'replicates[1].dry_g'],
    ['porosity', 'a volume of zero', porosity({}, { volume_mL: 0 }), 'invalid', 'vessel.volume_mL'],
    ['porosity', 'one diameter only', porosity({}, { topDiameter_cm: 12 }), 'missing', 'vessel.baseDiameter_cm'],
    [
      'porosity',
      '13 replicates',
      { vessel: { volume_mL: 1000, height_cm: 10 }, replicates: Array.from({ length: 13 }, () => replicate) },
      'invalid',
      'replicates',
    ],
    [
      'porosity',
      'no replicates',
      { vessel: { volume_mL: 1000, height_cm: 10 }, replicates: [] },
      'invalid',
      'replicates',
    ],
    ['porosity', 'an unknown class', { ...porosity({}), materialClass: 'gravel-blue' }, 'unknown', 'materialClass'],
    ['porosity', 'boiling water', { ...porosity({}), waterTemp_C: 101 }, 'invalid', 'waterTemp_C'],
    ['replicates', 'an empty list', { values: [] }, 'invalid', 'values'],
    [
      'retention-infer',
      'a capacity under the residual',
      { thetaS: 0.9, thetaR: 0.3, n: 2, capacity: 0.2, container: { height_cm: 10 } },
      'invalid',
      'capacity',
    ],
    [
      'container-capacity',
      'a shape of one',
      { retention: { ...curve, n: 1 }, container: { height_cm: 10 } },
      'invalid',
      'retention.n',
    ],
    ['blend', 'no volume at all', { ...blend, components: [{ ...part, volume: 0 }] }, 'invalid', 'components'],
    [
      'blend',
      'a void above the porosity',
      { ...blend, components: [{ ...part, interparticleVoid: 0.8 }] },
      'invalid',
      'components[0].interparticleVoid',
    ],
    ['blend', 'a measured model without its shrink', { ...blend, model: 'measured' }, 'missing', 'shrink'],
    ['blend', 'a negative shrink', { ...blend, model: 'measured', shrink: -0.1 }, 'invalid', 'shrink'],
    ['blend', 'an unknown model', { ...blend, model: 'guess' }, 'unknown', 'model'],
    [
      'score',
      'an unknown function',
      { criteria: [{ name: 'a', weight: 1, kind: 'panel', function: { type: 'curve' } }] },
      'unknown',
      'criteria[0].function.type',
    ],
    [
      'score',
      'a cap on nothing',
      {
        criteria: [{ name: 'a', weight: 1, kind: 'panel', function: line }],
        caps: [{ criterion: 'b', below: 1, max: 2 }],
      },
      'unknown',
      'caps[0].criterion',
    ],
  ])('%s: %s', (name, _, input, code, path) => {
    const answer = runCalc(name, JSON.parse(JSON.stringify(input)));
    expect(answer).toMatchObject({ ok: false, error: { code, path } });
    if (!answer.ok) expect(answer.error.message).toMatch(new RegExp(`^${code} `));
  });

  it('an unknown name lists the known ones', () => {
    expect(runCalc('sorcery', {})).toMatchObject({ ok: false, error: { code: 'unknown', path: 'name' } });
  });

  it.each([[[]], ['text'], [3], [null]])('%j instead of an object', (input) => {
    expect(runCalc('kitchen', input)).toMatchObject({ ok: false, error: { code: 'invalid', path: 'input' } });
  });
});
