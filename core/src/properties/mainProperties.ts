import type { Face } from './face';

/** What a card shows first: water, air, densities, pH, salts, what is in the bag. */
export const MAIN_PROPERTIES = {
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
  pH: { label: 'pH, 1:5 in water', plain: 'acid below 7, alkaline above', unit: '', digits: 2, floor: 0.1 },
  ec_dSm: { label: 'EC, 1:2 at 25 °C', plain: 'salts that dissolve', unit: 'dS/m', digits: 2 },
  bagVolume_L: { label: 'True volume', plain: 'what the bag really holds', unit: 'L', digits: 1 },
  easilyAvailable: { label: 'Easily available water', plain: 'water given up from 10 to 50 cm', unit: '', digits: 3 },
} as const satisfies Record<string, Face>;
