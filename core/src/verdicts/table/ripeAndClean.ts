import { linesOf, turns, type VerdictLine } from '../verdictLine';

const RIPE_BASIS = 'Heat, smell, bits, bag and cress together; shares are our own guidance, on the careful side.';

/** Raw, curing, ripe. */
const MATURITY: readonly VerdictLine[] = [
  ...linesOf({
    property: 'maturity',
    uses: ['seed'],
    basis: RIPE_BASIS,
    bands: [
      [0, 'not', 'Raw: it burns and starves seedlings.'],
      [1, 'not', 'Still curing: seedlings stop in it.'],
      [2, 'bearable', 'Ripe: sieved, and only a little of it.', { share: 0.15, stage: 'seed' }],
    ],
  }),
  ...linesOf({
    property: 'maturity',
    uses: ['containers'],
    basis: RIPE_BASIS,
    bands: [
      [0, 'not', 'Raw: it heats, shrinks and takes the air from roots.'],
      [1, 'bearable', 'Still curing: a small part, for established plants.', { share: 0.1, stage: 'established' }],
      [2, 'good', 'Ripe: it may be a third of a mix.', { share: 0.33, stage: 'young' }],
    ],
  }),
  ...linesOf({
    property: 'maturity',
    uses: ['bed'],
    basis: RIPE_BASIS,
    bands: [
      [0, 'not', 'Raw: leave it a season in a heap before anything is sown.'],
      [1, 'bearable', 'Still curing: dug in weeks before planting.', { share: 0.2, stage: 'established' }],
      [2, 'good', 'Ripe.', { share: 0.4, stage: 'seed' }],
    ],
  }),
  ...linesOf({
    property: 'maturity',
    uses: ['ground'],
    basis: RIPE_BASIS,
    bands: [
      [
        0,
        'bearable',
        'Raw: dug in in autumn, nothing eaten raw from it for the local interval.',
        { stage: 'established' },
      ],
      [1, 'good', 'Curing: it ends its work in the ground.', { stage: 'established' }],
      [2, 'good', 'Ripe.', { stage: 'seed' }],
    ],
  }),
  ...linesOf({
    property: 'maturity',
    uses: ['lawn', 'topDressing'],
    basis: RIPE_BASIS,
    bands: [
      [0, 'not', 'Raw: it scorches what it lies on.'],
      [1, 'bearable', 'Still curing: thin, and kept off stems.', { stage: 'established' }],
      [2, 'good', 'Ripe.', { stage: 'established' }],
    ],
  }),
];

const SMELL_BASIS = 'What a nose is taught at the heap; our own guidance.';

/** Earthy, neutral, woody, sour, ammonia, chemical. */
const SMELL: readonly VerdictLine[] = [
  ...linesOf({
    property: 'smell',
    uses: ['containers', 'seed'],
    basis: SMELL_BASIS,
    bands: [
      [0, 'good', 'It smells as it should.'],
      [2, 'bearable', 'Woody: it will take nitrogen from the plant; feed for two.', turns('good', 'slowGrower')],
      [3, 'not', 'Sour: it lay wet without air. Spread it, turn it, smell it again in a week.'],
      [4, 'not', 'Ammonia: not ripe, and it burns roots.'],
      [5, 'not', 'A chemical smell: do not use it; ask where it came from.'],
    ],
  }),
  ...linesOf({
    property: 'smell',
    uses: ['bed', 'ground', 'lawn', 'topDressing'],
    basis: SMELL_BASIS,
    bands: [
      [0, 'good', 'It smells as it should.'],
      [2, 'good', 'Woody: as a mulch it does well; dug in it takes nitrogen.'],
      [3, 'bearable', 'Sour: spread thin it airs within days.'],
      [4, 'not', 'Ammonia: keep it away from roots and leaves until it is gone.'],
      [5, 'not', 'A chemical smell: do not use it; ask where it came from.'],
    ],
  }),
];

const COLOUR_BASIS = 'What colours a rinse is tannin and fines; it says nothing about salt. Our own guidance.';

