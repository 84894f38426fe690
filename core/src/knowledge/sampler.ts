import { normalDraw, type Random } from '../scoring';
import { baseOf, normalOf, sourceCalled, streamOf, widerOf } from './streams';
import type { Combined, Prior, Sight } from './combine';

/** Steps of a draw's own search after the first; one is enough where what was seen bends little. */
const MOST_STEPS = 6;
/** A step this small, in prior standard deviations, ends it: the next would be its square. */
const CLOSE = 0.1;
/** No step goes farther than this in any direction: farther out the slopes say nothing. */
const LONGEST = 1.5;
/** A lot that was looked at in so many places is known too well for its curve to bend within what is left in doubt. */
const MANY_LOOKS = 40;

/**
 * Draws of what is known of a lot: each starts from another prior and other readings, as they could have been, and is the
 * most probable x of those. Where sights move evenly with x these are exact draws of the posterior; where they bend, they
 * follow the bend, which a covariance cannot.
 *
 * A group's variance is drawn first, by its degrees of freedom, so that means lie around as Student's t has it. A draw may
 * mirror the one before: the same chances with the other sign. The first step of each uses the slopes at the most probable
 * x, so that only what bends is looked at again. Source: randomised maximum likelihood, Oliver, He and Reynolds (1996).
 */
export class Sampler {
  private readonly p: number;
  private readonly m: number;
  private readonly groups: readonly string[];
  private readonly of: readonly number[];
  private readonly bends: boolean;
  private readonly priorSource = sourceCalled('prior');
  private readonly groupSources: readonly number[];
  private readonly sightSources: readonly number[];
  /** Slopes by z and what is shown, at the most probable place and where the search is now; a row for each sight. */
  private readonly firstSlopes: Float64Array;
  private readonly firstShown: Float64Array;
  private readonly slopes: Float64Array;
  private readonly shown: Float64Array;
  private readonly byX: Float64Array;
  private readonly factor: Float64Array;
  private readonly z: Float64Array;
  private readonly at: Float64Array;
  private readonly errors: Float64Array;
  private readonly wider: Float64Array;
  private readonly inner: Float64Array;
  private readonly weights: Float64Array;
  private readonly x: number[];

  constructor(
    private readonly prior: Prior,
    private readonly sights: readonly Sight[],
    private readonly freedom: Readonly<Partial<Record<string, number>>>,
    private readonly found: Pick<Combined, 'z'>,
  ) {
    const figures = (count: number): Float64Array => new Float64Array(count);
    this.p = (prior.factor[0] as readonly number[]).length;
    this.m = sights.length;
    this.groups = [...new Set(sights.map(({ group }) => group))];
    this.of = sights.map(({ group }) => this.groups.indexOf(group));
    this.groupSources = this.groups.map((group) => sourceCalled(`spread ${group}`));
    this.sightSources = sights.map(({ group, place }) => sourceCalled(`${group} ${place}`));
    this.factor = Float64Array.from(prior.factor.flat());
    this.slopes = figures(this.m * this.p);
    this.shown = figures(this.m);
    this.byX = figures(prior.mean.length);
    this.z = figures(this.p);
    this.at = Float64Array.from(found.z);
    this.errors = figures(this.m);
    this.wider = figures(this.groups.length);
    this.inner = figures(this.m * this.m);
    this.weights = figures(this.m);
    this.x = [...prior.mean];
    const looks = sights.reduce((sum, one) => sum + one.looks, 0);
    this.bends = looks > 0 && looks <= MANY_LOOKS;
    this.place();
    for (let s = 0; s < this.m; s += 1) this.lookAt(s);
    this.firstSlopes = this.slopes.slice();
    this.firstShown = this.shown.slice();
  }

  /** One draw of x, in an array that the next draw writes anew. */
  draw(random: Random, mirrored: boolean): readonly number[] {
    if (mirrored) this.mirror();
    else this.deal(random);
    return this.search();
  }

  /** How many things are not known: as many as the prior has, and a reading's error each. */
  get unknowns(): number {
    return this.p + this.m;
  }

  /**
   * What x is where each unknown stands so many standard deviations off its middle; a reading's error is as wide as its
   * Student's t scatters. In an array that the next call writes anew.
   */
  standingAt(off: readonly number[]): readonly number[] {
    for (let i = 0; i < this.p; i += 1) this.z[i] = off[i] as number;
    for (let s = 0; s < this.m; s += 1) this.errors[s] = off[this.p + s] as number;
    for (let g = 0; g < this.groups.length; g += 1) {
      const freedom = this.freedom[this.groups[g] as string];
      this.wider[g] = freedom === undefined || freedom <= 2 ? 1 : Math.sqrt(freedom / (freedom - 2));
    }
    return this.search();
  }

