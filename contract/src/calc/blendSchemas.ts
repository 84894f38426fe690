import { FEEDERS, LAB_PROPERTIES, type CalcName } from '@bent-pail/core';
import { container, list, number, object, range, retention, retentionFields, text, type JsonSchema } from './json';

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

/** Inputs of what is asked about blends: what they are, which to mix, how much, and what they feed. */
export const BLEND_SCHEMAS = {
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
  throughflow: object(
    {
      lines: list(
        object({ name: text, volume: number, thetaS: number, thetaDrained: number, k20_cms: number }, [
          'name',
          'volume',
          'thetaS',
          'thetaDrained',
          'k20_cms',
        ]),
      ),
      macroporosity: number,
    },
    ['lines', 'macroporosity'],
  ),
} satisfies Partial<Record<CalcName, JsonSchema>>;
