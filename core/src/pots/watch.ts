import { dryDown, type DryDownResult } from '../drydown';
import { settling } from '../settling';
import type { Container } from '../vessel';
import type { Feeder } from '../feeding';
import type { RecipeSettings } from '../desk';
import { potAdvice, type PotAdvice } from './advice';
import { askedThere, depthsOf, dryDownOf, type DiaryLine } from './diary';
import type { FilledMedium } from './medium';
import { foodOf, type PotFood } from './nutrition';
import type { StandKey } from './stands';

/** A filled pot as its diary tells of it. */
export interface WatchedDiary {
  readonly shape: Container;
  readonly medium: FilledMedium;
  readonly recipe?: Pick<RecipeSettings, 'additives'>;
  readonly feeder?: Feeder;
  readonly filledOn: string;
  readonly fill_cm?: number;
  readonly stand: StandKey;
  /** What its place asks for this month, where it is known by month, mm a day. */
  readonly place_mmPerD?: number;
  readonly diary: readonly DiaryLine[];
}

/** When a pot is to be watered, ms since 1970, and its 90 % band. */
export interface WateringDue {
  readonly at_ms: number;
  readonly band_ms: readonly [number, number];
}

export interface PotWatch {
  readonly next?: WateringDue;
  readonly food?: PotFood;
  /** What the year ahead takes to top one pot up, L. */
  readonly yearTopUp_L?: number;
  readonly advice: readonly PotAdvice[];
}

/** By which rules a pot is watched; what was worked out by others is worked out anew. */
export const WATCH_METHOD = 'pot-watch@1';

const DAY_MS = 24 * 3600 * 1000;
/** Whoever says nothing of its plant grows one of the usual hunger. */
const FEEDER: Feeder = 'medium';

/** What a diary asks for next, with what its weights taught where that is known already. */
export function watchDiary(pot: WatchedDiary, now_ms: number, known?: DryDownResult): PotWatch {
  const { diary, medium, feeder = FEEDER } = pot;
  const asked = dryDownOf(pot, diary, now_ms);
  const taught = known ?? (asked === undefined ? undefined : dryDown(asked.input));
  const depths = depthsOf(pot, diary, now_ms);
  const settled = depths === undefined ? undefined : settling(depths);
  const mmPerD = taught?.demand_mmPerD ?? askedThere(pot, diary);
  const food = foodOf({ ...pot, medium, feeder, mmPerD }, diary, now_ms);
  const at = (day: number): number => (asked?.from_ms ?? now_ms) + day * DAY_MS;
  const next = taught?.next;
  return {
    ...(next === undefined ? {} : { next: { at_ms: at(next.at_d), band_ms: [at(next.band[0]), at(next.band[1])] } }),
    ...(food === undefined ? {} : { food }),
    ...(settled?.yearTopUp_L === undefined ? {} : { yearTopUp_L: settled.yearTopUp_L }),
    advice: potAdvice(
      {
        filledOn: pot.filledOn,
        diary,
        ...(taught === undefined ? {} : { taught }),
        ...(settled === undefined ? {} : { settled }),
        ...(food === undefined ? {} : { food }),
      },
      now_ms,
    ),
  };
}
