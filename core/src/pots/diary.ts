import type { DryDownInput } from '../drydown';
import { thetaAt } from '../retention';
import type { PotSettlingInput } from '../settling';
import { geometricVolume_mL, type Container } from '../vessel';
import { POT_SETUP, roundContainer, type PotMedium } from './potSetup';
import type { PotSign } from './signs';
import { standOf, type StandKey } from './stands';

/** What was given to one pot: with its water, or once for some time. */
export interface GivenFeed {
  readonly n_mgL?: number;
  readonly g?: number;
  readonly n_percent?: number;
  readonly lasts_d?: number;
}

/** A line of a pot's diary as far as anything is worked out from it. */
export interface DiaryLine {
  readonly at: string;
  readonly kind: string;
  readonly volume_mL?: number;
  readonly mass_g?: number;
  readonly depth_cm?: number;
  readonly feed?: GivenFeed;
  readonly signs?: readonly PotSign[];
  readonly stand?: StandKey;
  /** What it was repotted into, where that was another medium. */
  readonly medium?: string;
}

interface Life {
  readonly filledOn: string;
  readonly fill_cm?: number;
  readonly diary: readonly DiaryLine[];
}

/** A pot's life since its medium was new: a repotting into another begins it anew, as deep as was said of it then. */
export function sinceRepotted<P extends Life>(pot: P): P {
  const begun = lastOf(pot.diary.filter(({ kind, medium }) => kind === 'repotted' && medium !== undefined));
  if (begun === undefined) return pot;
  const { fill_cm: _before, ...rest } = pot;
  const { at, depth_cm } = begun;
  const since: Life = {
    ...rest,
    filledOn: at.slice(0, 10),
    ...(depth_cm === undefined ? {} : { fill_cm: depth_cm }),
    diary: pot.diary.filter((line) => Date.parse(line.at) >= Date.parse(at)),
  };
  return since as P;
}

interface Pot {
  readonly shape: Container;
  readonly medium: PotMedium;
  readonly stand: StandKey;
  /** What its place asks for this month, where it is known by month, mm a day. */
  readonly place_mmPerD?: number;
}

/** What air and plant would take where it stands now, mm a day: by where it was moved to, else by its place. */
export function askedThere(pot: Pick<Pot, 'stand' | 'place_mmPerD'>, diary: readonly DiaryLine[]): number {
  const moved = standNow(pot.stand, diary);
  return moved === pot.stand ? (pot.place_mmPerD ?? standOf(moved).mmPerD) : standOf(moved).mmPerD;
}

/** Volume and top of a pot; a straight one is taken as 20 cm across. */
export function potVolume_L(shape: Container): { readonly volume_L: number; readonly top_cm2: number } {
  const round = roundContainer(shape);
  return {
    volume_L: (geometricVolume_mL(round) ?? 0) / 1000,
    top_cm2: (Math.PI / 4) * round.topDiameter_cm ** 2,
  };
}

/** Where a pot stands now: where it was moved to last. */
export function standNow(stand: StandKey, diary: readonly DiaryLine[]): StandKey {
  const moved = diary.filter((line) => line.kind === 'moved' && line.stand !== undefined);
  return lastOf(moved)?.stand ?? stand;
}

/** The latest of some lines. */
export const lastOf = (lines: readonly DiaryLine[]): DiaryLine | undefined =>
  [...lines].sort((a, b) => Date.parse(a.at) - Date.parse(b.at)).at(-1);

const DAY_MS = 24 * 3600 * 1000;
/** Weights that are older teach nothing of the plant as it is now. */
const TAUGHT_BY_d = 60;
/** A watering is poured over minutes: what is weighed in these was weighed before it. */
const SAME_d = 1 / 1440;

/** A plant takes hardly anything that is held tighter; and it is watered when half of what it can take is gone. */
const HELD_CM = 1000;
const GONE = 0.5;
const SLICES = 20;

/** Share of the drained pot's water at which it is watered. */
function wateredAt({ retention }: PotMedium, height_cm: number): number {
  const heights = Array.from({ length: SLICES }, (_, i) => ((i + 0.5) * height_cm) / SLICES);
  const drained = heights.reduce((sum, z) => sum + thetaAt(retention, z), 0) / SLICES;
  return 1 - (GONE * Math.max(0, drained - thetaAt(retention, HELD_CM))) / drained;
}

/** Whether a line put water on the pot: also a pour that was timed, and a feed in so much water. */
const isWatering = ({ kind, volume_mL }: DiaryLine): boolean =>
  kind === 'watered' || ((kind === 'poured' || kind === 'fed') && volume_mL !== undefined);