const RINSE_COLOUR: readonly VerdictLine[] = linesOf({
  property: 'rinseColour',
  uses: ['containers', 'seed', 'bed', 'ground', 'lawn', 'topDressing'],
  basis: COLOUR_BASIS,
  bands: [
    [0, 'good', 'Nothing that stains. Clear water can be salty all the same: measure the EC.'],
    [2, 'bearable', 'It stains paving and saucers; rinse it once. This is no salt verdict: measure the EC.'],
    [4, 'bearable', 'Much fine matter or tannin comes out; rinse until it is tea. Measure the EC as well.'],
  ],
});

const FLOAT_BASIS = 'Share of the dry weight that floats, for composts and soils; our own guidance.';

/** For what should sink: composts, manures, soils. */
const FLOATS: readonly VerdictLine[] = [
  ...linesOf({
    property: 'floating',
    uses: ['containers', 'seed'],
    basis: FLOAT_BASIS,
    bands: [
      [0, 'good', 'Little wood in it.'],
      [0.15, 'bearable', 'Woody: sieve it, and feed nitrogen.', turns('good', 'slowGrower')],
      [0.4, 'not', 'Mostly wood: a mulch, not a medium.'],
    ],
  }),
  ...linesOf({
    property: 'floating',
    uses: ['bed', 'ground', 'lawn'],
    basis: FLOAT_BASIS,
    bands: [
      [0, 'good', 'Little wood in it.'],
      [0.25, 'bearable', 'Woody: dug in, it takes nitrogen for a season.'],
      [0.5, 'not', 'Mostly wood: lay it on top instead.'],
    ],
  }),
  ...linesOf({
    property: 'floating',
    uses: ['topDressing'],
    basis: FLOAT_BASIS,
    bands: [
      [0, 'good', 'It stays where it is put.'],
      [0.5, 'bearable', 'Mostly wood: a mulch; rain may float it off.'],
    ],
  }),
];

const WEED_BASIS = 'Seedlings in a litre after 21 days, less a blank’s; our own guidance.';

const WEEDS: readonly VerdictLine[] = [
  ...linesOf({
    property: 'weedsPerL',
    uses: ['containers', 'seed'],
    basis: WEED_BASIS,
    bands: [
      [0, 'good', 'As clean as a pot wants it.'],
      [0.5, 'bearable', 'A weed in every second pot: pull them early.'],
      [2, 'not', 'Weeds in every pot: only after steaming, by somebody who knows how.'],
    ],
  }),
  ...linesOf({
    property: 'weedsPerL',
    uses: ['lawn', 'topDressing'],
    basis: WEED_BASIS,
    bands: [
      [0, 'good', 'Clean.'],
      [1, 'bearable', 'It sows weeds: thin, and hoed or mown.'],
      [4, 'not', 'It sows more than it feeds.'],
    ],
  }),
  ...linesOf({
    property: 'weedsPerL',
    uses: ['bed', 'ground'],
    basis: WEED_BASIS,
    bands: [
      [0, 'good', 'Few weeds: hoed with the rest.'],
      [3, 'bearable', 'Let them come up and hoe them before you sow.'],
      [15, 'not', 'It fills a bed with weeds.'],
    ],
  }),
];

const PEST_BASIS = 'A yellow card for a week, and a lens; our own guidance.';

const PESTS: readonly VerdictLine[] = [
  ...linesOf({
    property: 'pests',
    uses: ['containers', 'seed'],
    basis: PEST_BASIS,
    bands: [
      [0, 'good', 'Nothing seen.'],
      [1, 'bearable', 'A few: keep it apart from the others, dry, and look again.'],
      [2, 'not', 'Many: it does not come into a house or under glass.'],
    ],
  }),
  ...linesOf({
    property: 'pests',
    uses: ['bed', 'ground', 'lawn', 'topDressing'],
    basis: PEST_BASIS,
    bands: [
      [0, 'good', 'Nothing seen.'],
      [1, 'good', 'A few: outside they find their enemies.'],
      [2, 'bearable', 'Many: find out which before it is spread.'],
    ],
  }),
];

export const RIPE_AND_CLEAN: readonly VerdictLine[] = [
  ...MATURITY,
  ...SMELL,
  ...RINSE_COLOUR,
  ...FLOATS,
  ...WEEDS,
  ...PESTS,
];
