import { GOLDEN_PARTS } from '../blend';
import { defineMethod } from '../method';
import { bands } from './bands';
import { BANDS_INPUT } from './bandsInput';

const [HARD, SOFT] = GOLDEN_PARTS;

/** One sentence for every figure: how it is worked out is the same. */
const MIDDLE = {
  sentence: 'The middle of two thousand predictions of this blend, each with its lots as they may be.',
  formula: 'median over draws of everything that is not known for certain',
} as const;

export const bandsMethod = defineMethod({
  name: 'bands',
  version: 2,
  source: 'Repeated draws of every uncertain input, seeded.',
  schema: BANDS_INPUT,
  calculate: bands,
  outputs: {
    air: { of: 'air.p50', ...MIDDLE },
    water: { of: 'water.p50', ...MIDDLE },
    easilyAvailable: { of: 'easilyAvailable.p50', ...MIDDLE },
    totalPorosity: { of: 'totalPorosity.p50', ...MIDDLE },
    bulkDensity_gcc: { of: 'bulkDensity_gcc.p50', ...MIDDLE },
    pH: { of: 'pH.p50', ...MIDDLE },
    ec_dSm: { of: 'ec_dSm.p50', ...MIDDLE },
    pricePerL: { of: 'pricePerL.p50', ...MIDDLE },
    shrink: { of: 'shrink.p50', ...MIDDLE },
  },
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
      'air.p5': 0.18292926969,
      'air.p50': 0.208732446372,
      'air.p95': 0.231922068426,
      'water.p50': 0.514305614931,
      'easilyAvailable.p50': 0.166631059646,
      'totalPorosity.p50': 0.721906370586,
      'bulkDensity_gcc.p50': 0.426796706819,
      'bulkDensity_gcc.p95': 0.443627529434,
      'pH.p50': 4.35418853589,
      'ec_dSm.p50': 0.156242145417,
      'pricePerL.p50': 0.27411507841,
      'shrink.p50': 0.14787240051,
      'chance[0].chance': 0.67,
      'drivers[0].share': 0.645751874785,
    },
  },
});
