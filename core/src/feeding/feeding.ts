import { refuse, requireNotNegative, requirePositive } from '../errors';
import { defineMethod, fixed, forms, list, number, object, whole, type InputOf } from '../method';
import { NITROGEN } from './nutrients';

/** Feed in water, every so many days. */
const LIQUID = object({
  kind: fixed('liquid'),
  n_mgL: number(),
  volume_mL: number(),
  every_d: number(),
  first_d: number(),
});
export type LiquidFeed = InputOf<typeof LIQUID>;

const slow = { g: number(), n_percent: number(), lasts_d: number(), first_d: number() };
const COATED = object({ kind: fixed('coated'), ...slow });
const TOP_DRESS = object({ kind: fixed('top-dress'), ...slow });
/** Coated or slow feed, given once, mixed in or on top. */
export type SlowFeed = InputOf<typeof COATED> | InputOf<typeof TOP_DRESS>;

export type Feed = LiquidFeed | SlowFeed;

/** One pot and what it is fed with. */
const INPUT = object({
  medium_L: number(),
  water_mL: number('that it holds: drainage carries off nitrogen as it is dissolved in this'),
  days: whole(),
  start_mgL: number(),
  drawdown_mgL: number(),
  uptake_mgLd: number(),
  drained_mLperD: number(),
  feeds: list(forms('kind', [LIQUID, COATED, TOP_DRESS])),
});
export type FeedingInput = InputOf<typeof INPUT>;

export interface FeedingDay {
  readonly day: number;
  readonly left_mgL: number;
  readonly given_mg: number;
  readonly taken_mg: number;
  readonly drained_mg: number;
  /** What the feed adds to the EC of a 1:2 extract, while it is there. */
  readonly ecRise_dSm: number;
}

export interface FeedingResult {
  readonly days: readonly FeedingDay[];
  /** First day on which the plant wants more than is there. */
  readonly short_d?: number;
  /** Each feed's dose to one pot, and when it is due again. */
  readonly doses: readonly {
    readonly kind: Feed['kind'];
    readonly mL?: number;
    readonly g?: number;
    readonly n_mg: number;
    readonly due_d: readonly number[];
  }[];
  readonly given_mg: number;
  readonly taken_mg: number;
  readonly drained_mg: number;
  readonly drawn_mg: number;
  readonly left_mg: number;
}

/** EC that a complete feed brings into its own solution for each mg/L of nitrogen, and the water of a 1:2 extract. */
export const FEED_SALT = Object.freeze({ dSm_perMgL: 0.0065, extractWater: 2 });

const DAYS_MOST = 730;

function requireFeeding(input: FeedingInput): void {
  requirePositive('medium_L', input.medium_L, 'L');
  requirePositive('water_mL', input.water_mL, 'mL');
  if (!(Number.isInteger(input.days) && input.days >= 1 && input.days <= DAYS_MOST))
    refuse('days', `${String(input.days)} must be a whole number of 1 to ${String(DAYS_MOST)}`);
  for (const key of ['start_mgL', 'drawdown_mgL', 'uptake_mgLd', 'drained_mLperD'] as const)
    requireNotNegative(key, input[key], '');
  input.feeds.forEach((feed, i) => {
    const at = `feeds[${String(i)}]`;
    requireNotNegative(`${at}.first_d`, feed.first_d, 'd');
    if (feed.kind === 'liquid') {
      requireNotNegative(`${at}.n_mgL`, feed.n_mgL, 'mg/L');
      requireNotNegative(`${at}.volume_mL`, feed.volume_mL, 'mL');
      if (!(Number.isInteger(feed.every_d) && feed.every_d >= 1))
        refuse(`${at}.every_d`, `${String(feed.every_d)} must be a whole number of 1 or more`);
    } else {
      requireNotNegative(`${at}.g`, feed.g, 'g');
      requireNotNegative(`${at}.n_percent`, feed.n_percent, '%');
      requirePositive(`${at}.lasts_d`, feed.lasts_d, 'd');
    }
  });
}

/** Days on which a feed is given. */
function givenOn(feed: Feed, days: number): number[] {
  const first = Math.round(feed.first_d);
  if (feed.kind !== 'liquid') return first < days ? [first] : [];
  return Array.from(
    { length: Math.max(0, Math.ceil((days - first) / feed.every_d)) },
    (_, k) => first + k * feed.every_d,
  );
}

/** mg N that one giving of a feed brings. */
const nitrogenIn = (feed: Feed): number =>
  feed.kind === 'liquid' ? (feed.n_mgL * feed.volume_mL) / 1000 : feed.g * feed.n_percent * 10;

