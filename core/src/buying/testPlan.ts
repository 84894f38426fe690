import { refuse, requirePositive, type Check } from '../errors';
import { defineMethod, maybe, number, object, whole, type InputOf } from '../method';
import { gaussLegendre } from '../numeric';
import { meanOf, normalBelow, normalQuantile } from '../statistics';

const INPUT = object({
  good: number('mean of a delivery that is to be taken'),
  bad: number('mean of one that is not; on either side of good'),
  sd: number('from bag to bag, known from before'),
  riskGood: maybe(number('largest chance to send a good one back')),
  riskBad: maybe(number('largest chance to take a bad one')),
  most: maybe(whole({ minimum: 1, maximum: 200 })),
});
export type TestPlanInput = InputOf<typeof INPUT>;

export const TEST_PLAN_DEFAULTS = Object.freeze({ riskGood: 0.05, riskBad: 0.05, most: 200 });

/** After so many bags: at which mean to take, at which to send back; between the two one more is tested. */
export interface PlanStep {
  readonly bags: number;
  /** Absent where so few can never decide so. */
  readonly takeAt?: number;
  readonly sendBackAt?: number;
}

export interface TestPlanResult {
  readonly steps: readonly PlanStep[];
  /** Bags at most: with the last one it is decided. */
  readonly most: number;
  /** Chances of a wrong decision, worked out for this plan. */
  readonly riskGood: number;
  readonly riskBad: number;
  /** Bags that are tested on the average, of a good delivery, a bad one, and one half way. */
  readonly expected: { readonly good: number; readonly bad: number; readonly between: number };
  /** Bags that a plan of one fixed number would need for the same risks. */
  readonly fixed: number;
  readonly checks: readonly Check[];
}

interface Walk {
  /** Bounds of the sum of steps: above the first take, below the second send back. */
  readonly upper: number;
  readonly lower: number;
  /** Mean of a step of a good delivery; its variance is twice that. */
  readonly drift: number;
}

/** Points at which the sum is followed between the bounds. */
const POINTS = 96;

interface Outcome {
  readonly taken: number;
  readonly sentBack: number;
  readonly bags: number;
}

/**
 * Follows the sum of steps between the bounds, bag by bag: how often it leaves above, below, or is still inside at the
 * last bag, when the middle decides. Each step is normal with the mean given and variance 2 x drift.
 */
function follow({ upper, lower, drift }: Walk, mean: number, most: number): Outcome {
  const sd = Math.sqrt(2 * drift);
  const middle = (upper + lower) / 2;
  const rule = gaussLegendre(POINTS);
  const half = (upper - lower) / 2;
  const at = rule.nodes.map((node) => middle + half * node);
  const weight = rule.weights.map((one) => one * half);
  const density = (x: number): number => Math.exp((-x * x) / (2 * sd * sd)) / (sd * Math.sqrt(2 * Math.PI));
  const from0 = (x: number): number => normalBelow((x - mean) / sd);
  const first = at.map((x) => density(x - mean));
  let taken = 1 - from0(upper);
  let sentBack = from0(lower);
  let bags = 1;
  let inside = first;
  for (let n = 2; n <= most; n += 1) {
    const left = inside.reduce((sum, one, i) => sum + one * (weight[i] as number), 0);
    bags += left;
    const isLast = n === most;
    const [above, below] = isLast ? [middle, middle] : [upper, lower];
    let up = 0;
    let down = 0;
    at.forEach((x, i) => {
      const mass = (inside[i] as number) * (weight[i] as number);
      up += mass * (1 - normalBelow((above - x - mean) / sd));
      down += mass * normalBelow((below - x - mean) / sd);
    });
    taken += up;
    sentBack += down;
    if (isLast) break;
    const before = inside;
    inside = at.map((y) =>
      at.reduce((sum, x, i) => sum + (before[i] as number) * (weight[i] as number) * density(y - x - mean), 0),
    );
  }
  if (most === 1) {
    const middleBelow = normalBelow((middle - mean) / sd);
    return { taken: 1 - middleBelow, sentBack: middleBelow, bags: 1 };
  }
  return { taken, sentBack, bags };
}

function requirePlan({ good, bad, sd, riskGood, riskBad }: Required<TestPlanInput>): void {
  requirePositive('sd', sd, '');
  if (good === bad) refuse('bad', `${String(bad)} must differ from good, or there is nothing to tell apart`);
  for (const [path, risk] of [
    ['riskGood', riskGood],
    ['riskBad', riskBad],
  ] as const)
    if (!(risk > 0 && risk < 0.5)) refuse(path, `${String(risk)} must lie between 0 and 0.5`);
}

