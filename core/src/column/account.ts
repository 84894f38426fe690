import { DAY_S, HOUR_S } from './drive';
import type { Grid } from './grid';
import type { Hydraulics } from './hydraulics';
import type { Passed, Roots, Stepper } from './step';

/** The column at one time; volumes and hours are counted from the beginning. */
export interface ColumnReport {
  readonly t_d: number;
  readonly storage_mL: number;
  readonly drained_mL: number;
  readonly used_mL: number;
  readonly evaporated_mL: number;
  /** From above and below, with what later runs over or past. */
  readonly added_mL: number;
  readonly overflow_mL: number;
  /** Mean over the pot's volume. */
  readonly air: number;
  /** Hours with less air in the root zone than its roots bear: a tenth for most. */
  readonly wetFeetHours: number;
  /** Hours with more suction in the root zone than is easy: 100 cm for most. */
  readonly dryHours: number;
}

/** The root zone at one time: means by its roots. */
export interface RootZone {
  readonly air: number;
  readonly suction_cm: number;
}

/** Under so much air it is too wet for these roots, over such suction too dry: 0.10 and 100 cm for most. */
export const limitsOf = ({ air: [none, enough], dry_cm: [easy_cm] }: Pick<Roots, 'air' | 'dry_cm'>): RootZone => ({
  air: (none + enough) / 2,
  suction_cm: easy_cm,
});

/** What a step brought beside what went through the medium. */
interface Step {
  readonly dt_s: number;
  readonly passed: Passed;
  readonly poured_mL: number;
  /** What of it ran past the medium, straight through. */
  readonly past_mL: number;
  readonly over_mL: number;
  readonly isInSaucer: boolean;
}

/** Keeps the sums of a column: whatever came, went or is still there. */
export class Account {
  private readonly sums = { drained: 0, used: 0, evaporated: 0, added: 0, overflow: 0, wet_s: 0, dry_s: 0 };
  private readonly begun_mL: number;
  private readonly pot_mL: number;
  private readonly pores_mL: number;
  private readonly limits: RootZone;

  constructor(
    private readonly grid: Grid,
    private readonly media: readonly Hydraulics[],
    private readonly roots: Roots,
    private readonly stepper: Stepper,
  ) {
    this.pot_mL = grid.volume_mL.reduce((sum, one) => sum + one, 0);
    this.pores_mL = grid.volume_mL.reduce((sum, one, i) => sum + one * (media[i] as Hydraulics).thetaS, 0);
    this.begun_mL = this.held_mL();
    this.limits = limitsOf(roots);
  }

  held_mL(): number {
    let held = 0;
    for (let i = 0; i < this.grid.n; i += 1)
      held += (this.grid.volume_mL[i] as number) * (this.stepper.theta[i] as number);
    return held;
  }

  /** Water of the pot as a fraction. */
  theta(): number {
    return this.held_mL() / this.pot_mL;
  }

  rootZone(): RootZone {
    let [air, suction_cm] = [0, 0];
    for (let i = 0; i < this.grid.n; i += 1) {
      const share = this.roots.share[i] as number;
      air += share * ((this.media[i] as Hydraulics).thetaS - (this.stepper.theta[i] as number));
      suction_cm -= share * Math.min(0, this.stepper.psi[i] as number);
    }
    return { air, suction_cm };
  }

  keep({ dt_s, passed, poured_mL, past_mL, over_mL, isInSaucer }: Step): void {
    const { sums } = this;
    // What rises out of a saucer is water given; a mat's is its own.
    const risen_mL = isInSaucer ? Math.max(0, -passed.drained_mL) : 0;
    sums.added += poured_mL + risen_mL;
    sums.overflow += over_mL;
    sums.drained += passed.drained_mL + risen_mL + past_mL;
    sums.used += passed.used_mL;
    sums.evaporated += passed.evaporated_mL;
    const { air, suction_cm } = this.rootZone();
    if (air < this.limits.air) sums.wet_s += dt_s;
    if (suction_cm > this.limits.suction_cm) sums.dry_s += dt_s;
  }

  report(t_s: number): ColumnReport {
    const { sums } = this;
    const storage_mL = this.held_mL();
    return {
      t_d: t_s / DAY_S,
      storage_mL,
      drained_mL: sums.drained,
      used_mL: sums.used,
      evaporated_mL: sums.evaporated,
      added_mL: sums.added,
      overflow_mL: sums.overflow,
      air: (this.pores_mL - storage_mL) / this.pot_mL,
      wetFeetHours: sums.wet_s / HOUR_S,
      dryHours: sums.dry_s / HOUR_S,
    };
  }

  /** What is there less what came and went: nothing, but for rounding. */
  balanceError_mL(standing_mL: number): number {
    const { added, overflow, drained, used, evaporated } = this.sums;
    return this.held_mL() + standing_mL - this.begun_mL - (added - overflow - drained - used - evaporated);
  }
}
