import { deskDoses, deskNutrientsInput, plainNitrogen, type RecipeSettings } from '../desk';
import { feeding, nutrients, type Feed, type Feeder } from '../feeding';
import { potVolume_L, type DiaryLine } from './diary';
import type { FilledMedium } from './medium';
import { POT_SETUP } from './potSetup';
import type { Container } from '../vessel';

/** Nitrogen of a filled pot now, and how long it lasts. */
export interface PotFood {
  readonly left_mgL: number;
  readonly uptake_mgLd: number;
  /** From when on the plant wants more than is there, ms since 1970; absent where that lies beyond four months. */
  readonly short_ms?: number;
  /** Part of the water given that ran through. */
  readonly drainedShare: number;
  /** Feeds of the last two months. */
  readonly feeds: number;
}

interface Fed {
  readonly shape: Container;
  readonly medium: FilledMedium;
  readonly recipe?: Pick<RecipeSettings, 'additives'>;
  readonly feeder: Feeder;
  readonly filledOn: string;
  /** What the plant and the air take, mm a day on the top: by its weights, else by its stand. */
  readonly mmPerD: number;
}

const DAY_MS = 24 * 3600 * 1000;
/** Days ahead that are looked at, and the longest life that is reckoned whole; feeds that count as recent. */
const AHEAD_d = 120;
const LONGEST_d = 600;
const RECENT_d = 60;

/** Feeds as the diary has them, by the day since the medium was new; strengths that were not told count as nothing. */
function feedsOf(diary: readonly DiaryLine[], day: (at: string) => number, count_L: number): Feed[] {
  return diary.flatMap(({ kind, at, feed, volume_mL }): Feed[] => {
    const first_d = day(at);
    if (kind !== 'fed' || feed === undefined || first_d < 0) return [];
    if (feed.n_mgL !== undefined)
      // So much is poured where nobody said how much: a tenth of the pot.
      return [
        {
          kind: 'liquid',
          n_mgL: feed.n_mgL,
          volume_mL: volume_mL ?? 100 * count_L,
          every_d: LONGEST_d + AHEAD_d,
          first_d,
        },
      ];
    if (feed.g === undefined || feed.n_percent === undefined) return [];
    return [{ kind: 'top-dress', g: feed.g, n_percent: feed.n_percent, lasts_d: feed.lasts_d ?? 1, first_d }];
  });
}

/**
 * What of a pot's watering ran through: volumes that were told less what was used, and a tenth where it was watered until
 * it ran.
 */
function drainedOf(diary: readonly DiaryLine[], use_mLperD: number, now_ms: number): { share: number; mLperD: number } {
  const recent = diary.filter(({ kind, at }) => kind === 'watered' && now_ms - Date.parse(at) < RECENT_d * DAY_MS);
  const times = recent.map(({ at }) => Date.parse(at));
  const span_d = (now_ms - Math.min(...times)) / DAY_MS;
  const told = recent.flatMap(({ volume_mL }) => (volume_mL === undefined ? [] : [volume_mL]));
  if (told.length < recent.length || recent.length < 2 || span_d < 1)
    return { share: POT_SETUP.extra, mLperD: (use_mLperD * POT_SETUP.extra) / (1 - POT_SETUP.extra) };
  const given = told.reduce((sum, one) => sum + one, 0);
  const drained = Math.max(0, given - use_mLperD * span_d);
  return { share: drained / given, mLperD: drained / span_d };
}

/** Nitrogen of a medium when it is new, by the reports of its parts and by what was mixed in; and whether either tells. */
export function begunWith(medium: FilledMedium, recipe: Pick<RecipeSettings, 'additives'>, feeder: Feeder) {
  const dosed = deskDoses(recipe, undefined);
  const mixedIn = plainNitrogen(recipe) + dosed.nitrogen_mgL;
  const found = nutrients(
    deskNutrientsInput(medium.desk, medium.predicted, {
      feeder,
      dosed,
      ...(mixedIn === 0 ? {} : { fed_mgL: mixedIn }),
    }),
  );
  const isReported = found.available_mgL !== undefined && found.checks.length === 0;
  return { found, isKnown: isReported || mixedIn > 0 };
}

/**
 * Nitrogen of a pot from the day that its medium was new: what the blend brought, what was fed since, less decay, plant
 * and drainage. Undefined where nothing says what it began with and nothing was fed.
 */
export function foodOf(
  { shape, medium, recipe = {}, feeder, filledOn, mmPerD }: Fed,
  diary: readonly DiaryLine[],
  now_ms: number,
): PotFood | undefined {
  const { found, isKnown } = begunWith(medium, recipe, feeder);
  const { volume_L, top_cm2 } = potVolume_L(shape);
  const from_ms = Date.parse(`${filledOn}T12:00:00Z`);
  const day = (at: string): number => Math.max(0, Math.round((Date.parse(at) - from_ms) / DAY_MS));
  const feeds = feedsOf(diary, day, volume_L);
  // Parts without a report would count as none, and every pot would be hungry.
  if (!isKnown && feeds.length === 0) return undefined;
  const today = Math.max(0, Math.floor((now_ms - from_ms) / DAY_MS));
  if (today > LONGEST_d) return undefined;
  const drained = drainedOf(diary, (mmPerD * top_cm2) / 10, now_ms);
  const { days } = feeding({
    medium_L: volume_L,
    water_mL: 1000 * volume_L * medium.predicted.result.water,
    days: today + AHEAD_d,
    start_mgL: found.available_mgL ?? 0,
    drawdown_mgL: found.drawdown_mgL,
    uptake_mgLd: found.uptake_mgLd,
    drained_mLperD: drained.mLperD,
    feeds,
  });
  const wants_mg = found.uptake_mgLd * volume_L;
  const short = days.findIndex(({ taken_mg }, i) => {
    const before = days[i - 1]?.taken_mg ?? 0;
    return i >= today && taken_mg - before < wants_mg - 1e-9;
  });
  return {
    left_mgL: (days[today] as { left_mgL: number }).left_mgL,
    uptake_mgLd: found.uptake_mgLd,
    ...(short === -1 ? {} : { short_ms: from_ms + short * DAY_MS }),
    drainedShare: drained.share,
    feeds: diary.filter(({ kind, at }) => kind === 'fed' && now_ms - Date.parse(at) < RECENT_d * DAY_MS).length,
  };
}
