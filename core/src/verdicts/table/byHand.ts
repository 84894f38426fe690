import { linesOf, turns, type VerdictLine } from '../verdictLine';

const SQUEEZE_BASIS = 'Hand test of growers, moistened until a handful just holds; our own guidance.';
const RIBBON_BASIS = 'Ribbon lengths of the usual texture key by feel; limits for uses are our own guidance.';
const BALL_BASIS = 'Texture by feel; limits for uses are our own guidance.';
const GRIT_BASIS =
  'Rubbed in the palm: a quarter or less fine grit suits soil, a third or more is sandy; our own guidance.';

/** Squeezed: falls apart, crumbles at a touch, stays a ball, drips. */
const SQUEEZE: readonly VerdictLine[] = [
  ...linesOf({
    property: 'squeeze',
    uses: ['containers'],
    basis: SQUEEZE_BASIS,
    bands: [
      [0, 'bearable', 'It holds little together: airy, and thirsty in a pot.', turns('not', 'dryClimate')],
      [1, 'good', 'It holds and crumbles at a touch, as a pot wants it.'],
      [2, 'not', 'It stays a ball: too close for a pot that must drain.', turns('bearable', 'dryClimate')],
      [3, 'not', 'It drips: it holds more water than a pot lets go.'],
    ],
  }),
  ...linesOf({
    property: 'squeeze',
    uses: ['seed'],
    basis: SQUEEZE_BASIS,
    bands: [
      [0, 'bearable', 'A seed lies dry between loose grains: cover it and mist.'],
      [1, 'good', 'It touches the seed all round and lets air in.'],
      [2, 'not', 'A ball closes over a seed.'],
      [3, 'not', 'It drips: seeds rot in it.'],
    ],
  }),
  ...linesOf({
    property: 'squeeze',
    uses: ['bed'],
    basis: SQUEEZE_BASIS,
    bands: [
      [0, 'bearable', 'A bed of it dries fast.', turns('good', 'wetGround')],
      [1, 'good', 'It holds and crumbles: a bed of it works easily.'],
      [2, 'bearable', 'A ball: keep off it while it is wet.', turns('good', 'dryClimate')],
      [3, 'not', 'It drips: a bed of it stands wet.'],
    ],
  }),
  ...linesOf({
    property: 'squeeze',
    uses: ['ground'],
    basis: SQUEEZE_BASIS,
    bands: [
      [0, 'bearable', 'Sandy ground: it needs compost and water.', turns('good', 'wetGround', 'clayBelow')],
      [1, 'good', 'It holds and crumbles, ready to be worked.'],
      [2, 'good', 'Ground may hold a ball: it keeps water through a dry week.', turns('bearable', 'wetGround')],
      [3, 'not', 'Too wet to be worked: wait until it crumbles.'],
    ],
  }),
  ...linesOf({
    property: 'squeeze',
    uses: ['lawn'],
    basis: SQUEEZE_BASIS,
    bands: [
      [0, 'bearable', 'It drains, and browns first in a drought.', turns('good', 'wetGround', 'clayBelow')],
      [1, 'good', 'It holds and crumbles.'],
      [2, 'not', 'A ball is trodden shut under feet.', turns('bearable', 'dryClimate')],
      [3, 'not', 'It drips: a lawn on it turns to mud.'],
    ],
  }),
  ...linesOf({
    property: 'squeeze',
    uses: ['topDressing'],
    basis: SQUEEZE_BASIS,
    bands: [
      [0, 'good', 'It spreads and falls between what grows.'],
      [1, 'good', 'It spreads well.'],
      [2, 'bearable', 'It lies in lumps: rake it, or dry it a little first.'],
      [3, 'not', 'It smears over what grows: let it dry.'],
    ],
  }),
];

