import type { VerdictUse } from '../verdicts';

/** A question to a seller, and which words of a label call for it. */
export interface ShopQuestion {
  readonly ask: string;
  /** Why its answer tells more than the label. */
  readonly because: string;
  /** Words of a claim that it belongs to; absent where it belongs to the use. */
  readonly claims?: RegExp;
  readonly uses?: readonly VerdictUse[];
}

/** The most telling first: claims are asked about before what the use wants to know anyway. */
export const SHOP_QUESTIONS: readonly ShopQuestion[] = [
  {
    ask: 'What does the asterisk say, and what is it compared with?',
    because: 'A footnote usually takes back half of its claim.',
    claims: /\*|†|up to|compared/i,
  },
  {
    ask: 'Organic by whose certificate?',
    because: 'Without one the word only says that something once lived.',
    claims: /\borganic\b|\bbio\b|natural/i,
  },
  {
    ask: 'Which feed is in it, how much nitrogen, and for how many weeks?',
    because: '“Feeds for months” means nothing without grams; salt is what a seedling notices.',
    claims: /\bfeeds?\b|fertili|months?|weeks?|nutrient/i,
  },
  {
    ask: 'What is in it instead of peat: bark, coir, wood fibre, compost?',
    because: 'They hold water and air very differently.',
    claims: /peat[- ]?free|without peat|no peat/i,
  },
  {
    ask: 'How hot did the compost get, for how long, and how long did it ripen?',
    because: 'Heat kills weed seeds; ripening keeps roots alive.',
    claims: /compost|manure|recycled|green waste/i,
  },
  {
    ask: 'Which microbes, how many are alive today, and kept how?',
    because: 'It cannot be tested here, and most die on the shelf.',
    claims: /mycorrhiz|microb|bacteria|probiotic|living/i,
  },
  {
    ask: 'How many litres come out of one, loose, and who measured it?',
    because: 'What is pressed opens to what it opens to, not to what is printed.',
    claims: /compress|expands|swells|makes/i,
  },
  {
    ask: 'What is its EC, and how was it extracted?',
    because: 'Seedlings stand a third of the salt that a tomato does.',
    uses: ['seed'],
  },
  {
    ask: 'Was it heated against weeds?',
    because: 'In a seed tray nobody can tell weeds from seedlings.',
    uses: ['seed', 'lawn', 'topDressing'],
  },
  {
    ask: 'What is the coarsest in it, and how much is finer than sand?',
    because: 'In a pot the grain decides how much air is left once it stops dripping.',
    uses: ['containers'],
  },
  {
    ask: 'When was it bagged?',
    because: 'After a year in the sun the feed is out and the wood has rotted on.',
    uses: ['containers', 'seed'],
  },
  {
    ask: 'Screened to what size, and what soil is in it: sand, silt or clay?',
    because: 'A load can be half of it subsoil, and looks black while it is wet.',
    uses: ['bed', 'ground', 'lawn', 'topDressing'],
  },
  {
    ask: 'How much plastic and glass is in a litre, and where does it come from?',
    because: 'What lies in a bed stays there.',
    uses: ['bed', 'ground'],
  },
];

/** Questions that are asked at most: a shop assistant answers two. */
const MOST = 2;

/** The two most telling questions for what is claimed and what it is for. */
export function shopQuestions(claims: readonly string[], use: VerdictUse): readonly ShopQuestion[] {
  const said = claims.join('\n');
  const byClaim = SHOP_QUESTIONS.filter(({ claims: of }) => of?.test(said) === true);
  const byUse = SHOP_QUESTIONS.filter(({ uses }) => uses?.includes(use) === true);
  return [...byClaim, ...byUse].slice(0, MOST);
}
