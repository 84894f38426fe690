import { requirePositive, requireWithin, refuse, type Check } from '../errors';
import { defineMethod, fixed, flag, forms, maybe, number, object, type InputOf } from '../method';
import { fQuantile, noncentralFBelow, REPLICATES_NEEDED } from '../statistics';

/** Seeds of one unit are a little alike, by its water and its place: a usual figure where no trial told it yet. */
export const USUAL_LIKENESS = 0.05;
/** Nobody sows more units of one medium. */
const MOST_UNITS = 1000;

const DESIGN = {
  groups: number('how many media are compared'),
  perGroup: number('units of each that are drawn by lot; blocks, where each medium stands once in every block'),
  inBlocks: flag('whether every block has every medium'),
  power: maybe(number('the chance that is wanted; 0.8 unless said')),
  alpha: maybe(number('the chance to see a difference where there is none; 0.05 unless said')),
};
const INPUT = forms('of', [
  object({
    of: fixed('means'),
    ...DESIGN,
    sd: number('standard deviation between units of one medium, within blocks, in any one unit'),
    difference: number('the difference that must not be missed, in that unit'),
  }),
  object({
    of: fixed('shares'),
    ...DESIGN,
    share: number('of the seeds that come up in one medium, 0 to 1'),
    otherShare: number('of those in another'),
    seeds: number('seeds of a unit'),
    likeness: maybe(number(`how alike seeds of one unit are, 0 to 1; ${String(USUAL_LIKENESS)} unless said`)),
  }),
]);
export type TrialPowerInput = InputOf<typeof INPUT>;

export interface TrialPowerResult {
  /** The chance that the trial as planned shows the difference; absent with one unit of each, which shows none. */
  readonly power?: number;
  /** Units of each from which the chance is as wanted; absent where a thousand would not do. */
  readonly perGroupNeeded?: number;
  /** The smallest difference of means that so many units show as surely as wanted; of means only. */
  readonly leastDifference?: number;
  readonly checks: readonly Check[];
}

interface Design {
  readonly groups: number;
  readonly inBlocks: boolean;
  readonly alpha: number;
}

/** The chance of the F test, two means `apart` standard deviations from one another and the others midway. */
function chanceOf({ groups, inBlocks, alpha }: Design, n: number, apart: number): number {
  const df1 = groups - 1;
  const df2 = inBlocks ? df1 * (n - 1) : groups * (n - 1);
  return 1 - noncentralFBelow(fQuantile(1 - alpha, df1, df2), df1, df2, (n * apart ** 2) / 2);
}

function unitsFor(design: Design, apart: number, power: number): number | undefined {
  if (apart === 0 || chanceOf(design, MOST_UNITS, apart) < power) return undefined;
  let [low, high] = [2, MOST_UNITS];
  while (low < high) {
    const middle = Math.floor((low + high) / 2);
    if (chanceOf(design, middle, apart) < power) low = middle + 1;
    else high = middle;
  }
  return high;
}

/** Halvings after which nothing is left of the interval. */
const HALVINGS = 60;

function apartFor(design: Design, n: number, power: number): number {
  let [low, high] = [0, 1];
  while (chanceOf(design, n, high) < power) high *= 2;
  for (let i = 0; i < HALVINGS; i += 1) {
    const middle = (low + high) / 2;
    if (chanceOf(design, n, middle) < power) low = middle;
    else high = middle;
  }
  return high;
}

function requireDesign({ groups, perGroup }: TrialPowerInput, power: number, alpha: number): void {
  if (!Number.isInteger(groups) || groups < 2 || groups > 40)
    refuse('groups', `${String(groups)} given; compare 2 to 40 media`);
  if (!Number.isInteger(perGroup) || perGroup < 1 || perGroup > MOST_UNITS)
    refuse('perGroup', `${String(perGroup)} given; a whole number from 1 to ${String(MOST_UNITS)}`);
  if (!(alpha > 0 && alpha < power && power < 1))
    refuse('power', `${String(power)} given with alpha ${String(alpha)}; power lies above alpha and below 1`);
}

