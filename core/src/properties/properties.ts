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

/** The entry of a property, with its key. */
export function property(key: PropertyKey): Property {
  return { key, ...PROPERTIES[key] };
}
