import { MEDIA_CLASSES, type CalcName } from '@bent-pail/core';
import { BLEND_SCHEMAS } from './blendSchemas';
import { container, list, number, object, range, retention, text, type JsonSchema } from './json';

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
  ...BLEND_SCHEMAS,
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
  'container-capacity': object({ retention, container, baseSuction_cm: number }, ['retention', 'container']),
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
  'pen-reading': object({ buffers: list(object({ pH: number, shown: number }, ['pH', 'shown'])), shown: number }, [
    'buffers',
  ]),
};
