import type { Grade, VerdictUse } from './uses';
import type { Judged } from './verdictLine';

type Case = readonly [value: number, says: Grade];
interface Cases {
  readonly property: Judged;
  readonly uses: readonly VerdictUse[];
  readonly cases: readonly Case[];
}

const good = (...values: readonly number[]): Case[] => values.map((value) => [value, 'good']);
const bearable = (...values: readonly number[]): Case[] => values.map((value) => [value, 'bearable']);
const not = (...values: readonly number[]): Case[] => values.map((value) => [value, 'not']);

/** EC just below and at each start of a class that a use tells apart. */
function salty(
  property: Judged,
  [normal, high, veryHigh, extreme]: readonly [number, number, number, number],
): Cases[] {
  const below = (start: number): number => start - 0.001;
  return [
    {
      property,
      uses: ['seed'],
      cases: [...good(0, below(normal)), ...bearable(normal, below(high)), ...not(high, 9)],
    },
    {
      property,
      uses: ['containers'],
      cases: [
        ...good(0.1, below(high)),
        ...bearable(high, below(veryHigh)),
        ...not(veryHigh, below(extreme)),
        ...not(extreme, 20),
      ],
    },
    {
      property,
      uses: ['bed', 'topDressing'],
      cases: [...good(0, below(high)), ...bearable(high, below(extreme)), ...not(extreme)],
    },
    {
      property,
      uses: ['ground', 'lawn'],
      cases: [...good(0, below(veryHigh)), ...bearable(veryHigh, below(extreme)), ...not(extreme)],
    },
  ];
}

