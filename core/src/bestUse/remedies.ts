import { dose } from '../chemistry';
import { predictDesk } from '../desk';
import { foodOfLot, nutrients, type Feeder } from '../feeding';
import type { JudgedFigure, Rubric } from '../judging';
import { inPot, type LotCard, type LotComponent } from '../lots';
import type { PropertyKey } from '../properties';
import { wettingClass } from '../wetting';
import type { Mend } from './bestUses';

/** A thing that is mixed in, and what a kilogram of it costs; the cost is told only where that is known. */
export interface Supply {
  readonly name: string;
  readonly pricePerKg?: number;
}

export interface RemedyChoice {
  readonly feed: Supply & { readonly nitrogen_percent: number };
  readonly lime: Supply & { readonly cce: number };
  /** What makes it coarser. */
  readonly coarse?: { readonly name: string; readonly lot: LotComponent };
  readonly feeder: Feeder;
}

/** Figures as they would be. */
export type Assumed = Readonly<Partial<Record<JudgedFigure | 'nutrients', number>>>;

/** Something that can be done with a bag: what, how much, when, at which cost, and what would be found then. */
export interface Remedy {
  readonly kind: Mend;
  readonly sentence: string;
  /** Of the supply: grams or litres to a litre of what is made; litres of water to a litre for a rinse. */
  readonly amount?: { readonly value: number; readonly unit: 'g/L' | 'L/L' };
  /** Days from now; absent is at once. */
  readonly inDays?: number;
  readonly costPerL?: number;
  readonly assumed: Assumed;
  /** The step to take before or after, as a protocol’s key. */
  readonly check?: string;
}

/** Shares of the coarse part that are tried, of the loose volume. */
const COARSE_SHARES = [0.1, 0.15, 0.2, 0.25, 0.3, 0.35, 0.4, 0.45, 0.5] as const;
/** Nitrogen that is to last this long is not called short, days. */
const LASTS_d = 42;

/** Less air than this more is not worth the work. */
const NOTICED = 0.01;

interface Window {
  readonly lo: number | null;
  readonly hi: number | null;
}

/** Where a rubric wants a figure. */
function windowOf({ criteria }: Rubric, figure: JudgedFigure): Window | undefined {
  const fn = criteria.find(({ source }) => source.from === 'lot' && source.figure === figure)?.function;
  return fn?.type === 'window' ? { lo: fn.ideal[0], hi: fn.ideal[1] } : undefined;
}

const mean = (card: LotCard, figure: PropertyKey): number | undefined =>
  card.figures.find(({ property, origin }) => property === figure && origin !== 'label')?.summary.mean;

const rounded = (value: number, digits = 2): number => Number(value.toPrecision(digits));

function nitrogen(card: LotCard, { feed, feeder }: RemedyChoice): Remedy | undefined {
  const input = foodOfLot('It', card.figures, feeder);
  if (input === undefined) return undefined;
  const now = nutrients({ ...input, productN_percent: feed.nitrogen_percent });
  const { days, toAdd_mgL = 0, product_gPerL = 0 } = now;
  if (toAdd_mgL > 0) {
    const after = nutrients({ ...input, fed_mgL: toAdd_mgL });
    const cost = feed.pricePerKg === undefined ? undefined : (product_gPerL / 1000) * feed.pricePerKg;
    return {
      kind: 'nitrogen',
      sentence: `Mix in ${String(rounded(product_gPerL))} g of ${feed.name} to a litre, ${String(Math.round(toAdd_mgL))} mg of nitrogen. Never more than its own label allows.`,
      amount: { value: product_gPerL, unit: 'g/L' },
      ...(cost === undefined ? {} : { costPerL: cost }),
      assumed: after.index === undefined ? {} : { nutrients: after.index },
    };
  }
  if (days === undefined || days >= LASTS_d) return undefined;
  return {
    kind: 'nitrogen',
    sentence: `Its nitrogen lasts ${String(Math.round(days))} days: feed from then on, by the feed’s own label.`,
    inDays: Math.round(days),
    assumed: {},
  };
}

/** The smallest share of the coarse part that brings air to where the rubric wants it; the airiest where none does. */
function coarser(card: LotCard, rubric: Rubric, { coarse }: RemedyChoice): Remedy | undefined {
  const { component, curve } = card;
  const lo = windowOf(rubric, 'air')?.lo;
  if (coarse === undefined || component === undefined || lo === undefined || lo === null) return undefined;
  if (curve === undefined || curve.kind === 'class' || inPot(curve, rubric.container).air >= lo) return undefined;
  const tried = COARSE_SHARES.map((share) => ({
    share,
    ...predictDesk({
      lines: [
        { parts: 1 - share, lot: component },
        { parts: share, lot: coarse.lot },
      ],
      container: rubric.container,
      model: 'packing',
    }),
  }));
  const airiest = [...tried].sort((a, b) => b.result.air - a.result.air)[0];
  // Grains of like size only fill each other's gaps: then it is no remedy.
  if (airiest === undefined || airiest.result.air <= inPot(curve, rubric.container).air + NOTICED) return undefined;
  const { share, result } = tried.find((one) => one.result.air >= lo) ?? airiest;
  const price = component.component.pricePerL;
  const cost = result.pricePerL === undefined || price === undefined ? undefined : result.pricePerL - price;
  const reaches = result.air >= lo;
  return {
    kind: 'coarse',
    sentence: `Mix in ${String(Math.round(100 * share))} % of its volume of ${coarse.name}: air ${String(Math.round(100 * result.air))} %${reaches ? '' : ', still short of what is wanted'}.`,
    amount: { value: share, unit: 'L/L' },
    ...(cost === undefined ? {} : { costPerL: cost }),
    assumed: {
      air: result.air,
      water: result.water,
      ...(result.pH === undefined ? {} : { pH: result.pH }),
    },
    check: 'saturate-drain-dry',
  };
}

