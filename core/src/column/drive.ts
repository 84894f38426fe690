import type { ColumnInput, Watering } from './columnInput';
import type { Forcing } from './step';

export const DAY_S = 86400;
export const HOUR_S = 3600;

/** One watering as it went; times in seconds, from the beginning of the column or of the pouring. */
export interface Poured {
  readonly at_d: number;
  /** What was poured of it. */
  readonly given_mL: number;
  /** What ran out from its beginning until the next one began. */
  readonly runoff_mL: number;
  readonly firstDrip_s?: number;
}

interface Spell {
  readonly from_s: number;
  readonly to_s: number;
  readonly rate_mLs: number;
  readonly untilRunoff: number | undefined;
  given_mL: number;
  runoff_mL: number;
  firstDrip_s: number | undefined;
  isOver: boolean;
}

/** Under this it is a film on the hole, no drip, mL a second. */
const DRIP_MLS = 0.005;

function spellOf({ at_d, volume_mL, over_s, untilRunoff }: Watering): Spell {
  const from_s = at_d * DAY_S;
  return {
    from_s,
    to_s: from_s + over_s,
    rate_mLs: volume_mL / over_s,
    untilRunoff,
    given_mL: 0,
    runoff_mL: 0,
    firstDrip_s: undefined,
    isOver: false,
  };
}

/** Part of a day's demand that falls between two times: none by night, most at noon. */
function daysOf(from_s: number, to_s: number, [dawn_h, dusk_h]: readonly [number, number]): number {
  const until = (t_s: number): number => {
    const day = Math.floor(t_s / DAY_S);
    const h = (t_s - day * DAY_S) / HOUR_S;
    const part = Math.max(0, Math.min(1, (h - dawn_h) / (dusk_h - dawn_h)));
    return day + (1 - Math.cos(Math.PI * part)) / 2;
  };
  return until(to_s) - until(from_s);
}

/**
 * What acts on a column by the clock: waterings as they are planned, or as somebody finds the pot dry; saucers; the course
 * of the day. It is told what went through, for a watering may end when enough runs out.
 */
export class Drive {
  private readonly spells: Spell[];
  private readonly saucers: readonly { readonly from_s: number; readonly to_s: number; readonly level_cm: number }[];
  private readonly use_mmPerD: number;
  private readonly air_mmPerD: number;
  private readonly hang: Pick<Forcing, 'baseSuction_cm'>;

  constructor(
    private readonly input: ColumnInput,
    private readonly topArea_cm2: number,
    /** What the pot holds drained, mL. */
    private readonly full_mL: number,
  ) {
    const { potential_mmPerD, evaporationShare = 0.2, mulchFactor = 1, base, waterings, fromBelow = [] } = input;
    this.spells = waterings.filter(({ volume_mL }) => volume_mL > 0).map(spellOf);
    this.saucers = fromBelow.map(({ at_d, level_cm, for_s }) => ({
      from_s: at_d * DAY_S,
      to_s: at_d * DAY_S + for_s,
      level_cm,
    }));
    this.use_mmPerD = potential_mmPerD * (1 - evaporationShare);
    this.air_mmPerD = potential_mmPerD * evaporationShare * mulchFactor;
    this.hang = typeof base === 'object' ? { baseSuction_cm: base.suction_cm } : {};
  }

  /** Somebody looks at a time, if it is theirs; a watering begins where the pot is light. */
  look(t_s: number, held_mL: number): void {
    const { whenDry } = this.input;
    if (whenDry === undefined || whenDry.volume_mL === 0) return;
    const isTime = Math.abs((t_s - (whenDry.at_h ?? LOOK_h) * HOUR_S) % DAY_S) < 1e-6;
    const isWatered = this.spells.some((spell) => spell.from_s <= t_s && spell.to_s > t_s);
    if (isTime && !isWatered && held_mL < whenDry.below * this.full_mL)
      this.spells.push(spellOf({ ...whenDry, at_d: t_s / DAY_S }));
  }

