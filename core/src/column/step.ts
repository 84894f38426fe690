import { DRIEST_CM, type Line } from './ends';
import type { Grid } from './grid';
import type { Hydraulics, State } from './hydraulics';
import { HeadSeeker, type Ends } from './seekHeads';

/** What acts on a column through one step of time. */
export interface Forcing {
  /** Water that comes from above, cm of depth on the top a second. */
  readonly supply_cms: number;
  /** What the air would take from the surface, cm a second. */
  readonly evaporation_cms: number;
  /** What roots would draw, cm of depth on the top a second. */
  readonly use_cms: number;
  /** What the air would take through a porous wall, cm of depth on the wall a second. */
  readonly wall_cms: number;
  /** Suction of a mat below, cm; a level in a saucer is negative; undefined where water leaves through holes. */
  readonly baseSuction_cm?: number;
}

/** What went through a column in one step, mL; all are 0 or more, but `drained` is negative where water rises from below. */
export interface Passed {
  readonly evaporated_mL: number;
  readonly drained_mL: number;
  readonly used_mL: number;
  /** Depth that stands on the top afterwards, cm. */
  readonly pond_cm: number;
  /** How far the step may be off: by its order, and by conductivities that lag; mean of the water over the slices. */
  readonly missed: number;
}

/** Roots: their share by slice, and where they stop drawing. */
export interface Roots {
  readonly share: Float64Array;
  readonly air: readonly [number, number];
  readonly dry_cm: readonly [number, number];
}

/** Conductivities are renewed from the heads that they gave until the water stays, each time half way from the third on. */
const RENEWAL = { most: 12, close: 2e-5, whole: 2 };

/** Of the scheme of second order: both its steps are so much of the whole. */
const GAMMA = 1 - Math.SQRT1_2;
/** Part of the difference between first and second order that the latter may still be off by. */
const SECOND_ORDER = 0.1;
/** No slice is drier. */
const FAR_CM = 1e5;

const flow = ({ at0, perCm }: Line, psi_cm: number): number => at0 + perCm * psi_cm;

/**
 * A column and its implicit steps in the mixed form d(A theta)/dt = d/dz [A K (dpsi/dz + 1)] - A S.
 *
 * Water of a slice is what flowed, so that nothing is lost whatever an iteration leaves; the head follows it in the next
 * step. Faces take the mean of their two slices' K.
 * Source: Celia, Bouloutas and Zarba (1990), Water Resour. Res. 26, 1483-1496.
 */
export class Stepper {
  readonly theta: Float64Array;
  private readonly seeker: HeadSeeker;
  private readonly kept: { readonly psi: Float64Array; readonly theta: Float64Array };
  private readonly before: Float64Array;
  /** What each slice holds where roots draw nothing more, and at the far end of its curve. */
  private readonly wilted: Float64Array;
  private readonly driest: Float64Array;
  /** What the top slice holds where the air takes nothing more. */
  private readonly airDry: number;
  private readonly first: Float64Array;
  private readonly paces: Float64Array;
  private hasPace = false;
  private readonly faceK: Float64Array;
  private readonly sink_mLs: Float64Array;
  private readonly endK = { base: 0, pond: 0, dry: 0 };
  private readonly state: State = { theta: 0, slope: 0, k: 0 };

  constructor(
    private readonly grid: Grid,
    private readonly media: readonly Hydraulics[],
    private readonly roots: Roots,
    readonly psi: Float64Array,
  ) {
    const { n } = grid;
    this.theta = Float64Array.from({ length: n }, (_, i) => this.at(i, psi[i] as number).theta);
    this.seeker = new HeadSeeker(grid, media, psi, this.theta);
    this.kept = { psi: new Float64Array(n), theta: new Float64Array(n) };
    this.before = new Float64Array(n);
    this.first = new Float64Array(n);
    this.paces = new Float64Array(n);
    this.faceK = new Float64Array(n + 1);
    const least = (suction_cm: number): Float64Array =>
      Float64Array.from({ length: n }, (_, i) => this.at(i, -suction_cm).theta);
    this.wilted = least(roots.dry_cm[1]);
    this.driest = least(FAR_CM);
    this.airDry = this.at(n - 1, -DRIEST_CM).theta;
    this.sink_mLs = new Float64Array(n);
  }

