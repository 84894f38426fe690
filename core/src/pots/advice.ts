import type { DryDownResult } from '../drydown';
import type { Check } from '../errors';
import type { PotSettlingResult } from '../settling';
import type { PotAct } from './acts';
import { lastOf, type DiaryLine } from './diary';
import type { PotFood } from './nutrition';
import { POT_SIGNS, type PotSign } from './signs';

export interface PotAdvice {
  readonly act: PotAct;
  /** Why, in a sentence. */
  readonly message: string;
  /** Lines of the diary that it rests on. */
  readonly evidence: readonly DiaryLine[];
  /** When, ms since 1970; absent: now. */
  readonly at_ms?: number;
}

interface Known {
  readonly filledOn: string;
  readonly diary: readonly DiaryLine[];
  readonly taught?: Pick<DryDownResult, 'checks'>;
  readonly settled?: Pick<PotSettlingResult, 'topUp_cm' | 'depth_cm'>;
  readonly food?: PotFood;
}

const DAY_MS = 24 * 3600 * 1000;
/** What was seen longer ago than this says little of today. */
const SEEN_d = 60;
/** A feed is announced so many days before it is wanted. */
const FEED_AHEAD_d = 7;
/** Feeds in two months from which salts are thought of, and the part of the water that carries them off. */
const SALTS = { feeds: 3, drained: 0.05 };
/** Depth lost that is worth topping up, as a part of what stands. */
const TOP_UP = 0.1;
/** A pot is not repotted again within half a year without a reason. */
export const REPOT_d = 183;

/** The latest line that saw a sign, unless something seen since says otherwise. */
function seen(diary: readonly DiaryLine[], sign: PotSign, now_ms: number): DiaryLine[] {
  const last = lastOf(diary.filter(({ signs }) => signs?.includes(sign) === true));
  if (last === undefined || now_ms - Date.parse(last.at) > SEEN_d * DAY_MS) return [];
  const since = diary.filter(({ at }) => Date.parse(at) > Date.parse(last.at));
  const isOver = since.some(
    ({ kind, signs = [] }) =>
      signs.includes('healthy') ||
      (sign === 'root-bound' && (signs.includes('roots-free') || kind === 'repotted')) ||
      (sign === 'crust' && kind === 'repotted'),
  );
  return isOver ? [] : [last];
}

/** When its medium was last new: filled, or repotted since. */
function newSince({ filledOn, diary }: Pick<Known, 'filledOn' | 'diary'>): { at_ms: number; line?: DiaryLine } {
  const line = lastOf(diary.filter(({ kind }) => kind === 'repotted'));
  return line === undefined ? { at_ms: Date.parse(`${filledOn}T12:00:00Z`) } : { at_ms: Date.parse(line.at), line };
}

/** What to think of before a pot is repotted: that it was not long ago, or that its plant is well. */
export function repotCheck(known: Pick<Known, 'filledOn' | 'diary'>, now_ms: number): Check | undefined {
  const { diary } = known;
  if (seen(diary, 'root-bound', now_ms).length > 0 || seen(diary, 'diseased', now_ms).length > 0) return undefined;
  const { at_ms, line } = newSince(known);
  const months = Math.round((now_ms - at_ms) / (30.4 * DAY_MS));
  if (now_ms - at_ms < REPOT_d * DAY_MS)
    return {
      code: 'soon',
      severity: 'caution',
      message: `It was ${line === undefined ? 'filled' : 'repotted'} ${months === 0 ? 'less than a month' : months === 1 ? 'a month' : `${String(months)} months`} ago: more often than every six months is seldom needed, and each time roots are torn.`,
    };
  const last = lastOf(diary.filter(({ signs }) => signs !== undefined && signs.length > 0));
  const isWell = last?.signs?.every((sign) => POT_SIGNS.find(({ key }) => key === sign)?.isWell === true) === true;
  return isWell
    ? {
        code: 'well',
        severity: 'caution',
        message: 'When it was last looked at it was well: a healthy plant is not repotted for its looks.',
      }
    : undefined;
}

/** Touch it or not: what is best done with a pot, the weightiest first, each with its reason and what it rests on. */
export function potAdvice(known: Known, now_ms: number): PotAdvice[] {
  const { diary, taught, settled, food } = known;
  const all: PotAdvice[] = [];
  const say = (act: PotAct, message: string, evidence: readonly DiaryLine[] = [], at_ms?: number): void => {
    all.push({ act, message, evidence, ...(at_ms === undefined ? {} : { at_ms }) });
  };
  const disease = seen(diary, 'diseased', now_ms);
  if (disease.length > 0) {
    say(
      'discard',
      'Disease was seen: it is the usual reason to discard a pot, medium and all, before it spreads.',
      disease,
    );
    say('sterilise', 'Clean pot, saucer and tools before they touch another plant.', disease);
  }
  for (const { message } of taught?.checks ?? []) say('look', message);
  const crust = seen(diary, 'crust', now_ms);
  if (crust.length > 0)
    say('rinse', 'A salt crust was seen: pour twice the pot’s volume of soft water through it.', crust);
  else if (food !== undefined && food.feeds >= SALTS.feeds && food.drainedShare < SALTS.drained)
    say(
      'rinse',
      `It was fed ${String(food.feeds)} times in two months and hardly any water ran through: salts stay behind. Rinse it, or water until a tenth runs out.`,
    );
  const bound = seen(diary, 'root-bound', now_ms);
  if (bound.length > 0)
    say('repot', 'Its roots fill the pot: repot it, one size up, before the season that it grows in.', bound);
  for (const sign of ['sour', 'runs-past', 'wilting', 'pests'] as const) {
    const lines = seen(diary, sign, now_ms);
    if (lines.length > 0) say('look', SIGN_SAYS[sign], lines);
  }
  const pale = seen(diary, 'pale', now_ms);
  if (food?.short_ms !== undefined && (food.short_ms - now_ms < FEED_AHEAD_d * DAY_MS || pale.length > 0))
    say(
      'feed',
      `About ${food.left_mgL.toFixed(0)} mg/L of nitrogen are left, and the plant takes ${food.uptake_mgLd.toFixed(1)} mg/L a day.`,
      pale,
      food.short_ms > now_ms ? food.short_ms : undefined,
    );
  else if (pale.length > 0)
    say('feed', 'It was seen pale: feed it weakly once, and let its pH be measured if that does not help.', pale);
  if (settled !== undefined && settled.topUp_cm > TOP_UP * settled.depth_cm)
    say('top-up', `It stands ${settled.topUp_cm.toFixed(1)} cm lower than it was filled.`);
  if (all.length === 0)
    say(
      'leave-alone',
      'Nothing asks for a hand: no disease, no crust, roots with room, food enough as far as anybody wrote.',
    );
  return all;
}

const SIGN_SAYS = {
  sour: 'It smelt sour: too wet below. Look whether its holes are free, and let it dry further between waterings.',
  'runs-past': 'Water ran past it: wet it slowly twice, or from below, until it grows as heavy as it was.',
  wilting: 'It was seen wilting: weigh it. Light means dry; heavy means that the roots get no air.',
  pests: 'Pests were seen: keep it apart from the others; what may be used on them the local label says.',
} as const;