  /** The next time after one at which something begins, ends or is looked at; no step passes over it. */
  next(t_s: number, end_s: number): number {
    let next = end_s;
    const take = (time_s: number): void => {
      if (time_s > t_s && time_s < next) next = time_s;
    };
    for (const { from_s, to_s, isOver } of this.spells) {
      take(from_s);
      if (!isOver) take(to_s);
    }
    for (const { from_s, to_s } of this.saucers) [from_s, to_s].forEach(take);
    const day_s = Math.floor(t_s / DAY_S + 1e-12) * DAY_S;
    const { daylight_h, whenDry } = this.input;
    const hours = [...(daylight_h ?? []), ...(whenDry === undefined ? [] : [whenDry.at_h ?? LOOK_h])];
    for (const h of hours)
      [0, DAY_S].forEach((more_s) => {
        take(day_s + h * HOUR_S + more_s);
      });
    return next;
  }

  /** Whether water begins or ceases to come at a time, from above or below. */
  turnsAt(t_s: number): boolean {
    const turns = ({ from_s, to_s }: { readonly from_s: number; readonly to_s: number }): boolean =>
      from_s === t_s || to_s === t_s;
    return this.spells.some(turns) || this.saucers.some(turns);
  }

  /** Water that is poured at a time, mL a second; no time at which it changes lies within the step that begins there. */
  rate(t_s: number): number {
    return this.running(t_s).reduce((sum, { rate_mLs }) => sum + rate_mLs, 0);
  }

  /** The longest step from a time that can still be stopped when enough runs out. */
  patience(t_s: number): number {
    const watched = this.running(t_s).filter(({ untilRunoff }) => untilRunoff !== undefined);
    return Math.min(Infinity, ...watched.map(({ from_s, to_s }) => Math.max(0.5, (to_s - from_s) / WATCHED)));
  }

  /** What acts through a step, a part of what is poured running past the medium. */
  forcing(from_s: number, to_s: number, past: number): Forcing {
    const { daylight_h, wall_mmPerD = 0 } = this.input;
    const days = daylight_h === undefined ? (to_s - from_s) / DAY_S : daysOf(from_s, to_s, daylight_h);
    const cms = days / 10 / (to_s - from_s);
    const saucer = this.saucers.find((one) => one.from_s <= from_s && one.to_s > from_s);
    return {
      supply_cms: (this.rate(from_s) * (1 - past)) / this.topArea_cm2,
      evaporation_cms: this.air_mmPerD * cms,
      use_cms: this.use_mmPerD * cms,
      wall_cms: wall_mmPerD * cms,
      ...(saucer === undefined ? this.hang : { baseSuction_cm: -saucer.level_cm }),
    };
  }

  /** What went through a step; answers whether a watering ended by it. */
  passed(from_s: number, to_s: number, drained_mL: number): boolean {
    const dt_s = to_s - from_s;
    const begun = this.spells.filter((spell) => spell.from_s <= from_s);
    const latest_s = Math.max(...begun.map((spell) => spell.from_s));
    let isTurned = false;
    for (const spell of begun) {
      if (!spell.isOver && spell.to_s > from_s) spell.given_mL += spell.rate_mLs * dt_s;
      if (spell.from_s === latest_s) {
        spell.runoff_mL += Math.max(0, drained_mL);
        if (drained_mL > DRIP_MLS * dt_s) spell.firstDrip_s ??= to_s - spell.from_s;
      }
      const enough = spell.untilRunoff;
      if (enough !== undefined && !spell.isOver && spell.to_s > from_s && spell.runoff_mL > enough * spell.given_mL) {
        spell.isOver = true;
        isTurned = true;
      }
    }
    return isTurned;
  }

  poured(): Poured[] {
    return this.spells
      .filter(({ given_mL }) => given_mL > 0)
      .sort((a, b) => a.from_s - b.from_s)
      .map(({ from_s, given_mL, runoff_mL, firstDrip_s }) => ({
        at_d: from_s / DAY_S,
        given_mL,
        runoff_mL,
        ...(firstDrip_s === undefined ? {} : { firstDrip_s }),
      }));
  }

  private running(t_s: number): readonly Spell[] {
    return this.spells.filter(({ from_s, to_s, isOver }) => !isOver && from_s <= t_s && to_s > t_s);
  }
}

/** The hour at which somebody looks whether a pot is dry, where none is said. */
const LOOK_h = 8;
/** Steps that a watering is cut into at least, where it may end early. */
const WATCHED = 30;
