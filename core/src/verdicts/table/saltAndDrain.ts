import { EC_CLASS_STARTS, EXTRACTION_OF, type ExtractionMethod } from '../../chemistry';
import { DRAIN_CLASSES } from '../../drainage';
import { linesOf, turns, type VerdictLine } from '../verdictLine';

/** The properties of salt: a value means something only with how it was had. */
const SALTS = ['ec_dSm', 'ec1to5', 'ecPaste', 'ecPourThrough'] as const;

const EC: readonly VerdictLine[] = SALTS.flatMap((property) => {
  const method = EXTRACTION_OF[property] as ExtractionMethod;
  const [, normal = 0, high = 0, veryHigh = 0, extreme = 0] = EC_CLASS_STARTS[method];
  const basis = `Usual classes of EC by ${method}; what a use bears is our own guidance.`;
  return [
    ...linesOf({
      property,
      uses: ['seed'],
      basis,
      bands: [
        [0, 'good', 'Mild enough for seeds.'],
        [normal, 'bearable', 'Rooted cuttings bear it, fine seed does not.', { stage: 'young' }],
        [high, 'not', 'It burns a seed’s first root.'],
      ],
    }),
    ...linesOf({
      property,
      uses: ['containers'],
      basis,
      bands: [
        [0, 'good', 'No salt to fear; feed to suit.'],
        [high, 'bearable', 'Salty: for established plants, watered well.', { stage: 'established' }],
        [
          veryHigh,
          'not',
          'Too salty: rinse it, or let it be a small part of a mix.',
          { ...turns('bearable', 'hungryPlant'), stage: 'established' },
        ],
        [extreme, 'not', 'Far too salty: rinse it and measure again.'],
      ],
    }),
    ...linesOf({
      property,
      uses: ['bed', 'topDressing'],
      basis,
      bands: [
        [0, 'good', 'No salt to fear.'],
        [high, 'bearable', 'Salty: rain takes it down; away from seedlings.', turns('not', 'dryClimate')],
        [extreme, 'not', 'Too salty for what roots near the surface.'],
      ],
    }),
    ...linesOf({
      property,
      uses: ['ground', 'lawn'],
      basis,
      bands: [
        [0, 'good', 'No salt to fear.'],
        [veryHigh, 'bearable', 'Salty: a thin layer, before rain.', turns('not', 'dryClimate')],
        [extreme, 'not', 'Too salty to spread.'],
      ],
    }),
  ];
});

const DRAIN_BASIS = 'Classes of the time to nine tenths drained; what a use bears is our own guidance.';

const DRAIN: readonly VerdictLine[] = [
  ...linesOf({
    property: 't90_s',
    uses: ['containers', 'seed'],
    basis: DRAIN_BASIS,
    bands: [
      [0, 'good', 'It lets water go within minutes.'],
      [DRAIN_CLASSES.moderateTo_s, 'bearable', 'Slow: water seldom, and never leave it standing in a saucer.'],
      [DRAIN_CLASSES.slowTo_s, 'not', 'It stands wet for over an hour.'],
    ],
  }),
  ...linesOf({
    property: 't90_s',
    uses: ['bed', 'ground', 'lawn'],
    basis: DRAIN_BASIS,
    bands: [
      [0, 'bearable', 'It runs through at once: water often.', turns('good', 'wetGround', 'clayBelow')],
      [DRAIN_CLASSES.quickUnder_s, 'good', 'It drains within the hour.'],
      [DRAIN_CLASSES.slowTo_s, 'bearable', 'Very slow: dry paths and a raised edge.', turns('not', 'wetGround')],
    ],
  }),
];

export const SALT_AND_DRAIN: readonly VerdictLine[] = [...EC, ...DRAIN];
