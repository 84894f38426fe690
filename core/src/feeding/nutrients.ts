import { refuse, requireNotNegative, requirePositive, type Check } from '../errors';
import { choice, defineMethod, fieldsOf, list, maybe, number, object, text, type InputOf } from '../method';
import { LAB_PROPERTIES, type LabProperty } from './labProperties';
import { bisect } from '../numeric';
import { DEMAND, ELEMENT_WEIGHT, FEEDERS, SUFFICIENT_MGL, type Feeder, type JudgedElement } from './elements';

const LINE = object({
  name: text(),
  volume: number(),
  mgL: maybe(
    object(
      fieldsOf(LAB_PROPERTIES, maybe(number())),
      'what a report lists; what is absent counts as nothing, and a check says so',
    ),
  ),
  drawdown_mgL: maybe(number('nitrogen that its decay takes up in the first weeks')),
});
export type NutrientLine = InputOf<typeof LINE>;

const INPUT = object({
  lines: list(LINE),
  made: number('volume that the lines make, in the unit of their volumes'),
  feeder: choice(FEEDERS),
  fed_mgL: maybe(number('nitrogen mixed in, per litre made')),
  productN_percent: maybe(number('nitrogen of the product that would be added, by weight')),
});
export type NutrientsInput = InputOf<typeof INPUT>;

export interface JudgedNutrient {
  readonly element: JudgedElement;
  readonly mgL: number;
  readonly lo?: number;
  readonly hi?: number;
  readonly state: 'low' | 'enough' | 'high';
}

export interface NutrientsResult {
  readonly judged: readonly JudgedNutrient[];
  /** Weighted share of what was reported that lies in its range, 0..1; absent without a report. */
  readonly index?: number;
  /** What falls furthest short of its range. */
  readonly limiting?: JudgedElement;
  readonly available_mgL?: number;
  readonly drawdown_mgL: number;
  readonly uptake_mgLd: number;
  /** Days until nitrogen has run out; absent where none is known, or where it lasts a year. */
  readonly days?: number;
  /** Nitrogen that would bring it to the lower end after the drawdown, mg and g of product per litre made. */
  readonly toAdd_mgL?: number;
  readonly product_gPerL?: number;
  readonly checks: readonly Check[];
}

/** Decay takes up two thirds of its nitrogen within this, days; what lasts longer than a year is not counted. */
export const NITROGEN = Object.freeze({ drawdownScale_d: 14, horizon_d: 365 });

/** Nitrogen left after some days, mg/L: what was there, less decay's share, less what the plant took. */
export function nitrogenLeft(available: number, drawdown: number, uptake: number, day: number): number {
  return available - drawdown * (1 - Math.exp(-day / NITROGEN.drawdownScale_d)) - uptake * day;
}

const ELEMENT_OF = (key: LabProperty): JudgedElement =>
  key === 'labNitrate' || key === 'labAmmonium' ? 'nitrogen' : key;

function requireLines({ lines, made, feeder, fed_mgL, productN_percent }: NutrientsInput): void {
  if (!FEEDERS.includes(feeder)) refuse('feeder', `"${feeder}" is none of ${FEEDERS.join(', ')}`);
  requirePositive('made', made, '');
  if (lines.length === 0) refuse('lines', 'give at least one line');
  lines.forEach(({ volume, mgL, drawdown_mgL }, i) => {
    const at = `lines[${String(i)}]`;
    requireNotNegative(`${at}.volume`, volume, '');
    requireNotNegative(`${at}.drawdown_mgL`, drawdown_mgL ?? 0, 'mg/L');
    for (const [key, value] of Object.entries(mgL ?? {})) requireNotNegative(`${at}.mgL.${key}`, value, 'mg/L');
  });
  requireNotNegative('fed_mgL', fed_mgL ?? 0, 'mg/L');
  if (productN_percent !== undefined && !(productN_percent > 0 && productN_percent <= 100))
    refuse('productN_percent', `${String(productN_percent)} % must be above 0 and up to 100`);
}

/** Sums by element over the lines, mg per litre made; an element that no line lists is absent. */
function sums({ lines, made, fed_mgL }: NutrientsInput): Map<JudgedElement, number> {
  const found = new Map<JudgedElement, number>();
  for (const { volume, mgL } of lines) {
    for (const [key, value] of Object.entries(mgL ?? {})) {
      const element = ELEMENT_OF(key as LabProperty);
      found.set(element, (found.get(element) ?? 0) + (volume * value) / made);
    }
  }
  if (fed_mgL !== undefined && fed_mgL > 0) found.set('nitrogen', (found.get('nitrogen') ?? 0) + fed_mgL);
  return found;
}

function judged(element: JudgedElement, mgL: number, feeder: Feeder): JudgedNutrient {
  const { lo: usual, hi } = SUFFICIENT_MGL[element];
  const lo = usual === undefined ? undefined : usual * DEMAND[feeder].factor;
  return {
    element,
    mgL,
    ...(lo === undefined ? {} : { lo }),
    ...(hi === undefined ? {} : { hi }),
    state: lo !== undefined && mgL < lo ? 'low' : hi !== undefined && mgL > hi ? 'high' : 'enough',
  };
}

/** Weighted share of the elements that lie in their range. */
function indexOf(all: readonly JudgedNutrient[]): { readonly index?: number } {
  if (all.length === 0) return {};
  const weight = (some: readonly JudgedNutrient[]): number =>
    some.reduce((sum, { element }) => sum + ELEMENT_WEIGHT[element], 0);
  return { index: weight(all.filter(({ state }) => state === 'enough')) / weight(all) };
}