/** Newest entries that are followed. */
const MOST_LINES = 80;

/** A question of the weights of a pot, and the moment that its days are counted from. */
export interface AskedOfWeights {
  readonly input: DryDownInput;
  readonly from_ms: number;
}

/**
 * What a diary's weights are asked: they are followed from the first watering of the last two months, or since it was
 * repotted, drained. Undefined where nothing was weighed since.
 */
export function dryDownOf(
  { shape, medium, ...stands }: Pot,
  diary: readonly DiaryLine[],
  now_ms: number,
): AskedOfWeights | undefined {
  const repotted = lastOf(diary.filter(({ kind }) => kind === 'repotted'));
  const from = Math.max(now_ms - TAUGHT_BY_d * DAY_MS, repotted === undefined ? 0 : Date.parse(repotted.at));
  const recent = diary
    .filter((line) => line.kind === 'weighed' || isWatering(line))
    .map((line) => ({ ...line, ms: Date.parse(line.at) }))
    .filter(({ ms }) => ms <= now_ms && ms >= from)
    .sort((a, b) => a.ms - b.ms)
    .slice(-MOST_LINES);
  const first = recent.find(isWatering) ?? recent[0];
  if (first === undefined) return undefined;
  const day = (ms: number): number => (ms - first.ms) / DAY_MS;
  const apart = <T extends { readonly at_d: number }>(lines: readonly T[]): T[] =>
    lines.filter(({ at_d }, i) => at_d >= 0 && (i === 0 || at_d - (lines[i - 1] as T).at_d > SAME_d));
  const weights = apart(
    recent.flatMap(({ ms, kind, mass_g }) =>
      kind === 'weighed' && mass_g !== undefined ? [{ at_d: day(ms), mass_g }] : [],
    ),
  );
  if (weights.length === 0) return undefined;
  const waterings = apart(
    recent.flatMap((line) =>
      isWatering(line)
        ? [{ at_d: day(line.ms), ...(line.volume_mL === undefined ? {} : { volume_mL: line.volume_mL }) }]
        : [],
    ),
  );
  const container = roundContainer(shape);
  return {
    from_ms: first.ms,
    input: {
      container,
      layers: [{ from_cm: 0, to_cm: container.height_cm, ...medium }],
      rootDepth_cm: POT_SETUP.rooted * container.height_cm,
      expected: { mmPerD: askedThere(stands, diary) },
      waterings,
      weights,
      waterAt: wateredAt(medium, container.height_cm),
      // From the last line on it is left alone: what was due before today was due then.
      now_d: Math.max(...weights.map(({ at_d }) => at_d), ...waterings.map(({ at_d }) => at_d)),
    },
  };
}

interface FilledPot {
  readonly shape: Container;
  readonly filledOn: string;
  readonly fill_cm?: number;
}

/**
 * What a diary's depths are asked: how it settles, from the day on which it was filled. Undefined where nobody measured it
 * as it was filled, or since.
 */
export function depthsOf(
  { shape, filledOn, fill_cm }: FilledPot,
  diary: readonly DiaryLine[],
  now_ms: number,
): PotSettlingInput | undefined {
  if (fill_cm === undefined) return undefined;
  const from_ms = Date.parse(`${filledOn}T12:00:00Z`);
  const day = (at: string): number => Math.max(0, (Date.parse(at) - from_ms) / DAY_MS);
  const { baseSuction_cm: _mat, ...container } = shape;
  const readings: { t_d: number; depth_cm: number }[] = [];
  const toppedUp: { t_d: number; from_cm: number; to_cm: number }[] = [];
  for (const { at, kind, depth_cm } of [...diary].sort((a, b) => Date.parse(a.at) - Date.parse(b.at))) {
    if (depth_cm === undefined) continue;
    const t_d = day(at);
    if (kind === 'depth') readings.push({ t_d, depth_cm });
    const stood = Math.max(readings.at(-1)?.depth_cm ?? 0, toppedUp.at(-1)?.to_cm ?? 0);
    // How deep it stood before it was raised is what was measured last.
    if (kind === 'topped-up' && stood > 0 && depth_cm > stood) toppedUp.push({ t_d, from_cm: stood, to_cm: depth_cm });
  }
  if (readings.length === 0) return undefined;
  return { container, fill_cm, readings, toppedUp, at_d: Math.max(0, (now_ms - from_ms) / DAY_MS) };
}