  private search(): readonly number[] {
    if (this.m === 0) this.at.set(this.z);
    else {
      this.at.set(this.found.z);
      this.slopes.set(this.firstSlopes);
      this.shown.set(this.firstShown);
      let far = this.step();
      for (let step = 0; this.bends && far > CLOSE && step < MOST_STEPS; step += 1) {
        this.place();
        for (let s = 0; s < this.m; s += 1) if ((this.sights[s] as Sight).looks > 0) this.lookAt(s);
        this.settle();
        far = this.step();
      }
    }
    this.place();
    return this.x;
  }

  private deal(random: Random): void {
    const base = baseOf(random);
    const ofPrior = streamOf(this.priorSource, base);
    for (let i = 0; i < this.p; i += 1) this.z[i] = normalDraw(ofPrior);
    for (let g = 0; g < this.groups.length; g += 1) {
      const group = this.groups[g] as string;
      this.wider[g] = widerOf(this.groupSources[g] as number, base, this.freedom[group]);
    }
    for (let s = 0; s < this.m; s += 1) this.errors[s] = normalOf(this.sightSources[s] as number, base);
  }

  private mirror(): void {
    for (let i = 0; i < this.p; i += 1) this.z[i] = -(this.z[i] as number);
    for (let s = 0; s < this.m; s += 1) this.errors[s] = -(this.errors[s] as number);
  }

  /** Writes x where z is now. */
  private place(): void {
    const { p, factor } = this;
    const { mean } = this.prior;
    for (let i = 0; i < mean.length; i += 1) {
      let sum = mean[i] as number;
      for (let k = 0; k < p; k += 1) sum += (factor[i * p + k] as number) * (this.at[k] as number);
      this.x[i] = sum;
    }
  }

  private lookAt(s: number): void {
    const { p, byX, factor, slopes } = this;
    byX.fill(0);
    this.shown[s] = (this.sights[s] as Sight).look(this.x, byX);
    slopes.fill(0, s * p, (s + 1) * p);
    for (let i = 0; i < byX.length; i += 1) {
      const slope = byX[i] as number;
      if (slope === 0) continue;
      for (let k = 0; k < p; k += 1)
        slopes[s * p + k] = (slopes[s * p + k] as number) + slope * (factor[i * p + k] as number);
    }
  }

  /** What is even is not looked at again: it shows at the new place what its slopes say. */
  private settle(): void {
    const { p, slopes, found } = this;
    for (let s = 0; s < this.m; s += 1) {
      if ((this.sights[s] as Sight).looks > 0) continue;
      let shown = this.firstShown[s] as number;
      for (let k = 0; k < p; k += 1)
        shown += (slopes[s * p + k] as number) * ((this.at[k] as number) - (found.z[k] as number));
      this.shown[s] = shown;
    }
  }

  /** One step of Gauss and Newton: z + J'(JJ' + R)^-1 (reading - shown - J(z - here)); how far it went. */
  private step(): number {
    const { p, m, slopes, inner, weights, z, at } = this;
    for (let i = 0; i < m; i += 1) {
      const { value, se } = this.sights[i] as Sight;
      const own = se * (this.wider[this.of[i] as number] as number);
      let miss = value + own * (this.errors[i] as number) - (this.shown[i] as number);
      for (let k = 0; k < p; k += 1) miss -= (slopes[i * p + k] as number) * ((z[k] as number) - (at[k] as number));
      weights[i] = miss;
      for (let j = 0; j <= i; j += 1) {
        let sum = i === j ? own * own : 0;
        for (let k = 0; k < p; k += 1) sum += (slopes[i * p + k] as number) * (slopes[j * p + k] as number);
        inner[i * m + j] = sum;
      }
    }
    solveInPlace(inner, weights, m);
    let far = 0;
    for (let k = 0; k < p; k += 1) {
      let by = (z[k] as number) - (at[k] as number);
      for (let i = 0; i < m; i += 1) by += (slopes[i * p + k] as number) * (weights[i] as number);
      by = Math.min(Math.max(by, -LONGEST), LONGEST);
      far = Math.max(far, Math.abs(by));
      at[k] = (at[k] as number) + by;
    }
    return far;
  }
}

/** Solves A w = b by Cholesky's factors; A, lower half by rows, is positive definite, and both are written over. */
function solveInPlace(a: Float64Array, b: Float64Array, m: number): void {
  for (let i = 0; i < m; i += 1) {
    for (let j = 0; j <= i; j += 1) {
      let sum = a[i * m + j] as number;
      for (let k = 0; k < j; k += 1) sum -= (a[i * m + k] as number) * (a[j * m + k] as number);
      a[i * m + j] = i === j ? Math.sqrt(sum) : sum / (a[j * m + j] as number);
    }
    let sum = b[i] as number;
    for (let k = 0; k < i; k += 1) sum -= (a[i * m + k] as number) * (b[k] as number);
    b[i] = sum / (a[i * m + i] as number);
  }
  for (let i = m - 1; i >= 0; i -= 1) {
    let sum = b[i] as number;
    for (let k = i + 1; k < m; k += 1) sum -= (a[k * m + i] as number) * (b[k] as number);
    b[i] = sum / (a[i * m + i] as number);
  }
}
