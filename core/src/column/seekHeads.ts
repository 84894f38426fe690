import { airFlow, baseFlow, topFlow, type Line } from './ends';
import type { Grid } from './grid';
import type { Hydraulics, State } from './hydraulics';
import { solveTridiagonal } from './solveTridiagonal';

/** What stays while the heads of a step are sought. */
export interface Sought {
  readonly dt_s: number;
  /** Water of each slice before. */
  readonly before: Float64Array;
  /** What roots draw from each slice, mL a second. */
  readonly sink_mLs: Float64Array;
  /** Conductivities of the faces within; the first and the last are not looked at. */
  readonly faceK: Float64Array;
  readonly baseSuction_cm: number | undefined;
  readonly baseK: number;
  /** Depth that is there to go in, cm. */
  readonly offered_cm: number;
  readonly pondK: number;
  readonly thirst_cms: number;
  readonly dryK: number;
}

/** Flows through the ends by the heads that were found. */
export interface Ends {
  readonly base: Line;
  readonly top: Line;
  readonly air: Line;
}

/** No head beyond this is looked at. */
const BEYOND_CM = 1e6;
/** Water of a slice is found when the curve says it to this. */
const CLOSE_THETA = 1e-7;
const PLAIN_TRIES = 8;
const NESTED = { outer: 25, inner: 25 };

/**
 * Heads of one implicit step with its conductivities fixed: V (theta(psi) - before) / dt = flows between slices, through
 * the ends and into roots.
 *
 * Newton's iteration; where it does not settle, its nested form, which goes one way: the curve is the difference of two
 * whose slopes only rise. `psi` is where it begins and ends, `theta` becomes the water that the flows mean.
 * Source: Casulli and Zanolli (2010), SIAM J. Sci. Comput. 32, 2255-2273.
 */
export class HeadSeeker {
  /** Conductivities at the heads that were looked at last. */
  readonly k: Float64Array;
  private readonly water: Float64Array;
  private readonly bend: Float64Array;
  private readonly begun: Float64Array;
  private readonly held: Float64Array;
  private readonly slopes: Float64Array;
  private readonly below: Float64Array;
  private readonly middle: Float64Array;
  private readonly above: Float64Array;
  private readonly right: Float64Array;
  private readonly state: State = { theta: 0, slope: 0, k: 0 };

  constructor(
    private readonly grid: Grid,
    private readonly media: readonly Hydraulics[],
    private readonly psi: Float64Array,
    private readonly theta: Float64Array,
  ) {
    const row = (): Float64Array => new Float64Array(grid.n);
    this.k = row();
    this.water = row();
    this.bend = row();
    this.begun = row();
    this.held = row();
    this.slopes = row();
    this.below = row();
    this.middle = row();
    this.above = row();
    this.right = row();
  }

  /** Water, slope and conductivity of every slice at its head, once for all that asks for them. */
  look(): void {
    for (let i = 0; i < this.psi.length; i += 1) {
      const { theta, slope, k } = this.at(i, this.psi[i] as number);
      this.water[i] = theta;
      this.bend[i] = slope;
      this.k[i] = k;
    }
  }

  /** The heads were looked at before; they are again when it answers. */
  seek(sought: Sought): Ends | undefined {
    this.begun.set(this.psi);
    for (let i = 0; i < PLAIN_TRIES; i += 1) {
      const ends = this.solve(sought, false);
      if (ends === undefined) break;
      this.look();
      if (this.gap(false) < CLOSE_THETA && this.stays(sought, ends)) return ends;
    }
    return this.nested(sought);
  }

  private nested(sought: Sought): Ends | undefined {
    const { psi, begun, held } = this;
    for (let i = 0; i < psi.length; i += 1)
      psi[i] = Math.min(begun[i] as number, (this.media[i] as Hydraulics).steepest_cm);
    for (let outer = 0; outer < NESTED.outer; outer += 1) {
      held.set(psi);
      let ends: Ends | undefined;
      for (let inner = 0; inner < NESTED.inner; inner += 1) {
        ends = this.solve(sought, true);
        if (ends === undefined) return undefined;
        if (this.gap(true) < CLOSE_THETA) break;
      }
      this.look();
      if (ends !== undefined && this.gap(false) < CLOSE_THETA && this.stays(sought, ends)) return ends;
    }
    return undefined;
  }

  private at(i: number, psi_cm: number): State {
    (this.media[i] as Hydraulics).at(psi_cm, this.state);
    return this.state;
  }