/** The element at the smallest part of its lower end, where any is below it. */
function limitingOf(all: readonly JudgedNutrient[]): JudgedElement | undefined {
  const short = all.filter((one) => one.state === 'low');
  const part = ({ mgL, lo }: JudgedNutrient): number => mgL / (lo ?? 1);
  return [...short].sort((a, b) => part(a) - part(b))[0]?.element;
}

/**
 * What a blend offers to eat, against what a plant asks for, and how long its nitrogen lasts.
 *
 * Each element is sum V_i c_i / V_made, mg per litre made, water extract; judged against `SUFFICIENT_MGL`, lower ends
 * times the feeder's demand. Nitrogen left after t days is N - D (1 - exp(-t/14)) - u t, D the drawdown by decay and u
 * the feeder's uptake; `days` is where that reaches nothing. `toAdd_mgL` brings nitrogen to its lower end with the
 * drawdown paid. `index` is the share of what was reported that lies in its range, by `ELEMENT_WEIGHT`. Throws for a feeder that is none, negative figures, nothing made.
 * Source: mass balance; ranges, drawdown and uptake are our own guidance.
 * Example: 100 mg/L of nitrogen, no decay, a medium feeder at 4 mg/L a day: 25 days.
 */
export function nutrients(input: NutrientsInput): NutrientsResult {
  requireLines(input);
  const { lines, made, feeder, productN_percent } = input;
  const found = sums(input);
  const order = Object.keys(SUFFICIENT_MGL) as JudgedElement[];
  const all = order.flatMap((element) => {
    const mgL = found.get(element);
    return mgL === undefined ? [] : [judged(element, mgL, feeder)];
  });
  const available = found.get('nitrogen');
  const drawdown = lines.reduce((sum, { volume, drawdown_mgL }) => sum + volume * (drawdown_mgL ?? 0), 0) / made;
  const { uptake_mgLd, factor } = DEMAND[feeder];
  const limiting = limitingOf(all);
  const wanted = (SUFFICIENT_MGL.nitrogen.lo ?? 0) * factor + drawdown;
  const toAdd = available === undefined ? undefined : Math.max(0, wanted - available);
  return {
    judged: all,
    ...indexOf(all),
    ...(limiting === undefined ? {} : { limiting }),
    ...(available === undefined ? {} : { available_mgL: available }),
    drawdown_mgL: drawdown,
    uptake_mgLd,
    ...daysOf(available, drawdown, uptake_mgLd),
    ...(toAdd === undefined ? {} : { toAdd_mgL: toAdd }),
    // A percent by weight is 10 mg in a gram.
    ...(toAdd === undefined || productN_percent === undefined
      ? {}
      : { product_gPerL: toAdd / (10 * productN_percent) }),
    checks: checksOf(lines),
  };
}

function daysOf(available: number | undefined, drawdown: number, uptake: number): { readonly days?: number } {
  if (available === undefined) return {};
  const left = (day: number): number => nitrogenLeft(available, drawdown, uptake, day);
  if (left(0) <= 0) return { days: 0 };
  return left(NITROGEN.horizon_d) > 0 ? {} : { days: bisect(left, 0, NITROGEN.horizon_d) };
}

function checksOf(lines: readonly NutrientLine[]): Check[] {
  const unknown = lines.filter(({ volume, mgL }) => volume > 0 && Object.keys(mgL ?? {}).length === 0);
  if (unknown.length === 0) return [];
  const names = unknown.map(({ name }) => name).join(', ');
  return [{ code: 'no-report', severity: 'note', message: `Taken as no nutrients: no report for ${names}.` }];
}

export const nutrientsMethod = defineMethod({
  name: 'nutrients',
  version: 2,
  source: 'Mass balance; ranges, drawdown and uptake are our own guidance.',
  schema: INPUT,
  calculate: nutrients,
  outputs: {
    days: {
      of: 'days',
      sentence: 'Until the nitrogen that is there has been taken up, by decay and by the plant.',
      formula: 'nitrogen − drawdown × (1 − e^(−days/14)) − uptake × days = 0',
    },
    drawdown_mgL: {
      of: 'drawdown_mgL',
      sentence: 'Nitrogen that the decay of its parts takes up in the first weeks.',
      formula: 'sum of volume × drawdown of each class / volume made',
    },
    index: {
      of: 'index',
      sentence: 'Part of what was reported that lies in its range, main elements counting more than traces.',
      formula: 'weights of those in range / weights of all reported',
    },
    mgL: {
      of: 'judged[0].mgL',
      sentence: 'What a water extract of the blend would hold, from the reports of its parts.',
      formula: 'sum of volume × content / volume made',
    },
  },
  golden: {
    input: {
      lines: [
        { name: 'Feed', volume: 1, mgL: { labNitrate: 120, labPotassium: 90 }, drawdown_mgL: 20 },
        { name: 'Bark', volume: 1, drawdown_mgL: 60 },
      ],
      made: 1.8,
      feeder: 'medium',
      fed_mgL: 60,
      productN_percent: 15,
    },
    gives: {
      days: 22.744346725,
      drawdown_mgL: 44.4444444444,
      'judged[0].mgL': 126.666666667,
      limiting: 'labPotassium',
      index: 0.5,
      available_mgL: 126.666666667,
      toAdd_mgL: 0,
    },
  },
});
