import { describe, expect, it } from 'vitest';
import { normalDraw, seededRandom } from '../scoring';
import { normalBelow, normalQuantile } from '../statistics';
import { decide, testPlan, type TestPlanInput } from '.';

/** In full by BENT_PAIL_TRIALS; a sample of it in the suite. */
const RUNS = process.env.BENT_PAIL_TRIALS === undefined ? 2000 : 10_000;

/** Shares of deliveries of a mean that are taken, and the bags that this takes. */
function simulate(input: TestPlanInput, mean: number, seed: number): { readonly taken: number; readonly bags: number } {
  const plan = testPlan(input);
  const random = seededRandom(seed);
  let taken = 0;
  let bags = 0;
  for (let run = 0; run < RUNS; run += 1) {
    const values = Array.from({ length: plan.most }, () => mean + input.sd * normalDraw(random));
    const said = decide(plan, input, values);
    taken += said.decision === 'take' ? 1 : 0;
    bags += said.bags;
    expect(said.decision).not.toBe('testMore');
  }
  return { taken: taken / RUNS, bags: bags / RUNS };
}

const CASES: readonly TestPlanInput[] = [
  { good: 50, bad: 45, sd: 3 },
  { good: 50, bad: 48, sd: 3, riskGood: 0.1, riskBad: 0.05 },
  { good: 0.2, bad: 0.12, sd: 0.03, riskGood: 0.02, riskBad: 0.1 },
  { good: 0.4, bad: 1.2, sd: 0.5 },
];

describe('a plan of how many bags to test', () => {
  it.each(CASES)('keeps its risks, and says how many bags it takes: %j', (input) => {
    const plan = testPlan(input);
    const { riskGood = 0.05, riskBad = 0.05 } = input;
    expect(plan.riskGood).toBeLessThanOrEqual(riskGood);
    expect(plan.riskBad).toBeLessThanOrEqual(riskBad);
    const good = simulate(input, input.good, 5);
    const bad = simulate(input, input.bad, 6);
    // One point over what is stated, and three standard errors of the simulation itself.
    const slack = (p: number): number => 0.01 + 3 * Math.sqrt((p * (1 - p)) / RUNS);
    expect(1 - good.taken).toBeLessThan(riskGood + slack(riskGood));
    expect(bad.taken).toBeLessThan(riskBad + slack(riskBad));
    // What is worked out is what happens.
    expect(Math.abs(1 - good.taken - plan.riskGood)).toBeLessThan(slack(plan.riskGood));
    expect(Math.abs(bad.taken - plan.riskBad)).toBeLessThan(slack(plan.riskBad));
    expect(good.bags).toBeCloseTo(plan.expected.good, 0);
    expect(bad.bags).toBeCloseTo(plan.expected.bad, 0);
  });

  it('takes fewer bags on the average than one of a fixed number', () => {
    const plan = testPlan({ good: 50, bad: 48, sd: 3 });
    expect(plan.expected.good).toBeLessThan(plan.fixed);
    expect(plan.expected.between).toBeLessThanOrEqual(plan.most);
    // (1.645 + 1.645)^2 (3 / 2)^2 = 24.3.
    expect(plan.fixed).toBe(25);
  });

  it('is the same for what should be low', () => {
    const up = testPlan({ good: 50, bad: 45, sd: 3 });
    const down = testPlan({ good: 45, bad: 50, sd: 3 });
    expect(down.most).toBe(up.most);
    expect(down.riskGood).toBeCloseTo(up.riskGood, 12);
    expect(down.steps[0]?.takeAt).toBeCloseTo(95 - (up.steps[0]?.takeAt ?? 0), 9);
  });

  it('decides in the order of the bags, and with the last one always', () => {
    const input = { good: 50, bad: 45, sd: 3 };
    const plan = testPlan(input);
    expect(decide(plan, input, [])).toEqual({ decision: 'testMore', bags: 0 });
    expect(decide(plan, input, [60])).toMatchObject({ decision: 'take', bags: 1 });
    expect(decide(plan, input, [30, 80, 80])).toMatchObject({ decision: 'sendBack', bags: 1 });
    expect(decide(plan, input, [47.5])).toMatchObject({ decision: 'testMore', bags: 1, mean: 47.5 });
    const even = Array.from({ length: plan.most }, () => 47.6);
    expect(decide(plan, input, even)).toMatchObject({ decision: 'take', bags: plan.most });
  });

  it('says so where the bags allowed are too few', () => {
    const short = testPlan({ good: 50, bad: 48, sd: 3, most: 2 });
    expect(short.checks[0]?.code).toBe('too-few-bags');
    expect(short.riskGood).toBeGreaterThan(0.05);
    expect(testPlan({ good: 50, bad: 20, sd: 3 }).most).toBe(1);
  });

  it.each<[Partial<TestPlanInput>, string]>([
    [{ sd: 0 }, 'sd'],
    [{ bad: 50 }, 'bad'],
    [{ riskGood: 0 }, 'riskGood'],
    [{ riskBad: 0.6 }, 'riskBad'],
  ])('refuses %j', (wrong, path) => {
    expect(() => testPlan({ good: 50, bad: 45, sd: 3, ...wrong })).toThrow(expect.objectContaining({ path }) as Error);
  });
});

describe('the normal distribution', () => {
  it.each([
    [0, 0.5],
    [1.6448536269514722, 0.95],
    [1.959963984540054, 0.975],
    [-2.326347874040841, 0.01],
  ])('%f is above a share of %f', (z, p) => {
    expect(normalBelow(z)).toBeCloseTo(p, 10);
    expect(normalQuantile(p)).toBeCloseTo(z, 8);
  });
});
