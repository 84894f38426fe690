import { MATURITY_STAGES, property, type VerdictLine } from '@bent-pail/core';
import { mine, mySign } from '../shared/units/mine';

/** Digits of a limit: as many as it has. */
const limit = (value: number, kept: string): string => String(Number(mine(value, kept).toPrecision(6)));

/** The values that a line holds for: classes by their words, numbers with their unit. */
export function rangeWords({
  property: judged,
  from,
  below,
}: Pick<VerdictLine, 'property' | 'from' | 'below'>): string {
  const face = judged === 'maturity' ? undefined : property(judged);
  const classes = judged === 'maturity' ? MATURITY_STAGES : face?.classes;
  if (classes !== undefined) return classes.slice(from ?? 0, below ?? classes.length).join(', ');
  const kept = face?.unit ?? '';
  const sign = mySign(kept);
  const unit = sign === '' ? '' : ` ${sign}`;
  if (from === undefined) return below === undefined ? 'any' : `under ${limit(below, kept)}${unit}`;
  return below === undefined
    ? `${limit(from, kept)}${unit} and over`
    : `${limit(from, kept)} to under ${limit(below, kept)}${unit}`;
}
