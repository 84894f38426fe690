import type { Face } from './face';

/**
 * Properties that one method alone gives, in the order of the methods. They stand here and not beside the formulas:
 * every page names properties, and a name must not bring all the arithmetic along.
 */
export const METHOD_PROPERTIES = {
  capacityEstimate: {
    label: 'Container capacity, estimated',
    plain: 'water that stayed, with what was in it before',
    unit: '',
    digits: 3,
  },
  airAt10: { label: 'Air at 10 cm suction', plain: 'pores empty by 10 cm', unit: '', digits: 3, floor: 0.02 },
  buffering: { label: 'Water buffering', plain: 'water given up from 50 to 100 cm', unit: '', digits: 3 },
  lessAvailable: { label: 'Less available water', plain: 'still held at 100 cm', unit: '', digits: 3, floor: 0.02 },
  k20_cms: { label: 'Conductivity at 20 °C', plain: 'how fast water runs through it soaked', unit: 'cm/s', digits: 4 },
  t50_s: { label: 'Drains, half', plain: 'half of the drainage is out', unit: 's', digits: 0 },
  t90_s: { label: 'Drains, t90', plain: 'nine tenths are out', unit: 's', digits: 0 },
  ecInf_dSm: { label: 'Rinses out to', plain: 'EC that more water does not lower', unit: 'dS/m', digits: 2 },
  rinsesToTarget: { label: 'Rinses to 0.5 dS/m', plain: 'after the first drain', unit: '', digits: 0 },
  buffer_meqPerLpH: { label: 'Buffering', plain: 'lime that lifts a litre by one pH', unit: 'meq/L/pH', digits: 1 },
  pHIncubated: {
    label: 'pH without lime, after a week',
    plain: 'where the line through the jars begins',
    unit: '',
    digits: 2,
    floor: 0.1,
  },
  d50_mm: { label: 'Grain size, d50', plain: 'half of it is finer', unit: 'mm', digits: 2 },
  grainSpread: { label: 'Spread of sizes', plain: 'geometric; 1 is all alike', unit: '', digits: 2 },
  fines: { label: 'Fines', plain: 'finer than half a millimetre', unit: '', digits: 3 },
  firstPass: { label: 'Taken up at the first watering', plain: 'part of what it can hold', unit: '', digits: 2 },
  passesTo95: { label: 'Waterings to be full again', plain: 'to 95 % of what it can hold', unit: '', digits: 0 },
  dropTime_s: { label: 'Drop stands', plain: 'median of the drops, air-dry', unit: 's', digits: 0 },
  matUptake_gLh: {
    label: 'Drawn up from a mat',
    plain: 'water it sips from below',
    unit: 'g/L/h',
    digits: 0,
    floor: 5,
  },
} as const satisfies Record<string, Face>;
