import { VERDICT_USES, type VerdictUse } from '../uses';
import { linesOf, type VerdictLine } from '../verdictLine';

const BAG_BASIS = 'Poured, and top against bottom of a bag; our own guidance.';
const CRUST_BASIS = 'Wetted, air-dried, pressed with a finger; our own guidance.';
const GRAIN_BASIS = 'Looked at and wiped, twenty grains; our own guidance.';
const LASTING_BASIS = 'Ten frosts, a minute of rubbing, over 2 mm; our own guidance.';

const IN_POTS: readonly VerdictUse[] = ['containers', 'seed'];
const OUTSIDE: readonly VerdictUse[] = ['bed', 'ground', 'lawn', 'topDressing'];

const BAG: readonly VerdictLine[] = [
  ...linesOf({
    property: 'dustRaised',
    uses: VERDICT_USES,
    basis: BAG_BASIS,
    bands: [
      [0, 'good', 'It can be tipped as it is.'],
      [1, 'bearable', 'Damp it before it is tipped.'],
      [2, 'bearable', 'Damp it in the bag, outdoors, with a fitted respirator; sieve the fines out.'],
    ],
  }),
  ...linesOf({
    property: 'separation',
    uses: IN_POTS,
    basis: BAG_BASIS,
    bands: [
      [-1, 'good', 'The bag is the same throughout.'],
      [0.1, 'bearable', 'The fines have sunk: tip the whole bag out and mix it before the first pot.'],
      [0.3, 'not', 'Top and bottom are two media: sieve it, or mix it by the barrow and test again.'],
    ],
  }),
];

const CRUST: readonly VerdictLine[] = linesOf({
  property: 'setsHard',
  uses: [...IN_POTS, ...OUTSIDE],
  basis: CRUST_BASIS,
  bands: [
    [0, 'good', 'It stays open when it dries.'],
    [1, 'bearable', 'A crust: break it, or cover it with something coarse.'],
    [2, 'not', 'It sets hard: the next watering runs off.'],
  ],
});

const GRAINS: readonly VerdictLine[] = [
  ...linesOf({
    property: 'grainCoating',
    uses: VERDICT_USES,
    basis: GRAIN_BASIS,
    bands: [
      [0, 'good', 'Nothing comes off.'],
      [1, 'bearable', 'A film of dust: rinse it.'],
      [2, 'not', 'Dye or paint: it may carry lead; not where anything is grown to be eaten, nor for pots.'],
      [3, 'not', 'Oil or wax: it sheds water, and nobody knows what is in it.'],
    ],
  }),
  ...linesOf({
    property: 'grainPowder',
    uses: IN_POTS,
    basis: GRAIN_BASIS,
    bands: [
      [0, 'good', 'Clean grains.'],
      [1, 'bearable', 'Some powder: rinse it.'],
      [2, 'not', 'So much powder fills the gaps that it is bought for: rinse it until it clears.'],
    ],
  }),
  ...linesOf({
    property: 'grainHoles',
    uses: IN_POTS,
    basis: GRAIN_BASIS,
    bands: [
      [0, 'good', 'Nowhere for pests to sit.'],
      [1, 'bearable', 'A few holes: scald it before it is used again.'],
      [2, 'bearable', 'Pests sit in it: new it is fine, used it is scalded or thrown away.'],
    ],
  }),
];

const LASTING: readonly VerdictLine[] = (['frostLoss', 'rubLoss'] as const).flatMap((property) =>
  linesOf({
    property,
    uses: ['containers', 'bed', 'topDressing'],
    basis: LASTING_BASIS,
    bands: [
      [0, 'good', 'Its grains stay grains for years.'],
      [0.05, 'bearable', 'It wears: pot on, or top up, every other year.'],
      [0.15, 'not', 'It turns to powder within a few seasons.'],
    ],
  }),
);

export const OF_GRAINS: readonly VerdictLine[] = [...BAG, ...CRUST, ...GRAINS, ...LASTING];
