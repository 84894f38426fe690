import { inUnit, readMeasure, type MeasureTyped } from './measure';
import { UNITS, type Kind, type Unit } from './unitTable';

/** What may be chosen for each kind of measure; the first is what everything is kept in. */
export const UNIT_CHOICES = {
  volume: ['L', 'gal', 'cu ft'],
  mass: ['g', 'oz'],
  length: ['cm', 'in'],
  temperature: ['°C', '°F'],
  conductivity: ['dS/m', 'mS/cm', 'µS/cm'],
  price: ['per L', 'per m³', 'per cu ft', 'per cu yd'],
} as const satisfies Readonly<Record<Kind, readonly string[]>>;

/** The units that a person reads and types in, one word for each kind of measure. */
export type UnitChoice = { readonly [K in Kind]: (typeof UNIT_CHOICES)[K][number] };

export const METRIC: UnitChoice = {
  volume: 'L',
  mass: 'g',
  length: 'cm',
  temperature: '°C',
  conductivity: 'dS/m',
  price: 'per L',
};

/** Small and large stand-ins of a choice: millilitres go with cups, kilograms with pounds. */
const STAND_INS: Readonly<Record<string, Readonly<Record<string, string>>>> = {
  gal: { mL: 'cup', 'm³': 'cu yd' },
  'cu ft': { mL: 'cup', 'm³': 'cu yd' },
  oz: { kg: 'lb' },
  in: { m: 'ft' },
};

/** Under so many kept units a cubic foot or a gallon has no digits left that say anything: cups then. */
const SMALL_L = 3;

const unitSigned = (sign: string): Unit | undefined => UNITS.find((unit) => unit.sign === sign);

/** The unit in which somebody sees what is kept in `kept`; undefined for what is no measure of the table, as g/L or s. */
export function shownUnit(kept: string, choice: UnitChoice): Unit | undefined {
  const unit = unitSigned(kept);
  if (unit === undefined) return undefined;
  const chosen = choice[unit.kind];
  return chosen === METRIC[unit.kind] ? unit : (unitSigned(STAND_INS[chosen]?.[kept] ?? chosen) ?? unit);
}

/** What a number with its unit behind it is written from: a small volume as if it were kept in mL. */
export const keptFor = (value: number, kept: string, choice: UnitChoice): { value: number; kept: string } =>
  kept === 'L' && choice.volume !== METRIC.volume && Math.abs(value) < SMALL_L
    ? { value: value * 1000, kept: 'mL' }
    : { value, kept };

/** Its sign as it is shown to somebody: cu ft for what is kept in L; what is no measure keeps its own. */
export const shownSign = (kept: string, choice: UnitChoice): string => shownUnit(kept, choice)?.sign ?? kept;

/** A number kept in `kept`, as somebody sees it. */
export function shownValue(value: number, kept: string, choice: UnitChoice): number {
  const [from, to] = [unitSigned(kept), shownUnit(kept, choice)];
  return from === undefined || to === undefined || from === to ? value : inUnit(value, from, to);
}

/** A width kept in `kept`, a spread or an error, as somebody sees it: no zero is moved. */
export function shownWidth(width: number, kept: string, choice: UnitChoice): number {
  const [from, to] = [unitSigned(kept), shownUnit(kept, choice)];
  return from === undefined || to === undefined || from === to ? width : (width * from.factor) / to.factor;
}

/** Decimals that show as much in the shown unit as `digits` do in the kept one; prices keep theirs, they are money. */
export function shownDigits(digits: number, kept: string, choice: UnitChoice): number {
  if (unitSigned(kept)?.kind === 'price') return digits;
  return Math.max(0, digits - Math.round(Math.log10(shownWidth(1, kept, choice))));
}

/**
 * What stands in a field for a number that is kept: in the shown unit where that is short and exact, else in the kept
 * one with its sign behind it, so that a form that is sent as it was opened changes nothing.
 */
export function fieldText(value: number, kept: string, choice: UnitChoice): string {
  const to = shownUnit(kept, choice);
  if (to === undefined || to.sign === kept) return String(value);
  const short = String(Number(shownValue(value, kept, choice).toPrecision(5)));
  const back = readMine(short, kept, choice).number;
  const isExact = back.kind === 'number' && Math.abs(back.value - value) <= 1e-12 * Math.abs(value);
  return isExact ? short : `${String(value)} ${kept}`;
}

/** A number typed by somebody: without a unit behind it, it is in the unit that they see. Answers in the kept unit. */
export function readMine(text: string, kept: string, choice: UnitChoice): MeasureTyped {
  const [from, to] = [shownUnit(kept, choice), unitSigned(kept)];
  if (from === undefined || to === undefined || from === to) return readMeasure(text, kept);
  const typed = readMeasure(text, kept);
  if (typed.unit !== undefined || typed.number.kind === 'refused') return typed;
  const moved = (value: number): number => inUnit(value, from, to);
  if (typed.number.kind === 'ask') {
    const { asDecimal, asThousands } = typed.number;
    return { number: { ...typed.number, asDecimal: moved(asDecimal), asThousands: moved(asThousands) } };
  }
  return { number: { kind: 'number', value: moved(typed.number.value) } };
}
