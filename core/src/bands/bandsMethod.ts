import { defineMethod } from '../method';
import { bands } from './bands';
import { BANDS_INPUT } from './bandsInput';

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
        {
          name: 'pumice',
          volume: 2,
          volume_se: 0.05,
          dryBulkDensity_gcc: 0.5,
          retention: { thetaR: 0.16, thetaS: 0.68, alpha_percm: 1.7, n: 1.6 },
          interparticleVoid: 0.43,
          d50_mm: 5,
          spread: 1.8,
          pH: 7,
          buffer_meqPerLpH: 2,
          ec_dSm: 0.1,
          pricePerL: 0.3,
        },
        {
          name: 'peat',
          volume: 1,
          dryBulkDensity_gcc: 0.09,
          dryBulkDensity_gcc_se: 0.004,
          retention: { thetaR: 0.2, thetaS: 0.93, alpha_percm: 0.12, alpha_percm_se: 0.02, n: 1.7 },
          interparticleVoid: 0.5,
          d50_mm: 0.9,
          spread: 2.4,
          softness: 0.7,
          pH: 4,
          buffer_meqPerLpH: 30,
          ec_dSm: 0.2,
          pricePerL: 0.1,
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