/** What a grower would say, on both sides of every limit; drawn up by hand, not from the table. */
export const VERDICT_CASES: readonly Cases[] = [
  ...salty('ec_dSm', [0.76, 1.26, 1.76, 2.26]),
  ...salty('ec1to5', [0.35, 0.55, 0.8, 1.0]),
  ...salty('ecPaste', [2.0, 3.5, 5.0, 6.0]),
  ...salty('ecPourThrough', [2.6, 4.6, 6.5, 7.8]),
  { property: 't90_s', uses: ['containers', 'seed'], cases: [...good(30, 599), ...bearable(600, 3599), ...not(3600)] },
  {
    property: 't90_s',
    uses: ['bed', 'ground', 'lawn'],
    cases: [...bearable(119), ...good(120, 3599), ...bearable(3600, 9000)],
  },
  { property: 'maturity', uses: ['seed'], cases: [...not(0), ...not(1), ...bearable(2)] },
  { property: 'maturity', uses: ['containers', 'bed'], cases: [...not(0), ...bearable(1), ...good(2)] },
  { property: 'maturity', uses: ['ground'], cases: [...bearable(0), ...good(1), ...good(2)] },
  { property: 'maturity', uses: ['lawn', 'topDressing'], cases: [...not(0), ...bearable(1), ...good(2)] },
  { property: 'smell', uses: ['containers', 'seed'], cases: [...good(0, 1), ...bearable(2), ...not(3, 4, 5)] },
  {
    property: 'smell',
    uses: ['bed', 'ground', 'lawn', 'topDressing'],
    cases: [...good(0, 1, 2), ...bearable(3), ...not(4, 5)],
  },
  {
    property: 'rinseColour',
    uses: ['containers', 'seed', 'bed', 'ground', 'lawn', 'topDressing'],
    cases: [...good(0, 1), ...bearable(2, 3, 4)],
  },
  {
    property: 'floating',
    uses: ['containers', 'seed'],
    cases: [...good(0, 0.149), ...bearable(0.15, 0.399), ...not(0.4, 1)],
  },
  {
    property: 'floating',
    uses: ['bed', 'ground', 'lawn'],
    cases: [...good(0.249), ...bearable(0.25, 0.499), ...not(0.5)],
  },
  { property: 'floating', uses: ['topDressing'], cases: [...good(0.49), ...bearable(0.5, 1)] },
  {
    property: 'weedsPerL',
    uses: ['containers', 'seed'],
    // A blank with more seedlings than the sample gives less than none.
    cases: [...good(-1, 0, 0.49), ...bearable(0.5, 1.9), ...not(2, 40)],
  },
  { property: 'weedsPerL', uses: ['lawn', 'topDressing'], cases: [...good(0.9), ...bearable(1, 3.9), ...not(4)] },
  { property: 'weedsPerL', uses: ['bed', 'ground'], cases: [...good(2.9), ...bearable(3, 14.9), ...not(15)] },
  { property: 'pests', uses: ['containers', 'seed'], cases: [...good(0), ...bearable(1), ...not(2)] },
  {
    property: 'pests',
    uses: ['bed', 'ground', 'lawn', 'topDressing'],
    cases: [...good(0), ...good(1), ...bearable(2)],
  },
  { property: 'squeeze', uses: ['containers', 'seed'], cases: [...bearable(0), ...good(1), ...not(2), ...not(3)] },
  { property: 'squeeze', uses: ['bed'], cases: [...bearable(0), ...good(1), ...bearable(2), ...not(3)] },
  { property: 'squeeze', uses: ['ground'], cases: [...bearable(0), ...good(1), ...good(2), ...not(3)] },
  { property: 'squeeze', uses: ['lawn'], cases: [...bearable(0), ...good(1), ...not(2), ...not(3)] },
  { property: 'squeeze', uses: ['topDressing'], cases: [...good(0), ...good(1), ...bearable(2), ...not(3)] },
  {
    property: 'ball',
    uses: ['containers', 'seed', 'lawn', 'topDressing'],
    cases: [...good(0), ...bearable(1), ...not(2)],
  },
  { property: 'ball', uses: ['bed', 'ground'], cases: [...bearable(0), ...good(1), ...bearable(2)] },
  {
    property: 'ribbon_cm',
    uses: ['containers', 'seed'],
    cases: [...good(0, 0.9), ...bearable(1, 2.4), ...not(2.5, 8)],
  },
  { property: 'ribbon_cm', uses: ['bed', 'ground'], cases: [...good(0, 2.4), ...bearable(2.5, 4.9), ...not(5)] },
  {
    property: 'ribbon_cm',
    uses: ['lawn', 'topDressing'],
    cases: [...good(1.4), ...bearable(1.5, 2.4), ...not(2.5)],
  },
  { property: 'palmGrit', uses: ['containers'], cases: [...bearable(0), ...good(1), ...good(2), ...bearable(3, 4)] },
  { property: 'palmGrit', uses: ['seed'], cases: [...good(0, 1), ...bearable(2), ...not(3, 4)] },
  { property: 'palmGrit', uses: ['bed', 'ground'], cases: [...good(0, 1), ...not(2, 3, 4)] },
  { property: 'palmGrit', uses: ['lawn', 'topDressing'], cases: [...bearable(0), ...good(1, 2, 3), ...bearable(4)] },
  {
    property: 'dustRaised',
    uses: ['containers', 'seed', 'bed', 'ground', 'lawn', 'topDressing'],
    cases: [...good(0), ...bearable(1), ...bearable(2)],
  },
  {
    property: 'separation',
    uses: ['containers', 'seed'],
    // Coarse at the bottom gives less than none.
    cases: [...good(-0.2, 0, 0.09), ...bearable(0.1, 0.29), ...not(0.3, 0.8)],
  },
  {
    property: 'setsHard',
    uses: ['containers', 'seed', 'bed', 'ground', 'lawn', 'topDressing'],
    cases: [...good(0), ...bearable(1), ...not(2)],
  },
  {
    property: 'grainCoating',
    uses: ['containers', 'seed', 'bed', 'ground', 'lawn', 'topDressing'],
    cases: [...good(0), ...bearable(1), ...not(2), ...not(3)],
  },
  { property: 'grainPowder', uses: ['containers', 'seed'], cases: [...good(0), ...bearable(1), ...not(2)] },
  { property: 'grainHoles', uses: ['containers', 'seed'], cases: [...good(0), ...bearable(1), ...bearable(2)] },
  {
    property: 'frostLoss',
    uses: ['containers', 'bed', 'topDressing'],
    cases: [...good(0, 0.049), ...bearable(0.05, 0.149), ...not(0.15)],
  },
  {
    property: 'rubLoss',
    uses: ['containers', 'bed', 'topDressing'],
    cases: [...good(0.049), ...bearable(0.05, 0.149), ...not(0.15)],
  },
];
