import { FEEDERS, LAB_PROPERTIES, MEDIA_CLASSES, type CalcName } from '@bent-pail/core';

/** A JSON Schema, as published by `--schema` and as used to check input. */
export type JsonSchema = Readonly<Record<string, unknown>>;

const number: JsonSchema = { type: 'number' };
const text: JsonSchema = { type: 'string', minLength: 1 };

/** A closed object: fields that are not named are refused by name. */
function object(properties: Readonly<Record<string, JsonSchema>>, required: readonly string[]): JsonSchema {
  return { type: 'object', properties, required, additionalProperties: false };
}

const list = (items: JsonSchema): JsonSchema => ({ type: 'array', items });

const container = object({ height_cm: number, topDiameter_cm: number, baseDiameter_cm: number }, ['height_cm']);

const retentionFields = { thetaR: number, thetaS: number, alpha_percm: number, n: number };
const retention = object(retentionFields, Object.keys(retentionFields));

const replicate = object(
  {
    tare_g: number,
    filled_g: number,
    saturated_g: number,
    drained_g: number,
    dryTray_g: number,
    dry_g: number,
    settledDepth_cm: number,
    drained_mL: number,
  },
  ['tare_g', 'saturated_g', 'drained_g', 'dryTray_g', 'dry_g'],
);

const componentFields = {
  name: text,
  volume: number,
  dryBulkDensity_gcc: number,
  retention,
  interparticleVoid: number,
  d50_mm: number,
  spread: number,
  softness: number,
  pH: number,
  buffer_meqPerLpH: number,
  ec_dSm: number,
  pricePerL: number,
};
const componentNeeds = ['name', 'dryBulkDensity_gcc', 'retention', 'interparticleVoid', 'd50_mm', 'spread'] as const;
const component = object(componentFields, ['volume', ...componentNeeds]);

const blendFields = {
  container,
  model: { enum: ['packing', 'average', 'measured'] },
  kappa: number,
  shrink: number,
  lime_meqPerL: number,
};

const slowFeed = (kind: string): JsonSchema =>
  object({ kind: { const: kind }, g: number, n_percent: number, lasts_d: number, first_d: number }, [
    'kind',
    'g',
    'n_percent',
    'lasts_d',
    'first_d',
  ]);

/** The same with a standard error beside every number. */
function withErrors(fields: Readonly<Record<string, JsonSchema>>): Readonly<Record<string, JsonSchema>> {
  const errors = Object.entries(fields).flatMap(([key, schema]) =>
    schema === number ? [[`${key}_se`, number] as const] : [],
  );
  return { ...fields, ...Object.fromEntries(errors) };
}

const side: JsonSchema = { type: ['number', 'null'] };
const range: JsonSchema = { type: 'array', items: side, minItems: 2, maxItems: 2 };

/** Told apart by `kind`. */
const observation: JsonSchema = {
  type: 'object',
  required: ['kind'],
  discriminator: { propertyName: 'kind' },
  oneOf: [
    object({ kind: { const: 'point' }, head_cm: number, ringHeight_cm: number, theta: number, weight: number }, [
      'kind',
      'head_cm',
      'theta',
    ]),
    object({ kind: { const: 'column' }, height_cm: number, theta: number, weight: number }, [
      'kind',
      'height_cm',
      'theta',
    ]),
    object({ kind: { const: 'slice' }, from_cm: number, to_cm: number, theta: number, weight: number }, [
      'kind',
      'from_cm',
      'to_cm',
      'theta',
    ]),
  ],
};

const constantHead = {
  method: { const: 'constant' },
  volume_mL: number,
  length_cm: number,
  area_cm2: number,
  time_s: number,
  headDifference_cm: number,
  waterTemp_C: number,
};
const fallingHead = {
  method: { const: 'falling' },
  tubeArea_cm2: number,
  area_cm2: number,
  length_cm: number,
  time_s: number,
  head1_cm: number,
  head2_cm: number,
  waterTemp_C: number,
};

/** Told apart by `type`, so that a mistake inside one form is reported as such. */
const scoreFunction: JsonSchema = {
  type: 'object',
  required: ['type'],
  discriminator: { propertyName: 'type' },
  oneOf: [
    object({ type: { const: 'line' }, at0: number, at10: number }, ['type', 'at0', 'at10']),
    object({ type: { const: 'bands' }, bands: list(object({ upTo: number, score: number }, ['score'])) }, [
      'type',
      'bands',
    ]),
    object({ type: { const: 'window' }, ideal: range, limits: range }, ['type', 'ideal', 'limits']),
    object({ type: { const: 'direct' } }, ['type']),
  ],
};

