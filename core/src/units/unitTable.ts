/** What is measured, each kept in one metric unit. */
export type Kind = 'volume' | 'mass' | 'length' | 'temperature' | 'conductivity' | 'price';

export interface Unit {
  readonly kind: Kind;
  /** How it is written. */
  readonly sign: string;
  /** Other spellings, small letters, without spaces and full stops. */
  readonly spelt: readonly string[];
  /** Kept units to one of it; the kept unit has 1. */
  readonly factor: number;
  /** Where its zero lies, in the kept unit: degrees Fahrenheit. */
  readonly zero?: number;
}

const INCH_CM = 2.54;
const FOOT_CM = 30.48;
const CUBIC_FOOT_L = FOOT_CM ** 3 / 1000;
const GALLON_L = 3.785411784;
const QUART_L = GALLON_L / 4;
const DRY_QUART_L = 1.101220942715;
const POUND_G = 453.59237;

const unit = (kind: Kind, sign: string, factor: number, ...spelt: readonly string[]): Unit => ({
  kind,
  sign,
  factor,
  spelt,
});

/** Units by what they measure; volumes are kept in L, masses in g, lengths in cm, prices to a litre. US customary measure. */
export const UNITS: readonly Unit[] = [
  unit('volume', 'L', 1, 'l', 'litre', 'litres', 'liter', 'liters'),
  unit('volume', 'mL', 0.001, 'ml', 'cc', 'cm3'),
  unit('volume', 'm³', 1000, 'm3', 'cbm'),
  unit('volume', 'cup', GALLON_L / 16, 'cup', 'cups'),
  unit('volume', 'dry qt', DRY_QUART_L, 'dryqt', 'dryquart', 'dryquarts'),
  unit('volume', 'qt', QUART_L, 'qt', 'quart', 'quarts'),
  unit('volume', 'gal', GALLON_L, 'gal', 'gallon', 'gallons', 'usgal'),
  unit('volume', 'cu ft', CUBIC_FOOT_L, 'cuft', 'ft3', 'cubicfoot', 'cubicfeet'),
  unit('volume', 'cu yd', 27 * CUBIC_FOOT_L, 'cuyd', 'yd3', 'cubicyard', 'cubicyards'),
  unit('mass', 'g', 1, 'g', 'gram', 'grams', 'gramme', 'grammes'),
  unit('mass', 'kg', 1000, 'kg', 'kilo', 'kilos'),
  unit('mass', 'mg', 0.001, 'mg'),
  unit('mass', 'oz', POUND_G / 16, 'oz', 'ounce', 'ounces'),
  unit('mass', 'lb', POUND_G, 'lb', 'lbs', 'pound', 'pounds'),
  unit('length', 'cm', 1, 'cm'),
  unit('length', 'mm', 0.1, 'mm'),
  unit('length', 'm', 100, 'm'),
  unit('length', 'in', INCH_CM, 'in', 'inch', 'inches', '"'),
  unit('length', 'ft', FOOT_CM, 'ft', 'foot', 'feet'),
  unit('temperature', '°C', 1, 'c', '°c', 'degc', 'celsius'),
  { ...unit('temperature', '°F', 5 / 9, 'f', '°f', 'degf', 'fahrenheit'), zero: (-32 * 5) / 9 },
  unit('conductivity', 'dS/m', 1, 'ds/m', 'ds'),
  unit('conductivity', 'mS/cm', 1, 'ms/cm', 'ms'),
  unit('conductivity', 'µS/cm', 0.001, 'us/cm', 'us'),
  unit('price', 'per L', 1, '/l', 'perl', 'perlitre', 'aliter'),
  unit('price', 'per m³', 0.001, '/m3', 'perm3'),
  unit('price', 'per cu ft', 1 / CUBIC_FOOT_L, '/cuft', 'percuft', 'percubicfoot'),
  unit('price', 'per cu yd', 1 / (27 * CUBIC_FOOT_L), '/cuyd', 'percuyd', 'percubicyard'),
];
