import type { PropertyKey } from '@bent-pail/core';

/** A good sheet of a protocol, by step, one value per replicate, and what its lot's card then shows. */
export interface SheetFixture {
  readonly vessel?: { readonly height_cm: number; readonly full_g: number };
  readonly readings: Readonly<Record<string, readonly number[]>>;
  readonly shows: readonly PropertyKey[];
}

/** One sheet for every shipped protocol; a protocol without one fails the suite. */
export const SHEETS: Readonly<Record<string, SheetFixture>> = {
  'saturate-drain-dry': {
    readings: {
      waterTemp: [17.4],
      tare: [312.4, 311.9],
      saturated: [1541.6, 1539.2],
      drained: [1157.5, 1153.1],
      dryTray: [20, 20],
      dry: [530.2, 527.4],
    },
    shows: ['totalPorosity', 'containerCapacity', 'airSpace', 'bulkDensity_gcc'],
  },
  'kitchen-form': { readings: { added: [455, 448], collected: [142, 137] }, shows: ['airSpace', 'capacityAtLeast'] },
  'ph-1to5': { readings: { pH: [5.1, 5.2] }, shows: ['pH'] },
  'ec-1to2': { readings: { ec: [0.51, 0.53] }, shows: ['ec_dSm'] },
  'bag-volume': { readings: { volume: [48.1] }, shows: ['bagVolume_L'] },
  'suction-table': {
    // Rings of 5 cm and 196 mL with a peat of thetaR 0.267, thetaS 0.93, alpha 0.106, n 1.83, dry 17.6 g.
    vessel: { height_cm: 5, full_g: 495.65 },
    readings: {
      waterTemp: [20],
      tare: [110, 111],
      soaked: [309.5, 310.6],
      at10: [272.4, 273.2],
      at20: [240.7, 241.5],
      at50: [211.4, 212.3],
      at100: [199.5, 200.4],
      dryTray: [20, 20],
      dry: [37.6, 37.7],
    },
    shows: ['airAt10', 'easilyAvailable', 'buffering', 'lessAvailable'],
  },
  sieve: {
    readings: {
      sample: [200, 200],
      mesh8: [4, 5],
      mesh4: [96, 92],
      mesh2: [70, 72],
      mesh1: [18, 19],
      mesh0_5: [7, 7],
      mesh0_25: [3, 3],
      mesh0: [1.5, 1.6],
    },
    shows: ['d50_mm', 'grainSpread', 'fines'],
  },
  'drain-curve': {
    readings: {
      at15: [70, 66],
      at30: [125, 119],
      at60: [200, 194],
      at120: [275, 269],
      at300: [335, 331],
      at600: [349, 345],
    },
    shows: ['t50_s', 't90_s'],
  },
  rinse: {
    readings: { drain0: [3.2, 3.3], drain1: [1.7, 1.76], drain2: [0.96, 0.98], drain3: [0.57, 0.6] },
    shows: ['ecInf_dSm', 'rinsesToTarget'],
  },
};