const criterion = object(
  {
    name: text,
    weight: number,
    kind: { enum: ['price', 'measured', 'panel', 'grow', 'claims', 'must'] },
    function: scoreFunction,
    value: number,
    raters: list(number),
  },
  ['name', 'weight', 'kind', 'function'],
);

/** Shapes of every calculation's input. Whether the numbers make sense together is the core's to say. */
export const CALC_SCHEMAS: Readonly<Record<CalcName, JsonSchema>> = {
  porosity: object(
    {
      vessel: object({ volume_mL: number, height_cm: number, topDiameter_cm: number, baseDiameter_cm: number }, [
        'volume_mL',
        'height_cm',
      ]),
      waterTemp_C: number,
      replicates: list(replicate),
      organicFraction: number,
      materialClass: { enum: MEDIA_CLASSES.map((mediaClass) => mediaClass.id) },
    },
    ['vessel', 'replicates'],
  ),
  kitchen: object({ vesselVolume_mL: number, waterAdded_mL: number, drained_mL: number }, [
    'vesselVolume_mL',
    'waterAdded_mL',
    'drained_mL',
  ]),
  replicates: object({ values: list(number), floor: number, resolution: number }, ['values']),
  'retention-infer': object({ thetaS: number, capacity: number, container, thetaR: number, n: number }, [
    'thetaS',
    'capacity',
    'container',
    'thetaR',
    'n',
  ]),
  'retention-fit': object(
    {
      d50_mm: number,
      observations: list(observation),
      fix: object({ thetaR: number, thetaS: number, alpha_percm: number, n: number }, []),
    },
    ['observations'],
  ),
  drainage: object({ readings: list(object({ t_s: number, drained_mL: number }, ['t_s', 'drained_mL'])) }, [
    'readings',
  ]),
  conductivity: {
    type: 'object',
    required: ['method'],
    discriminator: { propertyName: 'method' },
    oneOf: [object(constantHead, Object.keys(constantHead)), object(fallingHead, Object.keys(fallingHead))],
  },
  'ph-calibration': object({ temp_C: number, buffers: list(object({ pH: number, mV: number }, ['pH', 'mV'])) }, [
    'temp_C',
    'buffers',
  ]),
  'ph-reading': object(
    {
      calibration: object({ slope_mVperpH: number, offset_mV: number, temp_C: number }, [
        'slope_mVperpH',
        'offset_mV',
        'temp_C',
      ]),
      mV: number,
      temp_C: number,
    },
    ['calibration', 'mV', 'temp_C'],
  ),
  ec25: object({ ec_dSm: number, temp_C: number, method: { enum: ['paste', '1:2', '1:5', 'pour-through'] } }, [
    'ec_dSm',
    'temp_C',
  ]),
  sieve: object(
    {
      sample_g: number,
      sieves: list(object({ opening_mm: number, retained_g: number }, ['opening_mm', 'retained_g'])),
    },
    ['sample_g', 'sieves'],
  ),
  rinse: object({ readings_dSm: list(number), target_dSm: number }, ['readings_dSm', 'target_dSm']),
  texture: object({ sand: number, silt: number, clay: number }, ['sand', 'silt', 'clay']),
  'settling-time': object({ depth_cm: number, diameter_um: number, temp_C: number, particleDensity_gcc: number }, [
    'depth_cm',
    'diameter_um',
    'temp_C',
  ]),
  dose: object(
    {
      components: list(
        object({ name: text, volume: number, pH: number, buffer_meqPerLpH: number }, [
          'name',
          'volume',
          'pH',
          'buffer_meqPerLpH',
        ]),
      ),
      targetPH: number,
      cce: number,
      purity: number,
      shrink: number,
    },
    ['components', 'targetPH'],
  ),
  'container-capacity': object({ retention, container, baseSuction_cm: number }, ['retention', 'container']),
  blend: object({ components: list(component), ...blendFields }, ['components', 'container', 'model']),
  'recipe-search': object(
    {
      components: list(object({ ...componentFields, minParts: number, maxParts: number }, componentNeeds)),
      parts: number,
      container,
      targets: list(
        object({ property: text, ideal: range, limits: range, weight: number, must: { type: 'boolean' } }, [
          'property',
          'ideal',
          'limits',
          'weight',
        ]),
      ),
      keep: number,
      kappa: number,
    },
    ['components', 'parts', 'container', 'targets'],
  ),
  bands: object(
    {
      components: list(
        object(
          {
            ...withErrors(componentFields),
            retention: object(withErrors(retentionFields), Object.keys(retentionFields)),
            retention_cov: list(list(number)),
          },
          ['volume', ...componentNeeds],
        ),
      ),
      ...withErrors(blendFields),
      draws: number,
      seed: { type: 'integer', minimum: 0 },
      windows: list(object({ property: text, range }, ['property', 'range'])),
      driversOf: text,
    },
    ['components', 'container', 'model'],
  ),
  quantity: object(
    {
      // Pots, a bed or a volume: which of them is complete is the core's to say.
      want: object(
        { pots: number, potVolume_L: number, length_m: number, width_m: number, depth_cm: number, volume_L: number },
        [],
      ),
      settling: number,
      shrink: number,
      lines: list(
        object({ name: text, parts: number, yield: number, unit_L: number, pricePerUnit: number }, ['name', 'parts']),
      ),
    },
    ['want', 'settling', 'shrink', 'lines'],
  ),
  score: object(
    {
      criteria: list(criterion),
      aggregate: { enum: ['arithmetic', 'geometric'] },
      caps: list(object({ criterion: text, below: number, max: number }, ['criterion', 'below', 'max'])),
      draws: { type: 'integer', minimum: 1, maximum: 100000 },
      seed: { type: 'integer', minimum: 0 },
    },
    ['criteria'],
  ),
  'lot-spread': object({ lots: list(list(number)), halfWidth: number }, ['lots']),
  ratio: object({ add: list(number), take: list(number), per: list(number), perTake: list(number) }, ['add']),
  'drop-time': object({ drops_s: list(number) }, ['drops_s']),
  hydration: object({ held_mL: list(number), capacity_mL: number }, ['held_mL', 'capacity_mL']),
  titration: object({ steps: list(object({ dose_meqPerL: number, pH: number }, ['dose_meqPerL', 'pH'])) }, ['steps']),
  nutrients: object(
    {
      lines: list(
        object(
          {
            name: text,
            volume: number,
            mgL: object(Object.fromEntries(LAB_PROPERTIES.map((key) => [key, number])), []),
            drawdown_mgL: number,
          },
          ['name', 'volume'],
        ),
      ),
      made: number,
      feeder: { enum: FEEDERS },
      fed_mgL: number,
      productN_percent: number,
    },
    ['lines', 'made', 'feeder'],
  ),
  feeding: object(
    {
      medium_L: number,
      water_mL: number,
      days: { type: 'integer' },
      start_mgL: number,
      drawdown_mgL: number,
      uptake_mgLd: number,
      drained_mLperD: number,
      feeds: list({
        type: 'object',
        discriminator: { propertyName: 'kind' },
        required: ['kind'],
        oneOf: [
          object({ kind: { const: 'liquid' }, n_mgL: number, volume_mL: number, every_d: number, first_d: number }, [
            'kind',
            'n_mgL',
            'volume_mL',
            'every_d',
            'first_d',
          ]),
          slowFeed('coated'),
          slowFeed('top-dress'),
        ],
      }),
    },
    ['medium_L', 'water_mL', 'days', 'start_mgL', 'drawdown_mgL', 'uptake_mgLd', 'drained_mLperD', 'feeds'],
  ),
  'pot-outlook': object(
    {
      container,
      volume_L: number,
      fill: number,
      pot_kg: number,
      bulkDensity_gcc: number,
      water: number,
      waterAtEasy: number,
      use_mmPerD: number,
      pricePerL: number,
      potsPerM2: number,
      limit_kgPerM2: number,
    },
    ['container', 'bulkDensity_gcc', 'water', 'waterAtEasy', 'use_mmPerD'],
  ),
  'pen-reading': object({ buffers: list(object({ pH: number, shown: number }, ['pH', 'shown'])), shown: number }, [
    'buffers',
  ]),
};
