import { meanOf } from '../statistics';

/** A figure of one medium at an age: the mean of its units. */
export interface AtAge {
  readonly age_d: number;
  readonly value: number;
}

/** A step of the colour card, or so much of the growth of before. */
const FELL = Object.freeze({ steps: 1, growth: 0.5 });

/**
 * The age at which leaves turned pale: the first from which on the colour stays a step or more of the card below the
 * darkest it had been. Undefined where it did not, or nobody looked often enough.
 *
 * Example: 5, 5, 5, 3.8, 3.5 at 7, 14, 21, 28, 35 days: 28.
 */
export function paledAt(colours: readonly AtAge[]): number | undefined {
  let best = Number.NEGATIVE_INFINITY;
  for (const [i, { age_d, value }] of colours.entries()) {
    const darkest = best;
    if (colours.slice(i).every((one) => one.value <= darkest - FELL.steps)) return age_d;
    best = Math.max(best, value);
  }
  return undefined;
}

/**
 * The age from which on a medium grew at less than half the rate of the one that it is held against, which went on
 * growing: the first of the steps between readings from which on that stays so. Undefined where it did not.
 *
 * Example: 10, 20, 30, 32, 33 beside 10, 20, 30, 40, 50 at 7 to 35 days: 21.
 */
export function slowedAt(own: readonly AtAge[], beside: readonly AtAge[]): number | undefined {
  const steps = own.slice(1).flatMap(({ age_d, value }, i) => {
    const before = own[i] as AtAge;
    const other = beside.find((one) => one.age_d === age_d);
    const otherBefore = beside.find((one) => one.age_d === before.age_d);
    if (other === undefined || otherBefore === undefined) return [];
    const rate = other.value - otherBefore.value;
    return rate <= 0 ? [] : [{ from_d: before.age_d, share: (value - before.value) / rate }];
  });
  const at = steps.findIndex(
    (_, i) =>
      meanOf(steps.slice(i).map(({ share }) => share)) < FELL.growth &&
      steps.slice(i).every(({ share }) => share < FELL.growth),
  );
  // Slow from the start is a weak medium, not one that ran out.
  return at > 0 ? (steps[at] as (typeof steps)[number]).from_d : undefined;
}