  /** As it was before the last step. */
  back(): void {
    this.psi.set(this.kept.psi);
    this.theta.set(this.kept.theta);
  }

  /**
   * Moves on by a time; undefined, with everything as it was, where no heads are found. While water comes from above in one
   * implicit step, which bears fronts; else in the two of a scheme of second order, of which neither overshoots.
   * Source: Alexander (1977), SIAM J. Numer. Anal. 14, 1006-1021.
   */
  step(dt_s: number, pond_cm: number, forcing: Forcing): Passed | undefined {
    const { n } = this.grid;
    this.kept.psi.set(this.psi);
    this.kept.theta.set(this.theta);
    this.before.set(this.theta);
    if (pond_cm > 0 || forcing.supply_cms > 0) return this.once(dt_s, pond_cm, forcing, true);
    const first = this.once(GAMMA * dt_s, 0, forcing, false);
    if (first === undefined) return undefined;
    const ahead = (1 - GAMMA) / GAMMA;
    let isWithin = true;
    let missed = 0;
    for (let i = 0; i < n; i += 1) {
      const from = this.kept.theta[i] as number;
      const pace = ((this.theta[i] as number) - from) / GAMMA;
      this.first[i] = pace;
      this.before[i] = from + (1 - GAMMA) * pace;
      const { thetaS } = this.media[i] as Hydraulics;
      isWithin &&= (this.before[i] as number) <= thetaS && (this.before[i] as number) > (this.driest[i] as number);
    }
    if (!isWithin) {
      this.back();
      this.before.set(this.theta);
      return this.once(dt_s, pond_cm, forcing, true);
    }
    const paces = this.paces;
    paces.set(this.first);
    const second = this.once(GAMMA * dt_s, 0, forcing, false);
    if (second === undefined) return undefined;
    for (let i = 0; i < n; i += 1)
      missed +=
        (SECOND_ORDER * Math.abs((this.theta[i] as number) - (this.kept.theta[i] as number) - (paces[i] as number))) /
        n;
    this.hasPace = false;
    return {
      evaporated_mL: ahead * first.evaporated_mL + second.evaporated_mL,
      drained_mL: ahead * first.drained_mL + second.drained_mL,
      used_mL: ahead * first.used_mL + second.used_mL,
      pond_cm: 0,
      missed: missed + first.missed + second.missed,
    };
  }

  /** What a straight line through the last two whole steps would miss, mean over the slices; 0 for the first. */
  private offLine(dt_s: number): number {
    const { n } = this.grid;
    let missed = 0;
    for (let i = 0; i < n; i += 1) {
      const change = (this.theta[i] as number) - (this.kept.theta[i] as number);
      if (this.hasPace) missed += Math.abs(change - dt_s * (this.paces[i] as number)) / (2 * n);
    }
    return missed;
  }

  /** The pace of a whole step that is kept, for the next one's `missed`. */
  keep(dt_s: number): void {
    for (let i = 0; i < this.grid.n; i += 1)
      this.paces[i] = ((this.theta[i] as number) - (this.kept.theta[i] as number)) / dt_s;
    this.hasPace = true;
  }

  /** What comes is another thing than what was. */
  turn(): void {
    this.hasPace = false;
  }

