import { refuse, requireNotNegative, requirePositive, type Check } from '../errors';
import { choice, defineMethod, list, maybe, number, object, text, type InputOf } from '../method';

export const PRICE_KINDS = ['paid', 'list', 'offer', 'delivered', 'made'] as const;

/** How a price came about. */
export const PRICE_WORDS: Readonly<Record<(typeof PRICE_KINDS)[number], string>> = Object.freeze({
  paid: 'paid',
  list: 'list price',
  offer: 'on offer',
  delivered: 'delivered',
  made: 'made',
});
export const PACK_FORMS = ['loose', 'compressed', 'block', 'byWeight'] as const;

const PACK = object({
  name: text(),
  price: number('for one pack; for what is made, of one litre made'),
  kind: maybe(choice(PRICE_KINDS)),
  form: maybe(choice(PACK_FORMS)),
  pack_L: maybe(number('as printed: loose litres, or what the compressed pack or the block measures')),
  weight_kg: maybe(number('of a pack; with a density, its volume where it is sold by weight')),
  true_L: maybe(number('litres that were really poured out of one, loose')),
  true_L_se: maybe(number()),
  factor: maybe(number('loose litres out of a litre compressed or of block')),
  factor_se: maybe(number()),
  density_kgL: maybe(number('of a loose litre as it lies')),
  delivery: maybe(number('for the whole order')),
  minutes: maybe(number('of work for one pack: breaking up, soaking, fetching')),
});

const INPUT = object({
  packs: list(PACK),
  need_L: maybe(number('loose litres that are wanted')),
  hourPrice: maybe(number('what an hour of work costs')),
});
export type PriceBoardInput = InputOf<typeof INPUT>;
export type PricedPack = PriceBoardInput['packs'][number];

export interface BoardLine {
  readonly name: string;
  /** Loose litres in one pack, by what was poured out, else by the label. */
  readonly litres: number;
  readonly isMeasured: boolean;
  readonly pricePerL: number;
  /** 5 and 95 % of the price of a real litre. */
  readonly band: readonly [number, number];
  /** Whole packs for the need, what is left of them, what they cost with delivery and work, what they weigh. */
  readonly packs?: number;
  readonly left_L?: number;
  readonly cost?: number;
  readonly weight_kg?: number;
}

export interface PriceBoardResult {
  /** Cheapest real litre first. */
  readonly lines: readonly BoardLine[];
  readonly checks: readonly Check[];
}

/**
 * How far a pack is from what its label says, as a standard deviation relative to it, until somebody pours one out: loose
 * packs are short or generous by some percent; what a bale or a block opens to differs by much more. Ours, from bags
 * poured at benches; wide on purpose.
 */
export const LABEL_SPREAD = Object.freeze({ loose: 0.06, compressed: 0.15, block: 0.2, byWeight: 0.12 });

/** What a litre compressed, or of block, usually opens to. */
export const USUAL_FACTOR = Object.freeze({ loose: 1, compressed: 1.8, block: 6, byWeight: 1 });

/** What a pack that was poured out once would be another time, relative: levelling by hand repeats no better. */
const POURED_ONCE = 0.02;

const Z90 = 1.6448536269514722;

interface Content {
  readonly litres: number;
  /** Relative standard error. */
  readonly spread: number;
  readonly isMeasured: boolean;
}

/** Loose litres of a pack, and how sure they are. */
function contentOf(pack: PricedPack, at: string): Content {
  const { form = 'loose', kind, true_L, pack_L, weight_kg, density_kgL } = pack;
  if (kind === 'made') return { litres: 1, spread: 0, isMeasured: true };
  if (true_L !== undefined) {
    requirePositive(`${at}.true_L`, true_L, 'L');
    if (pack.true_L_se !== undefined) requireNotNegative(`${at}.true_L_se`, pack.true_L_se, 'L');
    const spread = pack.true_L_se === undefined ? POURED_ONCE : pack.true_L_se / true_L;
    return { litres: true_L, spread, isMeasured: true };
  }
  if (form === 'byWeight') {
    if (weight_kg === undefined || density_kgL === undefined)
      refuse(`${at}.density_kgL`, 'what is sold by weight needs its weight and the density of a loose litre');
    requirePositive(`${at}.weight_kg`, weight_kg, 'kg');
    requirePositive(`${at}.density_kgL`, density_kgL, 'kg/L');
    return { litres: weight_kg / density_kgL, spread: LABEL_SPREAD.byWeight, isMeasured: false };
  }
  if (pack_L === undefined) refuse(`${at}.pack_L`, 'give the volume on the pack, or what was poured out of it');
  requirePositive(`${at}.pack_L`, pack_L, 'L');
  const factor = pack.factor ?? USUAL_FACTOR[form];
  requirePositive(`${at}.factor`, factor, '');
  const own = pack.factor_se === undefined ? undefined : pack.factor_se / factor;
  return { litres: pack_L * factor, spread: own ?? LABEL_SPREAD[form], isMeasured: own !== undefined };
}

