import type { CalibrationTrouble } from '../instruments';
import type { LotCard } from '../lots';
import type { Source, Working } from '../method';
import { score, scoreMethod, scoreOf, type ScoredCriterion, type ScoreInput, type ScoreResult } from '../scoring';
import { meanOf } from '../statistics';
import { foundOf, type Found, type KnownOfProduct } from './foundOf';
import { growthOf, type Growth, type GrowthMark } from './growth';
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

/** A score that somebody gives instead of the one that was worked out; without a criterion it is the overall. */
export interface Override {
  readonly criterion?: string;
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
  /** What else is to be known of what was found. */
  readonly says?: string;
  /** Worked out as if something had been done that was not. */
  readonly assumed?: true;
  /** What somebody says that it scores, and what was worked out. */
  readonly override?: Override & { readonly worked?: number };
  readonly working: Working;
}

export interface Scorecard {
  /** Part of the rubric's weight that is in. */
  readonly weightIn: number;
  readonly input: ScoreInput;
  readonly result: ScoreResult;
  readonly criteria: readonly CardCriterion[];
  /** What somebody says that it is worth as a whole; what was worked out stays the result. */
  readonly override?: Override;
  /** What raters saw grow in it, species by species. */
  readonly growth?: Growth;
  readonly overallWorking: Working;
}

/** What is known of a product besides its lot's card: what raters marked and saw, what somebody says. */
export interface Told extends KnownOfProduct {
  readonly ratings: readonly Rating[];
  readonly agreed?: readonly AgreedMark[];
  readonly growth?: readonly GrowthMark[];
  readonly overrides?: readonly Override[];
}

interface Line {
  readonly criterion: RubricCriterion;
  readonly found: Found | undefined;
  readonly raters: readonly Rating[];
  readonly agreed: AgreedMark | undefined;
  readonly override: Override | undefined;
}

/** Marks of one criterion: the panel's, or what raters saw grow, each by their own mean. */
function marksOf({ name, source }: RubricCriterion, { ratings, growth = [] }: Told): readonly Rating[] {
  if (source.from !== 'growth') return ratings.filter(({ criterion }) => criterion === name);
  return (growthOf(growth)?.raters ?? []).map((one) => ({ criterion: name, ...one, tags: [] }));
}

function scoredOf({ criterion, found, raters, agreed, override }: Line): ScoredCriterion {
  const { name, weight, kind } = criterion;
  const base = { name, weight, kind, function: criterion.function };
  if (override !== undefined) return { ...base, function: { type: 'direct' }, value: override.value };
  if (raters.length > 0)
    return {
      ...base,
      raters: raters.map(({ value }) => value),
      ...(agreed === undefined ? {} : { value: agreed.value }),
    };
  if (found === undefined) return base;
  return { ...base, value: found.value, ...(found.se === undefined ? {} : { value_se: found.se }) };
}

/** What a criterion scores by its own function, whatever somebody says instead. */
function ownScore({ criterion, found, raters, agreed }: Line): number | undefined {
  const value = agreed?.value ?? (raters.length > 0 ? meanOf(raters.map((one) => one.value)) : found?.value);
  return value === undefined ? undefined : scoreOf(criterion.function, value);
}

function linesOf(rubric: Rubric, lot: LotCard, told: Told): readonly Line[] {
  const { agreed = [], overrides = [] } = told;
  return rubric.criteria.map((criterion): Line => {
    const raters = marksOf(criterion, told);
    const isMine = (one: { readonly criterion?: string }): boolean => one.criterion === criterion.name;
    return {
      criterion,
      raters,
      found: foundOf(criterion, rubric, lot, told),
      agreed: raters.length === 0 ? undefined : agreed.find(isMine),
      override: overrides.find(isMine),
    };
  });
}

/** What of a product a score or a ranking is worked out from; nothing is worked out yet. */
export const scoredCriteria = (rubric: Rubric, lot: LotCard, told: Told): ScoredCriterion[] =>
  linesOf(rubric, lot, told).map(scoredOf);

/**
 * The card of one product: what its lot was found to be at the use's container, what the raters said, what somebody
 * says, the score.
 *
 * Ratings are given only once all raters are in; before that the panel's criteria are missing, not zero. A value that
 * was agreed on stands for the raters' mean; their spread stays. An override stands for a criterion's score, or beside
 * the overall; what was worked out stays beside it.
 * Air and water are converted to the rubric's container from the lot's own curve; a class's curve does not count as
 * measured, so the criterion is then missing. Figures that are assumed, after a remedy, are marked as such.
 */
export function scorecard(rubric: Rubric, lot: LotCard, told: Told): Scorecard {
  const { overrides = [] } = told;
  const lines = linesOf(rubric, lot, told);
  const input: ScoreInput = {
    criteria: lines.map(scoredOf),
    aggregate: rubric.aggregate,
    caps: rubric.caps,
    draws: 2000,
    seed: 1,
  };
  const result = score(input);
  const criteria = lines.map((line, i) => cardCriterion(line, i, input, result));
  const from: Source[] = criteria
    .filter((one): one is CardCriterion & { score: number } => one.score !== undefined)
    .map((one) => ({ label: one.criterion.label, value: one.score, unit: '', working: one.working }));
  const said = overrides.find(({ criterion }) => criterion === undefined);
  const growth = growthOf(told.growth ?? []);
  return {
    weightIn: weightIn(
      criteria.map(({ criterion, score: points }) => ({ weight: criterion.weight, isIn: points !== undefined })),
    ),
    input,
    result,
    criteria,
    ...(said === undefined ? {} : { override: said }),
    ...(growth === undefined ? {} : { growth }),
    overallWorking: scoreMethod.working('overall', input, { from }),
  };
}

function cardCriterion(line: Line, i: number, input: ScoreInput, result: ScoreResult): CardCriterion {
  const { criterion, raters, found, agreed, override } = line;
  const apart = apartBy(raters);
  const points = result.criteria[i];
  const own = override === undefined ? undefined : ownScore(line);
  const value = found?.value ?? (raters.length > 0 ? meanOf(raters.map((rating) => rating.value)) : undefined);
  return {
    criterion,
    ...(value === undefined ? {} : { found: value }),
    ...(found?.working === undefined ? {} : { foundWorking: found.working }),
    ...(found?.label === true ? { label: true } : {}),
    ...(found?.assumed === true ? { assumed: true } : {}),
    ...(found?.trouble === undefined ? {} : { trouble: found.trouble }),
    ...(found?.says === undefined ? {} : { says: found.says }),
    ...(points?.score === undefined ? {} : { score: points.score }),
    ...(points?.spread === undefined ? {} : { spread: points.spread }),
    raters,
    ...(agreed === undefined ? {} : { agreed }),
    ...(agreed === undefined && apart > TOO_FAR_APART ? { apart } : {}),
    ...(override === undefined ? {} : { override: { ...override, ...(own === undefined ? {} : { worked: own }) } }),
    working: scoreMethod.working('criterion', input, {
      pick: `criteria[${String(i)}].score`,
      from: found === undefined ? raters.map(raterSource) : [foundSource(criterion, found)],
    }),
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
  ...(found.working === undefined ? {} : { working: found.working }),
});
