import type { Form } from './forms';

/** A unit of a report: how it becomes mg of what is written, to a litre of medium or to a kilogram of it. */
interface Unit {
  readonly per: 'L' | 'kg' | 'percent' | 'unclear';
  /** mg of what is written to one of it; of moles and equivalents with the form. */
  readonly mg: (form: Form) => number;
  /** How that is written down: "× 39.098 mg/mmol". */
  readonly says: (form: Form) => string;
}

const plain = (factor: number): Pick<Unit, 'mg' | 'says'> => ({
  mg: () => factor,
  says: () => (factor === 1 ? '' : ` × ${String(factor)}`),
});
const digits = (value: number): string => String(Number(value.toPrecision(5)));
const moles = (factor: number): Pick<Unit, 'mg' | 'says'> => ({
  mg: ({ molar }) => molar * factor,
  says: ({ molar }) => ` × ${digits(molar * factor)} mg`,
});
const equivalents = (factor: number): Pick<Unit, 'mg' | 'says'> => ({
  mg: ({ molar, charges }) => (molar / charges) * factor,
  says: ({ molar, charges }) => ` × ${digits((molar / charges) * factor)} mg`,
});

const perL = (one: Pick<Unit, 'mg' | 'says'>): Unit => ({ per: 'L', ...one });
const perKg = (one: Pick<Unit, 'mg' | 'says'>): Unit => ({ per: 'kg', ...one });

const MG_PER_PERCENT = 10_000;

/** By their spelling without spaces and case; µ as u. */
const UNITS: Readonly<Record<string, Unit>> = {
  'mg/l': perL(plain(1)),
  mgperl: perL(plain(1)),
  mgperlitre: perL(plain(1)),
  'g/m3': perL(plain(1)),
  ppminextract: perL(plain(1)),
  'g/l': perL(plain(1000)),
  'ug/l': perL(plain(0.001)),
  'ug/ml': perL(plain(1)),
  'mmol/l': perL(moles(1)),
  'umol/l': perL(moles(0.001)),
  'meq/l': perL(equivalents(1)),
  'me/l': perL(equivalents(1)),
  'mmolc/l': perL(equivalents(1)),
  'mg/kg': perKg(plain(1)),
  'ug/g': perKg(plain(1)),
  'g/kg': perKg(plain(1000)),
  'mg/100g': perKg(plain(10)),
  'mmol/kg': perKg(moles(1)),
  'meq/100g': perKg(equivalents(10)),
  'me/100g': perKg(equivalents(10)),
  'cmolc/kg': perKg(equivalents(10)),
  'cmol/kg': perKg(equivalents(10)),
  '%': { per: 'percent', ...plain(MG_PER_PERCENT) },
  percent: { per: 'percent', ...plain(MG_PER_PERCENT) },
  percentdm: { per: 'percent', ...plain(MG_PER_PERCENT) },
  '%dm': { per: 'percent', ...plain(MG_PER_PERCENT) },
  ppm: { per: 'unclear', ...plain(1) },
};

const spelling = (unit: string): string =>
  unit
    .toLowerCase()
    .replaceAll(/[µμ]/g, 'u')
    .replaceAll('per cent', 'percent')
    .replaceAll('³', '3')
    .replaceAll(/[\s[\]()]/g, '');

/** The unit of this spelling; undefined for what is none of a report. */
export const unitCalled = (unit: string): Unit | undefined => UNITS[spelling(unit)];

export const isUnit = (text: string): boolean => unitCalled(text) !== undefined;

/** What is known of the sample besides its report. */
export interface SampleKnown {
  /** Dry bulk density, kg to a litre. */
  readonly density_kgL?: number | undefined;
  /** The report says that it is of a water extract: parts per million are mg to its litre. */
  readonly isExtract: boolean;
}

export type Converted = { readonly value: number; readonly formula?: string } | { readonly why: string };

/** Digits that a converted number deserves: its own and one more. */
const KEPT = 5;
const rounded = (value: number): number => Number(value.toPrecision(KEPT));

/**
 * A number of a report in the sheet's unit: mg to a litre of medium, or percent for organic matter. The formula says how,
 * where anything was done; without a density what is to a kilogram is not converted.
 */
export function converted(
  number: number,
  unitText: string,
  form: Form,
  { density_kgL, isExtract }: SampleKnown,
): Converted {
  const unit = unitCalled(unitText);
  if (unit === undefined) return { why: `is in ${unitText}, which is no unit that is known here` };
  const { step } = form;
  if (step.unit === '%') {
    if (unit.per === 'percent') return { value: number };
    if (unit.per !== 'kg') return { why: `is in ${unitText}, and the sheet takes ${step.unit}` };
    return { value: rounded((number * unit.mg(form)) / MG_PER_PERCENT), formula: `${String(number)} ${unitText} / 10` };
  }
  if (unit.per === 'unclear' && !isExtract)
    return { why: 'is in ppm: of a water extract, or of the weight? Write mg/L or mg/kg' };
  const isWeight = unit.per === 'kg' || unit.per === 'percent';
  if (isWeight && density_kgL === undefined)
    return {
      why: `is in ${unitText}: to a litre of medium it takes the lot’s dry bulk density, which is not measured`,
    };
  const value = number * unit.mg(form) * form.share * (isWeight ? (density_kgL ?? 0) : 1);
  const asElement = form.share === 1 ? '' : ` × ${digits(form.share)} (${step.label} in ${form.form})`;
  const byVolume = isWeight ? ` × ${digits(density_kgL ?? 0)} kg/L` : '';
  const done = `${unit.says(form)}${asElement}${byVolume}`;
  return done === '' ? { value: number } : { value: rounded(value), formula: `${String(number)} ${unitText}${done}` };
}