/** How many standard deviations of a unit lie between the two. */
function apartOf(input: TrialPowerInput): number {
  if (input.of === 'means') {
    requirePositive('sd', input.sd, '');
    requirePositive('difference', input.difference, '');
    return input.difference / input.sd;
  }
  const { share, otherShare, seeds, likeness = USUAL_LIKENESS } = input;
  requireWithin('share', share, 0, 1);
  requireWithin('otherShare', otherShare, 0, 1);
  requireWithin('likeness', likeness, 0, 1);
  if (!Number.isInteger(seeds) || seeds < 1) refuse('seeds', `${String(seeds)} given; sow a whole number from 1`);
  // The variance of the arcsine of a root share of m seeds is 1 / 4m, and more where seeds of a unit are alike.
  const variance = (1 + (seeds - 1) * likeness) / (4 * seeds);
  return Math.abs(Math.asin(Math.sqrt(share)) - Math.asin(Math.sqrt(otherShare))) / Math.sqrt(variance);
}

const check = (code: string, message: string): Check => ({ code, severity: 'caution', message });

/**
 * What a trial can tell before it is sown: the chance to show a difference of means, or of shares that come up, where
 * two media differ by it and the others lie midway.
 *
 * P(F' > F(1 - alpha; df1, df2)), df1 = g - 1, df2 = (g - 1)(n - 1) with whole blocks and g (n - 1) without, F' noncentral
 * with n d^2 / (2 sd^2). Shares by the arcsine of their roots, a unit's variance (1 + (m - 1) likeness) / 4m of m seeds.
 * One unit of each tells nothing: no power, and a check. Throws for what no plan can be: groups outside 2 to 40, units
 * that are no whole number, shares outside 0 to 1, a spread or difference of 0 or less.
 * Source: Cohen (1988), chapters 6 and 8; Donner and Klar (2000) for likeness within units.
 * Example: two media without blocks, 17 units of each, difference and spread alike: 0.807.
 */
export function trialPower(input: TrialPowerInput): TrialPowerResult {
  const { groups, perGroup, inBlocks, power = REPLICATES_NEEDED.power, alpha = REPLICATES_NEEDED.alpha } = input;
  requireDesign(input, power, alpha);
  const design = { groups, inBlocks, alpha };
  const apart = apartOf(input);
  const perGroupNeeded = unitsFor(design, apart, power);
  const needed = perGroupNeeded === undefined ? {} : { perGroupNeeded };
  if (perGroup === 1)
    return {
      ...needed,
      checks: [
        check('one-unit', 'One unit of each medium shows figures and tells nothing: medium and tray cannot be parted.'),
      ],
    };
  const chance = chanceOf(design, perGroup, apart);
  const least = input.of === 'means' ? { leastDifference: apartFor(design, perGroup, power) * input.sd } : {};
  const checks =
    chance < power
      ? [
          check(
            'too-small',
            'It will miss such a difference more often than is wanted: sow more units, or ask for less.',
          ),
        ]
      : [];
  return { power: chance, ...needed, ...least, checks };
}

export const trialPowerMethod = defineMethod({
  name: 'trial-power',
  version: 1,
  source: 'Cohen, 1988; Donner and Klar, 2000.',
  schema: INPUT,
  calculate: trialPower,
  outputs: {
    power: {
      of: 'power',
      sentence: 'The chance that the trial as planned shows a difference of this size, if it is there.',
      formula: 'P(F′ > F(1 − α; df₁, df₂)), F′ with n d² / (2 sd²); df₂ = (g − 1)(n − 1) in blocks, g (n − 1) without',
    },
    perGroupNeeded: {
      of: 'perGroupNeeded',
      sentence: 'How many units of each medium it takes for the chance that is wanted.',
      formula: 'smallest n from 2 on whose power is enough',
    },
    leastDifference: {
      of: 'leastDifference',
      sentence: 'The smallest difference that so many units show as surely as wanted.',
      formula: 'the d whose power is the one wanted',
    },
  },
  golden: {
    input: { of: 'means', groups: 2, perGroup: 17, inBlocks: false, sd: 1, difference: 1 },
    gives: { power: 0.8070367151472, perGroupNeeded: 17, leastDifference: 0.9910046493774 },
  },
});
