import { scoreCriterion, type CriterionKind, type ScoreFunction } from '../scoring';

/** What of the whole one criterion makes between two products, in points of the overall: above 0 for the first. */
export interface Difference {
  readonly criterion: string;
  readonly points: number;
}

interface Weighed {
  readonly name: string;
  readonly weight: number;
  readonly kind: CriterionKind;
  readonly function: ScoreFunction;
}
interface Known {
  readonly name: string;
  readonly value?: number;
  readonly raters?: readonly number[];
}

/**
 * What tells two products apart on the criteria that both have: weight times the difference of their scores, over the
 * weight of these criteria; largest first. They add up to the difference of the two weighted means.
 */
export function tellApart(criteria: readonly Weighed[], one: readonly Known[], other: readonly Known[]): Difference[] {
  const pointsOf = (criterion: Weighed, of: readonly Known[]): number | undefined => {
    const known = of.find(({ name }) => name === criterion.name);
    if (known === undefined) return undefined;
    const { value, raters } = known;
    return scoreCriterion(
      {
        ...criterion,
        ...(value === undefined ? {} : { value }),
        ...(raters === undefined ? {} : { raters: [...raters] }),
      },
      criterion.name,
    ).score;
  };
  const common = criteria.flatMap((criterion) => {
    const [a, b] = [pointsOf(criterion, one), pointsOf(criterion, other)];
    return a === undefined || b === undefined
      ? []
      : [{ criterion: criterion.name, weight: criterion.weight, apart: a - b }];
  });
  const whole = common.reduce((sum, { weight }) => sum + weight, 0);
  if (whole === 0) return [];
  return common
    .map(({ criterion, weight, apart }) => ({ criterion, points: (weight * apart) / whole }))
    .filter(({ points }) => points !== 0)
    .sort((a, b) => Math.abs(b.points) - Math.abs(a.points));
}