const BALL: readonly VerdictLine[] = [
  ...linesOf({
    property: 'ball',
    uses: ['containers', 'seed'],
    basis: BALL_BASIS,
    bands: [
      [0, 'good', 'Little clay in it: it will not set in a pot.'],
      [1, 'bearable', 'Some clay in it: only as a part of the mix, with something coarse.'],
      [2, 'not', 'Clay closes a pot.'],
    ],
  }),
  ...linesOf({
    property: 'ball',
    uses: ['bed', 'ground'],
    basis: BALL_BASIS,
    bands: [
      [0, 'bearable', 'Sand: it keeps neither water nor food.', turns('good', 'wetGround', 'clayBelow')],
      [1, 'good', 'Loam: it keeps water and can be worked.'],
      [2, 'bearable', 'Clay: work it neither wet nor dry, feed it with compost.', turns('not', 'wetGround')],
    ],
  }),
  ...linesOf({
    property: 'ball',
    uses: ['lawn', 'topDressing'],
    basis: BALL_BASIS,
    bands: [
      [0, 'good', 'Sandy: it drains and does not seal.'],
      [1, 'bearable', 'Some clay: fine where few feet go.'],
      [2, 'not', 'Clay on top seals the sward.'],
    ],
  }),
];

const RIBBON: readonly VerdictLine[] = [
  ...linesOf({
    property: 'ribbon_cm',
    uses: ['containers', 'seed'],
    basis: RIBBON_BASIS,
    bands: [
      [0, 'good', 'Hardly any ribbon: little clay.'],
      [1, 'bearable', 'A short ribbon: only as a part of the mix, with something coarse.'],
      [2.5, 'not', 'A ribbon of clay loam closes a pot.'],
    ],
  }),
  ...linesOf({
    property: 'ribbon_cm',
    uses: ['bed', 'ground'],
    basis: RIBBON_BASIS,
    bands: [
      [0, 'good', 'A loam’s ribbon or none.'],
      [2.5, 'bearable', 'Clay loam: good ground where it is fed with compost.', turns('not', 'wetGround')],
      [5, 'not', 'Clay: it stands wet and cracks dry.', turns('bearable', 'dryClimate')],
    ],
  }),
  ...linesOf({
    property: 'ribbon_cm',
    uses: ['lawn', 'topDressing'],
    basis: RIBBON_BASIS,
    bands: [
      [0, 'good', 'Sandy enough to stay open under feet.'],
      [1.5, 'bearable', 'Loam: fine where few feet go.'],
      [2.5, 'not', 'It seals under feet.'],
    ],
  }),
];

/** Gritty share by feel: none, a quarter or less, a third to a half, mostly, all. */
const GRIT: readonly VerdictLine[] = [
  ...linesOf({
    property: 'palmGrit',
    uses: ['containers'],
    basis: GRIT_BASIS,
    bands: [
      [0, 'bearable', 'No grit: open it with something coarse.'],
      [1, 'good', 'A little grit among the fine.'],
      [2, 'good', 'Gritty: it drains.', turns('bearable', 'dryClimate')],
      [3, 'bearable', 'Mostly grit: heavy, and soon dry.'],
    ],
  }),
  ...linesOf({
    property: 'palmGrit',
    uses: ['seed'],
    basis: GRIT_BASIS,
    bands: [
      [0, 'good', 'Fine enough for the smallest seed.'],
      [2, 'bearable', 'Gritty: for large seeds.'],
      [3, 'not', 'A seed lies dry between grains.'],
    ],
  }),
  ...linesOf({
    property: 'palmGrit',
    uses: ['bed', 'ground'],
    basis: GRIT_BASIS,
    bands: [
      [0, 'good', 'A quarter of fine grit or less: it keeps water and food.'],
      [2, 'not', 'A third of grit or more is too sandy.', turns('good', 'wetGround', 'clayBelow')],
    ],
  }),
  ...linesOf({
    property: 'palmGrit',
    uses: ['lawn', 'topDressing'],
    basis: GRIT_BASIS,
    bands: [
      [0, 'bearable', 'No grit: it may seal under feet.'],
      [1, 'good', 'Grit keeps the sward open.'],
      [4, 'bearable', 'All grit: it keeps no water for the roots.', turns('good', 'wetGround', 'clayBelow')],
    ],
  }),
];

export const BY_HAND: readonly VerdictLine[] = [...SQUEEZE, ...BALL, ...RIBBON, ...GRIT];