  private once(dt_s: number, pond_cm: number, forcing: Forcing, isWhole: boolean): Passed | undefined {
    const { n, face_cm2 } = this.grid;
    const topArea = face_cm2[n] as number;
    const waiting_cm = pond_cm + forcing.supply_cms * dt_s;
    // What stands on top is what the air takes first.
    const fromPond_cm = Math.min(waiting_cm, forcing.evaporation_cms * dt_s);
    const offered_cm = waiting_cm - fromPond_cm;
    // The air dries the top slice no further than it is dry itself.
    const thirst_cms =
      waiting_cm > 0 ? 0 : Math.min(forcing.evaporation_cms, this.above(n - 1, this.airDry) / topArea / dt_s);
    let drawn = { used_mLs: 0, wall_mLs: 0 };
    let ends: Ends | undefined;
    let lag = Infinity;
    this.seeker.look();
    for (let pass = 0; pass < RENEWAL.most && lag > RENEWAL.close; pass += 1) {
      this.first.set(this.theta);
      const share = pass < RENEWAL.whole ? 1 : 0.5;
      this.renew(share, forcing.baseSuction_cm ?? 0);
      drawn = this.draw(share, forcing.use_cms * topArea, forcing.wall_cms, dt_s);
      ends = this.seeker.seek({
        dt_s,
        before: this.before,
        sink_mLs: this.sink_mLs,
        faceK: this.faceK,
        baseSuction_cm: forcing.baseSuction_cm,
        baseK: this.endK.base,
        offered_cm,
        pondK: this.endK.pond,
        thirst_cms,
        dryK: this.endK.dry,
      });
      if (ends === undefined) {
        this.back();
        this.hasPace = false;
        return undefined;
      }
      if (pass > 0) {
        lag = 0;
        for (let i = 0; i < n; i += 1) lag += Math.abs((this.theta[i] as number) - (this.first[i] as number)) / n;
      }
    }
    const { base, top, air } = ends as Ends;
    const top_cm = this.psi[n - 1] as number;
    return {
      evaporated_mL: (fromPond_cm + flow(air, top_cm) * dt_s) * topArea + drawn.wall_mLs * dt_s,
      drained_mL: flow(base, this.psi[0] as number) * (face_cm2[0] as number) * dt_s,
      used_mL: drawn.used_mLs * dt_s,
      pond_cm: top.form === 'pressed' ? Math.max(0, offered_cm - flow(top, top_cm) * dt_s) : 0,
      missed: lag + (isWhole ? this.offLine(dt_s) : 0),
    };
  }

  private at(i: number, psi_cm: number): State {
    (this.media[i] as Hydraulics).at(psi_cm, this.state);
    return this.state;
  }

  /** Water that a slice held before above the least, mL. */
  private above(i: number, least: number): number {
    return Math.max(0, (this.before[i] as number) - least) * (this.grid.volume_mL[i] as number);
  }

  /** Conductivities moved by a share of the way to those of the heads as they are. */
  private renew(share: number, baseSuction_cm: number): void {
    const { n } = this.grid;
    const moved = (from: number, to: number): number => from + share * (to - from);
    let before = 0;
    for (let i = 0; i < n; i += 1) {
      const k = this.seeker.k[i] as number;
      this.faceK[i] = moved(this.faceK[i] as number, (before + k) / 2);
      before = k;
    }
    this.endK.base = moved(this.endK.base, this.towards(0, -baseSuction_cm));
    this.endK.pond = moved(this.endK.pond, this.towards(n - 1, 0));
    this.endK.dry = moved(this.endK.dry, this.towards(n - 1, -DRIEST_CM));
  }

  /** Conductivity between a slice and a head at its outer face. */
  private towards(i: number, psi_cm: number): number {
    return ((this.seeker.k[i] as number) + this.at(i, psi_cm).k) / 2;
  }

  /**
   * What roots draw of `wanted` mL a second, less where there is little air, or little water, and what a wet wall gives to
   * the air, less where there is little water; moved by a share of the way to what the water as it is lets them.
   */
  private draw(
    share: number,
    wanted_mLs: number,
    wall_cms: number,
    dt_s: number,
  ): { readonly used_mLs: number; readonly wall_mLs: number } {
    const { share: part, air, dry_cm } = this.roots;
    let [used_mLs, wall_mLs] = [0, 0];
    for (let i = 0; i < this.grid.n; i += 1) {
      const psi_cm = this.psi[i] as number;
      const breath = ((this.media[i] as Hydraulics).thetaS - (this.theta[i] as number) - air[0]) / (air[1] - air[0]);
      const ease = Math.max(0, Math.min(1, (dry_cm[1] + psi_cm) / (dry_cm[1] - dry_cm[0])));
      const rooted = wanted_mLs * (part[i] as number) * Math.max(0, Math.min(breath, ease));
      const walled = wall_cms * (this.grid.wall_cm2[i] as number) * ease;
      const eased = rooted + walled;
      const before = this.sink_mLs[i] as number;
      const sink = Math.min(before + share * (eased - before), this.above(i, this.wilted[i] as number) / dt_s);
      this.sink_mLs[i] = sink;
      const byWall = eased > 0 ? (sink * walled) / eased : 0;
      wall_mLs += byWall;
      used_mLs += sink - byWall;
    }
    return { used_mLs, wall_mLs };
  }
}