/** mg N that reach the medium on a day: a liquid at once, a slow feed evenly over its time. */
function reaches(feed: Feed, day: number, days: number): number {
  if (feed.kind === 'liquid') return givenOn(feed, days).includes(day) ? nitrogenIn(feed) : 0;
  const since = day - Math.round(feed.first_d);
  if (since < 0) return 0;
  const share = Math.min(1, (since + 1) / feed.lasts_d) - Math.min(1, since / feed.lasts_d);
  return nitrogenIn(feed) * share;
}

/**
 * Nitrogen of one pot from day to day: what is released, less what decay takes up, the plant takes and drainage carries
 * off.
 *
 * Each day: feed comes in; decay takes its share D (exp(-t/14) - exp(-(t+1)/14)); the plant takes its uptake or what is
 * there; drainage carries off left x drained / water. A slow feed gives evenly over `lasts_d`. mg per pot, mg/L per litre
 * of medium. `given = taken + drained + drawn + left - start` to rounding.
 * Throws for no medium, no water, days outside 1..730, negative amounts.
 * Source: mass balance, one day a step; our own guidance for the scale of drawdown and the salt of a feed.
 * Example: 1 L with 40 mg/L, 4 mg/L a day taken, nothing else: short on day 10.
 */
export function feeding(input: FeedingInput): FeedingResult {
  requireFeeding(input);
  const { medium_L, water_mL, days, uptake_mgLd, drained_mLperD, feeds } = input;
  const totals = { left: input.start_mgL * medium_L, given: 0, taken: 0, drained: 0, drawn: 0 };
  let short_d: number | undefined;
  const all: FeedingDay[] = [];
  for (let day = 0; day < days; day += 1) {
    const came = feeds.reduce((sum, feed) => sum + reaches(feed, day, days), 0);
    totals.given += came;
    totals.left += came;
    const scale = NITROGEN.drawdownScale_d;
    const decay = input.drawdown_mgL * medium_L * (Math.exp(-day / scale) - Math.exp(-(day + 1) / scale));
    const drawn = Math.min(totals.left, decay);
    totals.drawn += drawn;
    totals.left -= drawn;
    const wants = uptake_mgLd * medium_L;
    const taken = Math.min(totals.left, wants);
    if (taken < wants - 1e-9) short_d ??= day;
    totals.taken += taken;
    totals.left -= taken;
    const drained = totals.left * Math.min(1, drained_mLperD / water_mL);
    totals.drained += drained;
    totals.left -= drained;
    const left_mgL = totals.left / medium_L;
    all.push({
      day,
      left_mgL,
      given_mg: totals.given,
      taken_mg: totals.taken,
      drained_mg: totals.drained,
      ecRise_dSm: (left_mgL / FEED_SALT.extractWater) * FEED_SALT.dSm_perMgL,
    });
  }
  return {
    days: all,
    ...(short_d === undefined ? {} : { short_d }),
    doses: feeds.map((feed) => ({
      kind: feed.kind,
      ...(feed.kind === 'liquid' ? { mL: feed.volume_mL } : { g: feed.g }),
      n_mg: nitrogenIn(feed),
      due_d: givenOn(feed, days),
    })),
    given_mg: totals.given,
    taken_mg: totals.taken,
    drained_mg: totals.drained,
    drawn_mg: totals.drawn,
    left_mg: totals.left,
  };
}

export const feedingMethod = defineMethod({
  name: 'feeding',
  version: 1,
  source: 'Mass balance; ranges, drawdown and uptake are our own guidance.',
  schema: INPUT,
  calculate: feeding,
  outputs: {
    sum: {
      of: 'left_mg',
      sentence: 'Nitrogen of one pot over the days ahead, summed from day to day.',
      formula: 'there + given − decay’s share − taken up − drained off',
    },
  },
  golden: {
    input: {
      medium_L: 2,
      water_mL: 900,
      days: 14,
      start_mgL: 40,
      drawdown_mgL: 10,
      uptake_mgLd: 4,
      drained_mLperD: 20,
      feeds: [
        { kind: 'coated', g: 1, n_percent: 15, lasts_d: 90, first_d: 0 },
        { kind: 'liquid', n_mgL: 100, volume_mL: 200, every_d: 5, first_d: 2 },
      ],
    },
    gives: {
      left_mg: 24.2140796878,
      given_mg: 83.3333333333,
      taken_mg: 112,
      drained_mg: 14.4768424689,
    },
  },
});
