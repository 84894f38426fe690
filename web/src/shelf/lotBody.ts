import { typedNumber } from '../shared/forms/Mistyped';
import type { LotFieldValues } from './LotFields';

type Field = Exclude<keyof LotFieldValues, 'classId'>;
type Known = Readonly<Record<Field, string | number | undefined>>;

const textOf = (text: string): string | undefined => (text.trim() === '' ? undefined : text);
const amountOf = (text: string, field: Field): number | undefined =>
  text.trim() === '' ? undefined : typedNumber(text, field);

const read = ({
  source,
  grade,
  boughtOn,
  state,
  price,
  packVolume_L,
  packWeight_kg,
  opensTo,
  opensToBy,
}: LotFieldValues): Known => ({
  source: textOf(source),
  grade: textOf(grade),
  boughtOn: textOf(boughtOn),
  state: textOf(state),
  price: amountOf(price, 'price'),
  packVolume_L: amountOf(packVolume_L, 'packVolume_L'),
  packWeight_kg: amountOf(packWeight_kg, 'packWeight_kg'),
  opensTo: amountOf(opensTo, 'opensTo'),
  opensToBy: textOf(opensToBy),
});

/** What is known of a new lot as the server takes it; empty fields are left out. */
export const lotBody = (values: LotFieldValues): Partial<Known> =>
  Object.fromEntries(Object.entries(read(values)).filter(([, value]) => value !== undefined));

/** The same of a lot that is changed: an emptied field is not known any more. */
export const changedBody = (values: LotFieldValues): Readonly<Record<string, string | number | null>> =>
  Object.fromEntries(Object.entries(read(values)).map(([key, value]) => [key, value ?? null]));
