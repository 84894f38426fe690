/** Figures that a laboratory's number deserves once it was converted: a factor adds none. */
const CONVERTED = 3;

/** A number of a report as it is shown: as it stands there, or to three figures where it was converted. */
export function reportFigure({ value, formula }: { readonly value: number; readonly formula?: string }): string {
  if (formula === undefined) return String(value);
  return Math.abs(value) >= 10 ** CONVERTED ? String(Math.round(value)) : String(Number(value.toPrecision(CONVERTED)));
}
