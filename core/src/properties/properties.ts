/** One name for one thing: what calc, cards, profiles, rubrics and sheets call a property, and how it is shown. */
export interface Property {
  readonly key: string;
  readonly label: string;
  /** The same in plain words, for learners. */
  readonly plain: string;
  /** Unit as printed; empty for fractions of the medium's volume. */
  readonly unit: string;
  /** Decimals where no spread says otherwise. */
  readonly digits: number;
  /** For what is judged by classes: their names in order; the value is the place in it, from 0. */
  readonly classes?: readonly string[];
  /** A difference that the method can tell; outliers must pass it. */
  readonly floor?: number;
}

export const PROPERTIES = {
  totalPorosity: { label: 'Total porosity', plain: 'all the pores', unit: '', digits: 3, floor: 0.02 },
  containerCapacity: {
    label: 'Container capacity',
    plain: 'water kept when it stops dripping',
    unit: '',
    digits: 3,
    floor: 0.02,
  },
  airSpace: {
    label: 'Air space',
    plain: 'the part that is air once it stops dripping',
    unit: '',
    digits: 3,
    floor: 0.02,
  },
  bulkDensity_gcc: { label: 'Dry bulk density', plain: 'weight of a dry millilitre', unit: 'g/mL', digits: 3 },
  particleDensity_gcc: { label: 'Particle density', plain: 'of the grains, closed pores in', unit: 'g/mL', digits: 2 },
  gravimetricWater_gg: { label: 'Water by dry mass', plain: 'grams of water to a dry gram', unit: 'g/g', digits: 2 },
  asReceivedMoisture: {
    label: 'Moisture as received',
    plain: 'water in it when it came, by weight',
    unit: '',
    digits: 3,
  },
  shrinkage: { label: 'Settling on wetting', plain: 'volume lost when first watered', unit: '', digits: 3 },
  pH: { label: 'pH, 1:5 in water', plain: 'sour under 7, limy above', unit: '', digits: 2, floor: 0.1 },
  ec_dSm: { label: 'EC, 1:2 at 25 °C', plain: 'salts that dissolve', unit: 'dS/m', digits: 2 },
  bagVolume_L: { label: 'True volume', plain: 'what the bag really holds', unit: 'L', digits: 1 },
  easilyAvailable: { label: 'Easily available water', plain: 'water given up from 10 to 50 cm', unit: '', digits: 3 },
  airAt10: { label: 'Air at 10 cm suction', plain: 'pores empty by 10 cm', unit: '', digits: 3, floor: 0.02 },
  buffering: { label: 'Water buffering', plain: 'water given up from 50 to 100 cm', unit: '', digits: 3 },
  lessAvailable: { label: 'Less available water', plain: 'still held at 100 cm', unit: '', digits: 3, floor: 0.02 },
  d50_mm: { label: 'Grain size, d50', plain: 'half of it is finer', unit: 'mm', digits: 2 },
  grainSpread: { label: 'Spread of sizes', plain: 'geometric; 1 is all alike', unit: '', digits: 2 },
  fines: { label: 'Fines', plain: 'finer than half a millimetre', unit: '', digits: 3 },
  t50_s: { label: 'Drains, half', plain: 'half of the drainage is out', unit: 's', digits: 0 },
  t90_s: { label: 'Drains, t90', plain: 'nine tenths are out', unit: 's', digits: 0 },
  ecInf_dSm: { label: 'Rinses out to', plain: 'EC that more water does not lower', unit: 'dS/m', digits: 2 },
  rinsesToTarget: { label: 'Rinses to 0.5 dS/m', plain: 'after the first drain', unit: '', digits: 0 },
  pHPaste: { label: 'pH, saturated paste', plain: 'sour under 7, limy above', unit: '', digits: 2, floor: 0.1 },
  pH1to2: { label: 'pH, 1:2 in water', plain: 'sour under 7, limy above', unit: '', digits: 2, floor: 0.1 },
  pHCaCl2: { label: 'pH, 1:2 in CaCl2', plain: 'steadier than in water, and lower', unit: '', digits: 2, floor: 0.1 },
  pHPourThrough: { label: 'pH, pour-through', plain: 'of the water in the pot', unit: '', digits: 2, floor: 0.1 },
  ecPaste: { label: 'EC of the paste, 25 °C', plain: 'salts in the water that roots meet', unit: 'dS/m', digits: 2 },
  ec1to5: { label: 'EC, 1:5 at 25 °C', plain: 'salts that dissolve in much water', unit: 'dS/m', digits: 2 },
  ecPourThrough: { label: 'EC, pour-through, 25 °C', plain: 'salts in the water of the pot', unit: 'dS/m', digits: 2 },
  buffer_meqPerLpH: { label: 'Buffering', plain: 'lime that lifts a litre by one pH', unit: 'meq/L/pH', digits: 1 },
  pHIncubated: {
    label: 'pH without lime, after a week',
    plain: 'where the line through the jars begins',
    unit: '',
    digits: 2,
    floor: 0.1,
  },
  k20_cms: { label: 'Conductivity at 20 °C', plain: 'how fast water runs through it soaked', unit: 'cm/s', digits: 4 },
  firstDrip_s: { label: 'First drip', plain: 'seconds after pouring', unit: 's', digits: 0 },
  lastDrip_s: { label: 'Last drip', plain: 'seconds after pouring', unit: 's', digits: 0 },
  runoff: { label: 'Ran off', plain: 'part of the poured water that did not go in', unit: '', digits: 2 },
  dropTime_s: { label: 'Drop stands', plain: 'median of the drops, air-dry', unit: 's', digits: 0 },
  firstPass: { label: 'Taken up at the first watering', plain: 'part of what it can hold', unit: '', digits: 2 },
  passesTo95: { label: 'Waterings to be full again', plain: 'to 95 % of what it can hold', unit: '', digits: 0 },
  ringDensity_gcc: { label: 'Dry bulk density, ring', plain: 'by the standard form', unit: 'g/mL', digits: 3 },
  waterAt10: { label: 'Water at 10 cm, ring', plain: 'by the standard form', unit: '', digits: 3, floor: 0.02 },
  shrinkOnDrying: { label: 'Shrinks on drying', plain: 'height that a dried core loses', unit: '', digits: 3 },
  heft_gcc: {
    label: 'Density as it came',
    plain: 'weight of a level millilitre, water and all',
    unit: 'g/mL',
    digits: 3,
  },
  sieveYield: { label: 'Kept by the mesh', plain: 'part of what went in', unit: '', digits: 2 },
  sieveLoss: { label: 'Lost while sieving', plain: 'part of what went in', unit: '', digits: 3 },
  dustShare: { label: 'Turns to dust', plain: 'part that became fines when shaken', unit: '', digits: 3 },
  sandShare: { label: 'Sand, by jar', plain: 'above 50 µm', unit: '', digits: 2 },
  siltShare: { label: 'Silt, by jar', plain: '2 to 50 µm', unit: '', digits: 2 },
  clayShare: { label: 'Clay, by jar', plain: 'under 2 µm, reads high', unit: '', digits: 2 },
  floating: { label: 'Floats', plain: 'part of the dry weight', unit: '', digits: 2 },
  ribbon_cm: { label: 'Ribbon', plain: 'length before it breaks', unit: 'cm', digits: 1 },
  foreignPerL: { label: 'Foreign matter', plain: 'plastic, glass and stones in a litre', unit: '/L', digits: 1 },
  woodPerL: { label: 'Wood over 2 cm', plain: 'pieces in a litre', unit: '/L', digits: 1 },
  unknownPerL: { label: 'Unknown bits', plain: 'in a litre; find out what they are', unit: '/L', digits: 1 },
  weedsPerL: { label: 'Weed seedlings', plain: 'in a litre, less the blank', unit: '/L', digits: 1 },
  heating_C: { label: 'Heats itself by', plain: 'above the room, within two days', unit: '°C', digits: 1 },
  cress: { label: 'Cress came up', plain: 'part of the seeds sown', unit: '', digits: 2 },
  swelling: { label: 'Swells when soaked', plain: 'times its dry volume', unit: '', digits: 1 },
  expansion_LperKg: { label: 'Becomes', plain: 'loose litres from a kilogram', unit: 'L/kg', digits: 1 },
  prepWater_L: { label: 'Water to prepare it', plain: 'litres for each loose litre', unit: 'L/L', digits: 2 },
  settledFirst: { label: 'Settles at the first watering', plain: 'part of the depth', unit: '', digits: 3 },
  settledMonth: { label: 'Settled after a month', plain: 'part of the depth', unit: '', digits: 3 },
  settledYear: { label: 'Settled after a year', plain: 'part of the depth', unit: '', digits: 3 },
  palmGrit: {
    label: 'Palm grit',
    plain: 'gritty share by feel',
    unit: '',
    digits: 0,
    classes: ['none', 'a little', 'about half', 'mostly', 'all grit'],
  },
  squeeze: {
    label: 'Fist squeeze',
    plain: 'what a squeezed handful does',
    unit: '',
    digits: 0,
    classes: ['falls apart at once', 'holds, crumbles at a touch', 'stays a ball', 'drips'],
  },
  ball: {
    label: 'Ball',
    plain: 'kneaded to putty',
    unit: '',
    digits: 0,
    classes: ['makes no ball', 'makes a ball that breaks', 'makes a firm ball'],
  },
  smell: {
    label: 'Smell',
    plain: 'wafted, moist',
    unit: '',
    digits: 0,
    classes: ['earthy', 'neutral', 'woody', 'sour', 'ammonia', 'chemical'],
  },
  rinseColour: {
    label: 'Colour of the rinse',
    plain: 'beside the EC, never instead',
    unit: '',
    digits: 0,
    classes: ['clear', 'straw', 'tea', 'brown', 'black'],
  },
  recognisable: {
    label: 'Recognisable bits',
    plain: 'what it once was',
    unit: '',
    digits: 0,
    classes: ['none', 'a few', 'many'],
  },
  bagSmell: {
    label: 'After five days in a bag',
    plain: 'not ripe turns sour',
    unit: '',
    digits: 0,
    classes: ['earthy', 'weak', 'sour or ammonia'],
  },
  colourFresh: {
    label: 'Colour, fresh',
    plain: 'as it came',
    unit: '',
    digits: 0,
    classes: ['pale', 'light brown', 'brown', 'dark brown', 'black'],
  },
  makeUpFresh: {
    label: 'Make-up, fresh',
    plain: 'a handful broken up',
    unit: '',
    digits: 0,
    classes: ['even and crumbly', 'even and fibrous', 'in clumps', 'fine and close', 'dusty'],
  },
  colourDry: {
    label: 'Colour, air-dry',
    plain: 'the same handful after two days',
    unit: '',
    digits: 0,
    classes: ['pale', 'light brown', 'brown', 'dark brown', 'black'],
  },
  makeUpDry: {
    label: 'Make-up, air-dry',
    plain: 'the same handful after two days',
    unit: '',
    digits: 0,
    classes: ['even and crumbly', 'even and fibrous', 'in clumps', 'fine and close', 'dusty'],
  },
  besideOther: {
    label: 'Beside another',
    plain: 'both equally moist',
    unit: '',
    digits: 0,
    classes: ['looks worse', 'looks alike', 'looks better'],
  },
  unknownLater: {
    label: 'Unknown, weeks later',
    plain: 'left moist and warm',
    unit: '',
    digits: 0,
    classes: ['unchanged', 'softened', 'grew roots or leaves', 'gone'],
  },
  pests: { label: 'Pests', plain: 'under a yellow card', unit: '', digits: 0, classes: ['none seen', 'a few', 'many'] },
  grainEdges: {
    label: 'Edges of the grains',
    plain: 'sharp ones lock',
    unit: '',
    digits: 0,
    classes: ['round', 'worn', 'angular', 'sharp'],
  },
  grainPores: {
    label: 'Pores of the grains',
    plain: 'open ones hold water',
    unit: '',
    digits: 0,
    classes: ['dense', 'a few pores', 'porous all through'],
  },
  crush: {
    label: 'Crushes',
    plain: 'how long it will last',
    unit: '',
    digits: 0,
    classes: ['in the fingers', 'with pliers', 'only with a hammer'],
  },
  fizz: {
    label: 'Fizz under vinegar',
    plain: 'lime lifts the pH',
    unit: '',
    digits: 0,
    classes: ['none', 'a little', 'strong'],
  },
  unknownRub: {
    label: 'Rubbed',
    plain: 'between gloved fingers',
    unit: '',
    digits: 0,
    classes: ['hard, stays', 'flakes', 'smears', 'springs back'],
  },
  unknownFloat: {
    label: 'In water',
    plain: 'floats or sinks',
    unit: '',
    digits: 0,
    classes: ['floats', 'hangs', 'sinks'],
  },
  unknownMagnet: {
    label: 'Drawn by a magnet',
    plain: 'slag and cinder are',
    unit: '',
    digits: 0,
    classes: ['no', 'yes'],
  },
  labNitrate: { label: 'Nitrate N', plain: 'by a laboratory', unit: 'mg/L', digits: 0 },
  labAmmonium: { label: 'Ammonium N', plain: 'by a laboratory', unit: 'mg/L', digits: 0 },
  labPhosphorus: { label: 'Phosphorus', plain: 'by a laboratory', unit: 'mg/L', digits: 0 },
  labPotassium: { label: 'Potassium', plain: 'by a laboratory', unit: 'mg/L', digits: 0 },
  labCalcium: { label: 'Calcium', plain: 'by a laboratory', unit: 'mg/L', digits: 0 },
  labMagnesium: { label: 'Magnesium', plain: 'by a laboratory', unit: 'mg/L', digits: 0 },
  labSulphur: { label: 'Sulphur', plain: 'by a laboratory', unit: 'mg/L', digits: 0 },
  labIron: { label: 'Iron', plain: 'by a laboratory', unit: 'mg/L', digits: 1 },
  labManganese: { label: 'Manganese', plain: 'by a laboratory', unit: 'mg/L', digits: 1 },
  labZinc: { label: 'Zinc', plain: 'by a laboratory', unit: 'mg/L', digits: 1 },
  labCopper: { label: 'Copper', plain: 'by a laboratory', unit: 'mg/L', digits: 1 },
  labBoron: { label: 'Boron', plain: 'by a laboratory', unit: 'mg/L', digits: 1 },
  labSodium: { label: 'Sodium', plain: 'by a laboratory', unit: 'mg/L', digits: 0 },
  labChloride: { label: 'Chloride', plain: 'by a laboratory', unit: 'mg/L', digits: 0 },
  labOrganic: { label: 'Organic matter', plain: 'lost on ignition, by a laboratory', unit: '%', digits: 0 },
  water: {
    label: 'Water it holds',
    plain: 'part of the pot that is water when it stops dripping',
    unit: '',
    digits: 2,
  },
  air: { label: 'Air space', plain: 'part of the pot that is air when it stops dripping', unit: '', digits: 2 },
  capacityAtLeast: { label: 'Holds at least', plain: 'water kept, a lower bound', unit: '', digits: 2, floor: 0.02 },
  pricePerL: { label: 'Price', plain: 'for one real litre', unit: '/L', digits: 2 },
  shrink: { label: 'Settles into itself', plain: 'volume lost on mixing', unit: '', digits: 3 },
} as const satisfies Record<string, Omit<Property, 'key'>>;

export type PropertyKey = keyof typeof PROPERTIES;

/** Judged classes in words: one name where all agree, else each with how often. */
export function classWords(classes: readonly string[], values: readonly number[]): string {
  const named = values.map((value) => classes[Math.round(value)] ?? '');
  const kinds = [...new Set(named)];
  if (kinds.length === 1) return kinds[0] as string;
  return kinds.map((kind) => `${kind} ×${String(named.filter((one) => one === kind).length)}`).join(', ');
}

/** The entry of a property, with its key. */
export function property(key: PropertyKey): Property {
  return { key, ...PROPERTIES[key] };
}