  /** The curve of the nested form: what bends the other way is a line from where it is held. */
  private curve(i: number, psi_cm: number): State {
    const { steepest_cm } = this.media[i] as Hydraulics;
    const from_cm = this.held[i] as number;
    // theta = rising - falling; above the steepest point the first goes on as a line.
    const top = this.at(i, steepest_cm);
    const [topTheta, topSlope] = [top.theta, top.slope];
    const other = this.at(i, from_cm);
    const fallsBy = from_cm > steepest_cm ? topTheta + topSlope * (from_cm - steepest_cm) - other.theta : 0;
    const fallsAt = from_cm > steepest_cm ? topSlope - other.slope : 0;
    const one = this.at(i, psi_cm);
    if (psi_cm > steepest_cm) {
      one.theta = topTheta + topSlope * (psi_cm - steepest_cm);
      one.slope = topSlope;
    }
    one.theta -= fallsBy + fallsAt * (psi_cm - from_cm);
    one.slope -= fallsAt;
    return one;
  }

  /** How far the curve lies from the water that the flows mean, at most. */
  private gap(isNested: boolean): number {
    let most = 0;
    for (let i = 0; i < this.psi.length; i += 1)
      most = Math.max(
        most,
        Math.abs(
          (isNested ? this.curve(i, this.psi[i] as number).theta : (this.water[i] as number)) -
            (this.theta[i] as number),
        ),
      );
    return most;
  }

  private endsAt(sought: Sought): Ends {
    const half = this.grid.dz_cm / 2;
    const top_cm = this.psi[this.grid.n - 1] as number;
    return {
      base: baseFlow(this.psi[0] as number, half, sought.baseK, sought.baseSuction_cm),
      top: topFlow(top_cm, half, sought.pondK, sought.offered_cm, sought.dt_s),
      air: airFlow(top_cm, half, sought.dryK, sought.thirst_cms),
    };
  }

  /**
   * Whether the ends still have the form by which the heads were found, or let through the same by the other: where a pot
   * has just drained, rounding alone opens and shuts its holes.
   */
  private stays(sought: Sought, { base, top, air }: Ends): boolean {
    const now = this.endsAt(sought);
    const { n, face_cm2, volume_mL } = this.grid;
    const isSame = (was: Line, is: Line, slice: number, face: number): boolean => {
      if (was.form === is.form) return true;
      const psi_cm = this.psi[slice] as number;
      const apart_cms = was.at0 - is.at0 + (was.perCm - is.perCm) * psi_cm;
      const moved_mL = Math.abs(apart_cms) * (face_cm2[face] as number) * sought.dt_s;
      return moved_mL < CLOSE_THETA * (volume_mL[slice] as number);
    };
    return isSame(base, now.base, 0, 0) && isSame(top, now.top, n - 1, n) && isSame(air, now.air, n - 1, n);
  }

  /** One linear solution from `psi`, written into it, and the water that it means into `theta`. */
  private solve(sought: Sought, isNested: boolean): Ends | undefined {
    const { n, dz_cm, volume_mL, face_cm2 } = this.grid;
    const { psi, theta, slopes, below, middle, above, right } = this;
    const { faceK, before, sink_mLs } = sought;
    for (let i = 0; i < n; i += 1) {
      const from_cm = psi[i] as number;
      let water = this.water[i] as number;
      let slope = this.bend[i] as number;
      if (isNested) ({ theta: water, slope } = this.curve(i, from_cm));
      slopes[i] = slope;
      theta[i] = water;
      const store = (volume_mL[i] as number) / sought.dt_s;
      middle[i] = store * slope;
      right[i] = store * (slope * from_cm - water + (before[i] as number)) - (sink_mLs[i] as number);
      below[i] = 0;
      above[i] = 0;
    }
    for (let i = 1; i < n; i += 1) {
      // Upward through a face: -K (dpsi/dz + 1).
      const fall = (face_cm2[i] as number) * (faceK[i] as number);
      const lead = fall / dz_cm;
      middle[i] = (middle[i] as number) + lead;
      below[i] = -lead;
      right[i] = (right[i] as number) - fall;
      middle[i - 1] = (middle[i - 1] as number) + lead;
      above[i - 1] = -lead;
      right[i - 1] = (right[i - 1] as number) + fall;
    }
    const ends = this.endsAt(sought);
    const { base, top, air } = ends;
    const [baseArea, topArea] = [face_cm2[0] as number, face_cm2[n] as number];
    middle[0] = (middle[0] as number) + baseArea * base.perCm;
    right[0] = (right[0] as number) - baseArea * base.at0;
    middle[n - 1] = (middle[n - 1] as number) + topArea * (air.perCm - top.perCm);
    right[n - 1] = (right[n - 1] as number) + topArea * (top.at0 - air.at0);
    if (!solveTridiagonal(below, middle, above, right)) return undefined;
    for (let i = 0; i < n; i += 1) {
      const to_cm = right[i] as number;
      if (!Number.isFinite(to_cm)) return undefined;
      theta[i] = (theta[i] as number) + (slopes[i] as number) * (to_cm - (psi[i] as number));
      // Where a curve is all but flat a line through it leads anywhere.
      psi[i] = Math.max(-BEYOND_CM, Math.min(BEYOND_CM, to_cm));
    }
    return ends;
  }
}
