/** From so much of the weight on a score is a verdict: a bag with a price and nothing else is not a bad bag. */
export const ENOUGH_WEIGHT = 0.5;

/** Part of the rubric's weight that is in. */
export function weightIn(criteria: readonly { readonly weight: number; readonly isIn: boolean }[]): number {
  const whole = criteria.reduce((sum, { weight }) => sum + weight, 0);
  return whole > 0 ? criteria.reduce((sum, { weight, isIn }) => sum + (isIn ? weight : 0), 0) / whole : 0;
}
