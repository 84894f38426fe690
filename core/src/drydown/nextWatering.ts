import { DRY_DOWN_DEFAULTS, type DryDownInput } from './dryDownInput';
import { habitOf, slopesOf, waterOf, type Point } from './weighedPot';

/** When a pot is to be watered, days since its diary begins, with the 90 % band. */
export interface NextWatering {
  readonly at_d: number;
  readonly band: readonly [number, number];
}

interface Asked {
  readonly input: DryDownInput;
  readonly point: Point;
  readonly covariance: readonly (readonly number[])[];
  readonly t90: number;
  readonly full_mL: number;
  readonly now_d: number;
}

/** No pot is followed farther ahead, days; how finely it is looked at first. */
const AHEAD_d = 40;
const EVERY_d = 0.5;
/** Hours to both sides by which the pace at that moment is told. */
const PACE_d = 0.25;

/**
 * The time at which the water is down to its share, and the band by the slopes of the water there:
 * dt = -(dW/dp) / (dW/dt) dp. What a scale knows of the pot's own weight does not enter: the share is of its water.
 */
export function nextWatering({ input, point, covariance, t90, full_mL, now_d }: Asked): NextWatering | undefined {
  const dry_mL = (input.waterAt ?? DRY_DOWN_DEFAULTS.waterAt) * full_mL;
  const times = Array.from({ length: AHEAD_d / EVERY_d + 1 }, (_, i) => now_d + i * EVERY_d);
  const water = waterOf(input, habitOf(point), times);
  const after = water.findIndex((one) => one <= dry_mL);
  if (after === -1) return undefined;
  if (after === 0) return { at_d: now_d, band: [now_d, now_d] };
  const [high, low] = [water[after - 1] as number, water[after] as number];
  const at_d = (times[after - 1] as number) + (EVERY_d * (high - dry_mL)) / (high - low);
  const rows = slopesOf(input, point, [Math.max(now_d, at_d - PACE_d), at_d, at_d + PACE_d]);
  const [before, at, later] = rows as [number[], number[], number[]];
  const pace = ((later[0] as number) - (before[0] as number)) / (at_d + PACE_d - Math.max(now_d, at_d - PACE_d));
  const by = [at[1] as number, at[2] as number].map((slope) => -slope / pace);
  const variance = by.reduce(
    (sum, one, j) => sum + by.reduce((inner, other, k) => inner + one * other * (covariance[j]?.[k] ?? 0), 0),
    0,
  );
  const half = t90 * Math.sqrt(variance);
  return { at_d, band: [Math.max(now_d, at_d - half), at_d + half] };
}