function liming(card: LotCard, rubric: Rubric, { lime }: RemedyChoice): Remedy | undefined {
  const found = mean(card, 'pH');
  const window = windowOf(rubric, 'pH');
  const buffer = card.component?.component.buffer_meqPerLpH;
  if (found === undefined || window === undefined || buffer === undefined || buffer === 0) return undefined;
  const low = window.lo !== null && found < window.lo;
  const high = window.hi !== null && found > window.hi;
  if (!low && !high) return undefined;
  const target = (low ? window.lo : window.hi) as number;
  const { lime_gPerMadeL, sulphur_gPerMadeL } = dose({
    components: [{ name: 'It', volume: 1, pH: found, buffer_meqPerLpH: buffer }],
    targetPH: target,
    cce: lime.cce,
  });
  const grams = lime_gPerMadeL ?? sulphur_gPerMadeL ?? 0;
  const cost = low && lime.pricePerKg !== undefined ? (grams / 1000) * lime.pricePerKg : undefined;
  return {
    kind: 'lime',
    sentence: low
      ? `Mix in ${String(rounded(grams))} g of ${lime.name} to a litre for pH ${String(target)}; measure again after two weeks moist.`
      : `Mix in ${String(rounded(grams))} g of elemental sulphur to a litre for pH ${String(target)}; it takes weeks in the warm.`,
    amount: { value: grams, unit: 'g/L' },
    ...(cost === undefined ? {} : { costPerL: cost }),
    assumed: { pH: target },
    check: 'ph-1to5',
  };
}

const SALTS = ['ec1to5', 'ec_dSm', 'ecPaste', 'ecPourThrough'] as const;

/** As if each litre of water mixed with all that the medium holds before it runs out: c = c0 e^(-V / held). */
function rinsing(card: LotCard, rubric: Rubric): Remedy | undefined {
  for (const salt of SALTS) {
    const found = mean(card, salt);
    const hi = windowOf(rubric, salt)?.hi;
    if (found === undefined || hi === undefined || hi === null || found <= hi || hi <= 0) continue;
    const held = card.curve === undefined ? undefined : inPot(card.curve, rubric.container).water;
    if (held === undefined) return undefined;
    const litres = held * Math.log(found / hi);
    return {
      kind: 'rinse',
      sentence: `Rinse it with about ${litres.toFixed(1)} L of clean water to a litre and let it drain; measure its salt again. Feed goes with it.`,
      amount: { value: litres, unit: 'L/L' },
      assumed: { [salt]: hi },
      check: 'rinse',
    };
  }
  return undefined;
}

function wetting(card: LotCard): Remedy | undefined {
  const seconds = mean(card, 'dropTime_s');
  if (seconds === undefined || wettingClass(seconds) === 'wettable') return undefined;
  return {
    kind: 'wetting',
    sentence:
      'It sheds water: moisten it with warm water the day before, soak the first time from below, or add a wetting agent by its label.',
    assumed: {},
  };
}

/**
 * What can be done with a product for a rubric's use, each with its amount, cost and what would be found then: predicted,
 * not measured. Nitrogen by the laboratory's report, the coarse part by the packing model, lime by the class's or the
 * measured buffer, rinsing by complete mixing, which is on the careful side.
 */
export function remediesFor(card: LotCard, rubric: Rubric, choice: RemedyChoice): Remedy[] {
  return [
    coarser(card, rubric, choice),
    nitrogen(card, choice),
    liming(card, rubric, choice),
    rinsing(card, rubric),
    wetting(card),
  ].filter((one): one is Remedy => one !== undefined);
}

/** Some of them done: what one assumes goes over what the one before does, and what they cost goes onto the price. */
export function withRemedies(
  remedies: readonly Remedy[],
  pricePerL: number | undefined,
): { readonly assumed: Assumed; readonly costPerL: number } {
  const assumed = Object.assign({}, ...remedies.map((one) => one.assumed)) as Assumed;
  const costPerL = remedies.reduce((sum, { costPerL: cost = 0 }) => sum + cost, 0);
  const priced = pricePerL === undefined || costPerL === 0 ? {} : { pricePerL: pricePerL + costPerL };
  return { assumed: { ...assumed, ...priced }, costPerL };
}
