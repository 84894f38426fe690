import type { PropertyKey, Protocol } from '@bent-pail/core';

/** A good sheet of a protocol, by step, one value per replicate, and what its lot's card then shows. */
export interface SheetFixture {
  /** Vessels of the replicates, in order; the last serves for all that follow. */
  readonly vessels?: readonly { readonly height_cm: number; readonly full_g: number }[];
  readonly readings: Readonly<Record<string, readonly number[]>>;
  readonly shows: readonly PropertyKey[];
}

/** Sheets of protocols whose readings have to fit each other. */
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
    vessels: [{ height_cm: 5, full_g: 495.65 }],
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
  'several-depths': {
    vessels: [
      { height_cm: 5, full_g: 699.28 },
      { height_cm: 12, full_g: 1258.3 },
      { height_cm: 30, full_g: 2695.7 },
    ],
    readings: {
      waterTemp: [20],
      tare: [100, 100, 100],
      saturated: [499.4, 1058.4, 2496],
      drained: [475.4, 886, 1657.6],
      dryTray: [20, 20, 20],
      dry: [60, 116, 260],
    },
    shows: ['totalPorosity', 'bulkDensity_gcc'],
  },
  'stacked-rings': {
    vessels: [{ height_cm: 5, full_g: 495.65 }],
    readings: {
      waterTemp: [20],
      wet6: [166.1, 167],
      wet5: [173.9, 174.3],
      wet4: [187.6, 188.8],
      wet3: [209.1, 208.5],
      wet2: [240.4, 241],
      wet1: [256.1, 256.6],
      dry1: [80, 80.2],
      dry2: [80, 80.1],
      dry3: [80, 79.8],
      dry4: [80, 80.4],
      dry5: [80, 80],
      dry6: [80, 80.3],
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
  'dry-bulk-density': {
    vessels: [{ height_cm: 5, full_g: 495.65 }],
    readings: {
      ring: [110, 111],
      wet: [260.4, 262],
      tray: [20, 20],
      dry: [47.6, 48],
      vesselHeight: [5, 5],
      driedHeight: [4.4, 4.5],
    },
    shows: ['ringDensity_gcc', 'waterAt10', 'shrinkOnDrying'],
  },
  heft: { readings: { tare: [312, 312], full: [790, 802] }, shows: ['heft_gcc'] },
  evenness: { readings: { tare: [312, 312, 312], full: [790, 802, 960] }, shows: ['heft_gcc'] },
  'pour-test': {
    readings: { moisture: [1], poured: [200, 200], firstDrip: [12, 14], lastDrip: [95, 104], runoff: [4, 0] },
    shows: ['firstDrip_s', 'lastDrip_s', 'runoff'],
  },
  'constant-head': {
    readings: {
      waterTemp: [18],
      length: [10, 10],
      diameter: [5, 5],
      head: [8, 8],
      collected: [300, 310],
      time: [40, 40],
    },
    shows: ['k20_cms'],
  },
  'falling-head': {
    readings: {
      waterTemp: [18],
      length: [10, 10],
      diameter: [5, 5],
      pipe: [1, 1],
      head1: [80, 80],
      head2: [40, 40],
      time: [120, 126],
    },
    shows: ['k20_cms'],
  },
  'drop-penetration': {
    readings: { drop1: [20], drop2: [35], drop3: [12], drop4: [48], drop5: [22], drop6: [31] },
    shows: ['dropTime_s'],
  },
  hydration: {
    readings: {
      capacity: [600, 600],
      dry: [410, 412],
      pass1: [810, 806],
      pass2: [910, 905],
      pass3: [960, 958],
      pass4: [985, 981],
    },
    shows: ['firstPass', 'passesTo95'],
  },
  'ph-1to2': { readings: { pH: [5.3, 5.2] }, shows: ['pH1to2'] },
  'ph-paste': { readings: { pH: [5.5, 5.6], ec: [1.9, 2] }, shows: ['pHPaste', 'ecPaste'] },
  'ph-cacl2': { readings: { pH: [4.7, 4.8] }, shows: ['pHCaCl2'] },
  'pour-through': {
    readings: { poured: [120, 120], pH: [5.9, 6], ec: [2.9, 3.1] },
    shows: ['pHPourThrough', 'ecPourThrough'],
  },
  'ec-1to5': { readings: { ec: [0.21, 0.22] }, shows: ['ec1to5'] },
  buffering: {
    readings: { at0: [4.1, 4.2], at10: [4.6, 4.6], at20: [5.1, 5.2], at40: [6.2, 6.2] },
    shows: ['buffer_meqPerLpH', 'pHIncubated'],
  },
  'sieve-yield': {
    readings: { mesh: [2], sample: [1000], kept: [830], through: [160] },
    shows: ['sieveYield', 'sieveLoss'],
  },
  friability: { readings: { sample: [100, 100], through: [3.1, 3.6] }, shows: ['dustShare'] },
  jar: { readings: { sand: [32, 31], silt: [55, 54], all: [70, 71] }, shows: ['sandShare', 'siltShare', 'clayShare'] },
  'palm-grit': { readings: { grit: [2, 2, 1] }, shows: ['palmGrit'] },
  float: { readings: { floating: [12, 14], sunk: [88, 86] }, shows: ['floating'] },
  'grain-card': {
    readings: { edges: [2], pores: [2], crush: [1], fizz: [0], coating: [1], powder: [1], holes: [0] },
    shows: ['grainEdges', 'grainPores', 'crush', 'fizz', 'grainCoating', 'grainPowder', 'grainHoles'],
  },
  squeeze: { readings: { moisture: [1], squeeze: [1, 1, 2] }, shows: ['squeeze'] },
  'ball-ribbon': { readings: { ball: [1, 1], ribbon: [2, 2.4] }, shows: ['ribbon_cm', 'ball'] },
  smell: { readings: { smell: [0, 0, 1] }, shows: ['smell'] },
  look: {
    readings: { volume: [1, 1], plastic: [2, 0], glass: [0, 0], stones: [3, 4], wood: [1, 2], unknown: [0, 1] },
    shows: ['foreignPerL', 'woodPerL', 'unknownPerL'],
  },
  'look-fresh-dry': {
    readings: { colourFresh: [3, 3], makeUpFresh: [0, 0], colourDry: [1, 2], makeUpDry: [4, 4], beside: [0, 1] },
    shows: ['colourFresh', 'makeUpFresh', 'colourDry', 'makeUpDry', 'besideOther'],
  },
  'rinse-colour': { readings: { colour: [2, 2] }, shows: ['rinseColour'] },
  maturity: {
    readings: {
      room: [18],
      warmest: [21, 22],
      bits: [0, 1],
      bag: [0, 0],
      sown: [50, 50],
      sprouted: [46, 48],
      proven: [48, 49],
    },
    shows: ['heating_C', 'recognisable', 'bagSmell', 'cress', 'cressBeside', 'cressProven'],
  },
  weeds: { readings: { volume: [1, 1], seedlings: [6, 4], blank: [1] }, shows: ['weedsPerL'] },
  pests: { readings: { pests: [1] }, shows: ['pests'] },
  dust: { readings: { dust: [1, 2] }, shows: ['dustRaised'] },
  separation: { readings: { sample: [200, 200], topFines: [30, 28], bottomFines: [58, 61] }, shows: ['separation'] },
  'sets-hard': { readings: { press: [1, 1] }, shows: ['setsHard'] },
  durability: {
    readings: { before: [100, 100], frozen: [94, 95], rubbed: [91, 93] },
    shows: ['frostLoss', 'rubLoss'],
  },
  unknowns: {
    readings: { rub: [3], float: [0], magnet: [0], dry: [5], soaked: [5], week2: [0], week6: [0] },
    shows: ['unknownRub', 'unknownFloat', 'unknownMagnet', 'unknownLater', 'swelling'],
  },
  expansion: { readings: { dry: [5], water: [20], loose: [65] }, shows: ['expansion_LperKg', 'prepWater_L'] },
  'lab-report': {
    readings: { nitrate: [62], ammonium: [4], potassium: [180], sodium: [40], organic: [82] },
    shows: ['labNitrate', 'labPotassium', 'labOrganic'],
  },
  settling: {
    readings: { day0: [18, 18], watered: [17, 17.2], month1: [16.6, 16.9] },
    shows: ['settledFirst', 'settledMonth'],
  },
};

/**
 * A good sheet of a protocol: its own, or one that is filled in by its bounds, each step somewhat above the one before;
 * such a one has to show something, whatever it is.
 */
export function sheetOf({ key, steps }: Protocol): SheetFixture {
  const filled = steps
    .filter((step) => step.hold === undefined)
    .map(({ key: step, bounds: [lo, hi], classes }, i): [string, readonly number[]] => [
      step,
      classes === undefined ? [0.1, 0.11].map((share) => Math.round(lo + (hi - lo) * (share + 0.02 * i))) : [0, 1],
    ]);
  return SHEETS[key] ?? { readings: Object.fromEntries(filled), shows: [] };
}
