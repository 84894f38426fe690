import { GOLDEN_PARTS } from '../blend';
import { defineMethod } from '../method';
import { bands } from './bands';
import { BANDS_INPUT } from './bandsInput';

const [HARD, SOFT] = GOLDEN_PARTS;

export const bandsMethod = defineMethod({
  name: 'bands',
  version: 1,
  source: 'Repeated draws of every uncertain input, seeded.',
  schema: BANDS_INPUT,
  calculate: bands,
  outputs: {},
  golden: {
    input: {
      components: [
        { ...HARD, volume_se: 0.05 },
        {
          ...SOFT,
          dryBulkDensity_gcc_se: 0.004,
          retention: { ...SOFT.retention, alpha_percm_se: 0.02 },
        },
      ],
      container: { height_cm: 15 },
      model: 'packing',
      kappa: 0.9,
      kappa_se: 0.1,
      draws: 100,
      seed: 7,
      windows: [{ property: 'air', range: [0.2, 0.45] }],
    },
    gives: {
      'air.p5': 0.18138686044,
      'air.p50': 0.204502288968,
      'air.p95': 0.224852972925,
      'water.p50': 0.517680248839,
      'bulkDensity_gcc.p95': 0.445631254696,
      'chance[0].chance': 0.58,
      'drivers[0].share': 0.496336007956,
    },
  },
});