/**
 * How many bags of a delivery to test, one after the other: after each it is taken, sent back, or one more is tested.
 *
 * Wald's (1945) sequential test of a normal mean with known SD. With d = good - bad and z = (x - (good + bad) / 2) d / sd^2
 * the sum of z is watched: taken from ln(1 / riskBad) on, sent back from -ln(1 / riskGood) on, bounds within which each
 * risk holds for certain; with the last bag the middle decides. The number of bags at most is the smallest for which both
 * risks, worked out by following the sum bag by bag (96-point Gauss-Legendre), hold. `expected` is the mean number of
 * bags. Throws for an SD that is not positive, good = bad, risks outside 0..0.5; a check where `most` is too few.
 * Source: Wald 1945; Ville's inequality for the bounds.
 * Example: good 50 L, bad 45 L, SD 3 L, risks 5 %: 5 bags at most, 2.8 on the average; 4 of a fixed number.
 */
export function testPlan(input: TestPlanInput): TestPlanResult {
  const whole_ = { ...TEST_PLAN_DEFAULTS, ...input };
  requirePlan(whole_);
  const { good, bad, sd, riskGood, riskBad, most: limit } = whole_;
  const d = good - bad;
  const drift = (d / sd) ** 2 / 2;
  const walk: Walk = { upper: Math.log(1 / riskBad), lower: -Math.log(1 / riskGood), drift };
  const fixed = Math.max(
    1,
    Math.ceil(((normalQuantile(1 - riskGood) + normalQuantile(1 - riskBad)) / (d / sd)) ** 2 - 1e-9),
  );
  const holds = (most: number): boolean =>
    follow(walk, drift, most).sentBack <= riskGood && follow(walk, -drift, most).taken <= riskBad;
  let most = Math.min(fixed, limit);
  while (most < limit && !holds(most)) most += 1;
  const [ofGood, ofBad] = [follow(walk, drift, most), follow(walk, -drift, most)];
  // With the sum of z between the bounds after n bags, the mean of the bags lies at middle + sum sd^2 / (n d).
  const meanAt = (sum: number, n: number): number => (good + bad) / 2 + (sum * sd * sd) / (n * d);
  const middle = (walk.upper + walk.lower) / 2;
  const steps = Array.from({ length: most }, (_, i): PlanStep => {
    const bags = i + 1;
    const isLast = bags === most;
    return {
      bags,
      takeAt: meanAt(isLast ? middle : walk.upper, bags),
      sendBackAt: meanAt(isLast ? middle : walk.lower, bags),
    };
  });
  return {
    steps,
    most,
    riskGood: ofGood.sentBack,
    riskBad: ofBad.taken,
    expected: { good: ofGood.bags, bad: ofBad.bags, between: follow(walk, 0, most).bags },
    fixed,
    checks:
      ofGood.sentBack > riskGood || ofBad.taken > riskBad
        ? [
            {
              code: 'too-few-bags',
              severity: 'caution',
              message: `${String(most)} bags are too few for these risks; they are larger than asked for.`,
            },
          ]
        : [],
  };
}

export type Decision = 'take' | 'sendBack' | 'testMore';

/** What a plan says of the bags that were tested so far, in their order; what comes after a decision changes nothing. */
export function decide(
  { steps }: TestPlanResult,
  { good, bad }: Pick<TestPlanInput, 'good' | 'bad'>,
  values: readonly number[],
): { readonly decision: Decision; readonly bags: number; readonly mean?: number } {
  const isAbove = (mean: number, limit: number): boolean => (good > bad ? mean >= limit : mean <= limit);
  for (const { bags, takeAt, sendBackAt } of steps) {
    if (bags > values.length) break;
    const mean = meanOf(values.slice(0, bags));
    if (takeAt !== undefined && isAbove(mean, takeAt)) return { decision: 'take', bags, mean };
    if (sendBackAt !== undefined && !isAbove(mean, sendBackAt)) return { decision: 'sendBack', bags, mean };
  }
  const n = Math.min(values.length, steps.length);
  return { decision: 'testMore', bags: n, ...(n === 0 ? {} : { mean: meanOf(values.slice(0, n)) }) };
}

export const testPlanMethod = defineMethod({
  name: 'test-plan',
  version: 1,
  source: 'Wald 1945, sequential test of a normal mean with known SD; bounds by Ville’s inequality.',
  schema: INPUT,
  calculate: testPlan,
  outputs: {},
  golden: {
    input: { good: 50, bad: 45, sd: 3 },
    gives: {
      most: 5,
      fixed: 4,
      riskGood: 0.0373815604508,
      'expected.good': 2.79913645731,
      'steps[1].takeAt': 50.196159046,
    },
  },
});
