import type { CalibrationTrouble } from '../instruments';
import { inPot, type LotCard } from '../lots';
import type { PropertyKey } from '../properties';
import { meanOf } from '../statistics';
import { score, type ScoredCriterion, type ScoreInput, type ScoreResult, scoreMethod } from '../scoring';
import type { Source, Working } from '../method';
import type { Rubric, RubricCriterion } from './rubric';
import { weightIn } from './weightIn';

/** One rater's value for one panel criterion. */
export interface Rating {
  readonly criterion: string;
  readonly raterId: string;
  /** What the rater is called. */
  readonly rater: string;
  readonly value: number;
  readonly tags: readonly string[];
  /** What else the rater said. */
  readonly words?: string;
}

/** A value that was agreed on where raters differed; their own marks stay. */
export interface AgreedMark {
  readonly criterion: string;
  readonly value: number;
  readonly reason: string;
  readonly by: string;
}

/** Raters who are further apart than this have to talk. */
export const TOO_FAR_APART = 1.5;

/** One line of a finished or unfinished card. */
export interface CardCriterion {
  readonly criterion: RubricCriterion;
  /** What was found, in the criterion's unit: measured, or the raters' mean. */
  readonly found?: number;
  readonly foundWorking?: Working;
  readonly label?: true;
  /** What is wrong with the instruments that it rests on. */
  readonly trouble?: CalibrationTrouble;
  readonly score?: number;
  readonly spread?: number;
  readonly raters: readonly Rating[];
  /** What was agreed on instead of the raters' mean. */
  readonly agreed?: AgreedMark;
  /** By how much raters are too far apart, where nothing was agreed yet. */
  readonly apart?: number;
  readonly working: Working;
}

export interface Scorecard {
  /** Part of the rubric's weight that is in. */
  readonly weightIn: number;
  readonly input: ScoreInput;
  readonly result: ScoreResult;
  readonly criteria: readonly CardCriterion[];
  readonly overallWorking: Working;
}

interface Found {
  readonly value: number;
  /** Standard error of the mean, where there is one. */
  readonly se?: number;
  readonly working: Working;
  readonly label?: true;
  readonly trouble?: CalibrationTrouble;
}

function foundInLot(figure: 'air' | 'water' | PropertyKey, rubric: Rubric, card: LotCard): Found | undefined {
  if (figure !== 'air' && figure !== 'water') {
    const one = card.figures.find((candidate) => candidate.property === figure);
    if (one === undefined) return undefined;
    return {
      value: one.summary.mean,
      ...(one.summary.se === undefined || one.summary.se === 0 ? {} : { se: one.summary.se }),
      working: one.working,
      ...(one.origin === 'label' ? { label: true } : {}),
      ...(one.trouble === undefined ? {} : { trouble: one.trouble }),
    };
  }
  // A class's curve says what such media do, not what this product does.
  if (card.curve === undefined || card.curve.kind === 'class') return undefined;
  const pot = inPot(card.curve, rubric.container);
  return { value: pot[figure], working: pot.workings[figure] };
}

/**
 * The card of one product: what its lot was found to be at the use's container, what the raters said, the score.
 *
 * `ratings` are given only once all raters are in; before that the panel's criteria are missing, not zero. A value that
 * was agreed on stands for the raters' mean; their spread stays.
 * Air and water are converted to the rubric's container from the lot's own curve; a class's curve does not count as
 * measured, so the criterion is then missing.
 */
export function scorecard(
  rubric: Rubric,
  lot: LotCard,
  ratings: readonly Rating[],
  agreed: readonly AgreedMark[] = [],
): Scorecard {
  const found = new Map<string, Found>();
  const scored = rubric.criteria.map((criterion): ScoredCriterion => {
    const { name, weight, kind } = criterion;
    const base = { name, weight, kind, function: criterion.function };
    if (criterion.source.from === 'panel') {
      const raters = ratings.filter((rating) => rating.criterion === name).map((rating) => rating.value);
      const said = agreed.find((one) => one.criterion === name);
      return raters.length === 0 ? base : { ...base, raters, ...(said === undefined ? {} : { value: said.value }) };
    }
    const value = foundInLot(criterion.source.figure, rubric, lot);
    if (value === undefined) return base;
    found.set(name, value);
    return { ...base, value: value.value, ...(value.se === undefined ? {} : { value_se: value.se }) };
  });
  const input: ScoreInput = { criteria: scored, aggregate: rubric.aggregate, caps: rubric.caps, draws: 2000, seed: 1 };
  const result = score(input);
  const criteria = rubric.criteria.map((criterion, i): CardCriterion => {
    const raters = ratings.filter((rating) => rating.criterion === criterion.name);
    const value = found.get(criterion.name);
    const said = raters.length === 0 ? undefined : agreed.find((one) => one.criterion === criterion.name);
    const apart = apartBy(raters);
    const points = result.criteria[i];
    const working = scoreMethod.working('criterion', input, {
      pick: `criteria[${String(i)}].score`,
      from: value === undefined ? raters.map(raterSource) : [foundSource(criterion, value)],
    });
    return {
      criterion,
      ...(value === undefined ? {} : { found: value.value, foundWorking: value.working }),
      ...(value?.label === true ? { label: true } : {}),
      ...(value?.trouble === undefined ? {} : { trouble: value.trouble }),
      ...(value === undefined && raters.length > 0 ? { found: meanOf(raters.map((rating) => rating.value)) } : {}),
      ...(points?.score === undefined ? {} : { score: points.score }),
      ...(points?.spread === undefined ? {} : { spread: points.spread }),
      raters,
      ...(said === undefined ? {} : { agreed: said }),
      ...(said === undefined && apart > TOO_FAR_APART ? { apart } : {}),
      working,
    };
  });
  const from: Source[] = criteria
    .filter((one): one is CardCriterion & { score: number } => one.score !== undefined)
    .map((one) => ({ label: one.criterion.label, value: one.score, unit: '', working: one.working }));
  return {
    weightIn: weightIn(
      criteria.map(({ criterion, score: points }) => ({ weight: criterion.weight, isIn: points !== undefined })),
    ),
    input,
    result,
    criteria,
    overallWorking: scoreMethod.working('overall', input, { from }),
  };
}

/** From the lowest mark to the highest. */
function apartBy(raters: readonly Rating[]): number {
  const values = raters.map(({ value }) => value);
  return values.length < 2 ? 0 : Math.max(...values) - Math.min(...values);
}

const raterSource = (rating: Rating): Source => ({ label: rating.rater, value: rating.value, unit: '' });

const foundSource = (criterion: RubricCriterion, found: Found): Source => ({
  label: criterion.plain,
  value: found.value,
  unit: criterion.unit,
  working: found.working,
});
