/** Ends of a field's name, and the unit that they stand for. */
const ENDS: Readonly<Record<string, string>> = {
  L: 'L',
  mL: 'mL',
  g: 'g',
  kg: 'kg',
  cm: 'cm',
  mm: 'mm',
  C: '°C',
  dSm: 'dS/m',
};

/** The unit that a field is kept in, by the end of its name: `shape.height_cm` in cm; undefined for what has none. */
export function unitOfField(name: string): string | undefined {
  const end = /_([A-Za-z]+)$/.exec(name)?.[1];
  if (/^measures\.\w+$|^litres$/.test(name)) return 'L';
  return end === undefined ? undefined : ENDS[end];
}
