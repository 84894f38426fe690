import { fitEnded, refuse, requireNotNegative, requirePositive, type Check } from '../errors';
import { defineMethod, list, number, object, type InputOf } from '../method';
import { fitApproach, LEAST_OF_APPROACH } from '../numeric';

const INPUT = object({
  held_mL: list(number(), 'water held after each watering, in order'),
  capacity_mL: number(),
});
export type HydrationInput = InputOf<typeof INPUT>;

export interface HydrationResult {
  /** Share of container capacity that the first watering left. */
  readonly firstPass: number;
  /** Waterings to 95 % of container capacity; absent where ten do not reach it. */
  readonly passesTo95?: number;
  readonly hMax_mL: number;
  readonly r: number;
  readonly checks: readonly Check[];
}

export const HYDRATION = Object.freeze({ enough: 0.95, waterings: 10 });

/**
 * Hydration efficiency: the same water given again and again to a dried medium.
 *
 * h_k = h_max - (h_max - h_1) r^(k-1), r = exp(-1/k0), least squares through what is held after each watering (mL,
 * three to ten). passesTo95 is the first k of the curve at 95 % of the container capacity, absent with a check where
 * ten do not reach it.
 * Throws for fewer than three or more than ten, negative ones, all zero, or a capacity of zero.
 * Example: 400 held at once, 500 after two, 550 after three of 600: h_max 600, r 0.5, 95 % after 4.
 */
export function hydration({ held_mL, capacity_mL }: HydrationInput): HydrationResult {
  requirePositive('capacity_mL', capacity_mL, 'mL');
  if (held_mL.length < LEAST_OF_APPROACH || held_mL.length > HYDRATION.waterings)
    refuse('held_mL', `${String(held_mL.length)} waterings; three to ten tell how it takes water`);
  held_mL.forEach((held, i) => {
    requireNotNegative(`held_mL[${String(i)}]`, held, 'mL');
  });
  const most = Math.max(...held_mL);
  if (most === 0) refuse('held_mL', 'nothing was held, so there is no curve');
  const bounds = { lo: [0, -3 * most, 0], hi: [3 * most, most, 1] };
  const { end: hMax_mL, gap, r, status } = fitApproach(held_mL, 1.05 * most, bounds);
  const ended = fitEnded(status, 'held_mL');
  const enough = HYDRATION.enough * capacity_mL;
  const passes = Array.from({ length: HYDRATION.waterings }, (_, i) => i + 1);
  const reached = passes.find((k) => hMax_mL + gap * r ** (k - 1) >= enough * (1 - 1e-9));
  const firstPass = (held_mL[0] as number) / capacity_mL;
  if (reached !== undefined) return { firstPass, passesTo95: reached, hMax_mL, r, checks: ended };
  const message = `Ten waterings do not bring it to 95 % of what it can hold: it levels out at ${(hMax_mL / capacity_mL).toFixed(2)} of it. Wet it from below, or add a wetter.`;
  return { firstPass, hMax_mL, r, checks: [...ended, { code: 'not-in-ten', severity: 'caution', message }] };
}

export const hydrationMethod = defineMethod({
  name: 'hydration',
  version: 2,
  source: 'Least squares through the weighings.',
  schema: INPUT,
  calculate: hydration,
  outputs: {
    firstPass: {
      of: 'firstPass',
      property: 'firstPass',
      sentence: 'What the first watering left in it, of all that it can hold.',
      formula: 'held after the first watering / water at container capacity',
      source: 'Usual bench method.',
    },
    passesTo95: {
      of: 'passesTo95',
      property: 'passesTo95',
      sentence: 'Waterings until the curve through the weighings is at 95 % of what it can hold.',
      formula: 'first k with h_max − (h_max − h₁) r^(k−1) at 0.95 × capacity',
    },
  },
  golden: {
    input: { held_mL: [400, 505, 548, 574], capacity_mL: 600 },
    gives: {
      firstPass: 0.666666666667,
      passesTo95: 4,
      hMax_mL: 591.113637366,
      r: 0.459847300511,
    },
  },
});