function lineOf(pack: PricedPack, i: number, { need_L, hourPrice = 0 }: PriceBoardInput): BoardLine {
  const at = `packs[${String(i)}]`;
  const { name, price, kind, delivery = 0, minutes = 0, weight_kg, density_kgL } = pack;
  requireNotNegative(`${at}.price`, price, '');
  requireNotNegative(`${at}.delivery`, delivery, '');
  requireNotNegative(`${at}.minutes`, minutes, 'min');
  const { litres, spread, isMeasured } = contentOf(pack, at);
  const each = price + (minutes / 60) * hourPrice;
  const packs = need_L === undefined ? 1 : kind === 'made' ? need_L : Math.ceil(need_L / litres - 1e-9);
  // Delivery is for the order: shared by its litres.
  const cost = packs * each + delivery;
  const pricePerL = each / litres + (packs > 0 ? delivery / (packs * litres) : 0);
  const heavy = weight_kg ?? (density_kgL === undefined ? undefined : density_kgL * litres);
  return {
    name,
    litres,
    isMeasured,
    pricePerL,
    band: [pricePerL * Math.exp(-Z90 * spread), pricePerL * Math.exp(Z90 * spread)],
    ...(need_L === undefined
      ? {}
      : {
          packs,
          left_L: Math.max(0, packs * litres - need_L),
          cost,
          ...(heavy === undefined ? {} : { weight_kg: packs * heavy }),
        }),
  };
}

/**
 * Packs side by side by what a real, loose litre costs, cheapest first.
 *
 * Litres are those that were poured out; else the label's, times what a litre compressed or of block opens to, or weight
 * over the density of a loose litre. The band is 90 % (log-normal), by the error of what was measured or by `LABEL_SPREAD`
 * for a pack that nobody opened. With a need: whole packs, what is left, their cost with delivery and work, their weight;
 * what is made oneself stands in the same list at its price of a litre and is never rounded up to packs.
 * Throws for no packs, a pack without volume, a negative price. Example: 40 L for 10, poured out 36 L: 0.2778 a litre.
 */
export function priceBoard(input: PriceBoardInput): PriceBoardResult {
  if (input.packs.length === 0) refuse('packs', 'an empty board has no order; give at least one pack');
  if (input.need_L !== undefined) requirePositive('need_L', input.need_L, 'L');
  if (input.hourPrice !== undefined) requireNotNegative('hourPrice', input.hourPrice, '');
  const lines = input.packs
    .map((pack, i) => lineOf(pack, i, input))
    .sort((a, b) => a.pricePerL - b.pricePerL || (a.name < b.name ? -1 : 1));
  const [first, second] = lines;
  const level = second !== undefined && first !== undefined && second.band[0] <= first.band[1];
  const unopened = lines.filter(({ isMeasured }) => !isMeasured).length;
  const checks: Check[] = [
    ...(level
      ? [
          {
            code: 'level',
            severity: 'note' as const,
            message: `${first.name} and ${second.name} may cost the same: open one of each and pour it out.`,
          },
        ]
      : []),
    ...(unopened > 0
      ? [
          {
            code: 'label-only',
            severity: 'note' as const,
            message: `${String(unopened)} of ${String(lines.length)} ${unopened === 1 ? 'goes' : 'go'} by the label alone.`,
          },
        ]
      : []),
  ];
  return { lines, checks };
}

export const priceBoardMethod = defineMethod({
  name: 'price-board',
  version: 1,
  source: 'Price over loose litres, poured out where somebody did; spreads of unopened packs are ours.',
  schema: INPUT,
  calculate: priceBoard,
  outputs: {
    pricePerL: {
      of: 'lines[0].pricePerL',
      sentence: 'What a real, loose litre costs, with the work and the delivery in it.',
      formula: '(price + minutes / 60 × hour) / litres + delivery / all litres',
    },
  },
  golden: {
    input: {
      need_L: 100,
      hourPrice: 12,
      packs: [
        { name: 'bag', price: 10, pack_L: 40, true_L: 36, true_L_se: 0.5 },
        { name: 'bale', price: 24, form: 'compressed', pack_L: 70, minutes: 10 },
        { name: 'own mix', price: 0.15, kind: 'made' },
      ],
    },
    gives: {
      'lines[0].pricePerL': 0.15,
      'lines[0].cost': 15,
      'lines[1].pricePerL': 0.206349206349,
      'lines[2].pricePerL': 0.277777777778,
      'lines[2].packs': 3,
    },
  },
});
