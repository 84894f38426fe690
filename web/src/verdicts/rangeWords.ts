import { MATURITY_STAGES, property, type VerdictLine } from '@bent-pail/core';

/** Digits of a limit: as many as it has. */
const limit = (value: number): string => String(Number(value.toPrecision(6)));

/** The values that a line holds for: classes by their words, numbers with their unit. */
export function rangeWords({
  property: judged,
  from,
  below,
}: Pick<VerdictLine, 'property' | 'from' | 'below'>): string {
  const face = judged === 'maturity' ? undefined : property(judged);
  const classes = judged === 'maturity' ? MATURITY_STAGES : face?.classes;
  if (classes !== undefined) return classes.slice(from ?? 0, below ?? classes.length).join(', ');
  const unit = face?.unit === undefined || face.unit === '' ? '' : ` ${face.unit}`;
  if (from === undefined) return below === undefined ? 'any' : `under ${limit(below)}${unit}`;
  return below === undefined ? `${limit(from)}${unit} and over` : `${limit(from)} to under ${limit(below)}${unit}`;
}
