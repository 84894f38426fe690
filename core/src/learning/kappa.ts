import { spline } from '../numeric';
import { Evidence } from './evidence';
import type { MeasuredBlend } from './measuredBlend';

/** What is believed of the packing model before any blend was measured: N(1, 0.5²), never under 0. */
export const KAPPA_PRIOR = Object.freeze({ mean: 1, sd: 0.5 });

export interface KappaFit {
  /** Middle of what is believed. */
  readonly value: number;
  readonly sd: number;
  readonly ci95: readonly [number, number];
}

/** Kappas at which the evidence is worked out, from the prior's mean to both sides; between them a spline. */
const FINE = { up: [1, 1.25, 1.5, 1.8, 2.1, 2.5, 3], down: [0.75, 0.5, 0.3, 0.15, 0] } as const;
/** The same where many fits are made to see how one does on blends that it has not seen. */
const COARSE = { up: [1, 1.5, 2.2, 3], down: [0.5, 0] } as const;

/** Steps in which the chance of kappa is summed. */
const STEPS = 300;
const MOST = 3;

/**
 * Kappa, the share of the packing model's shrink that really happens, from measured blends.
 *
 * Its chance at each value is that of the prior N(1, 0.5^2), kappa of 0 or more, times the evidence of all measured airs,
 * waters and densities together (`Evidence`), which holds the measurements' own errors, scooping, and what is not known of
 * each lot, which blends of that lot share. `value` is its median, `ci95` its 2.5 and 97.5 %. Without blends it is the prior.
 * `coarse` asks at half as many kappas.
 */
export function fitKappa(blends: readonly MeasuredBlend[], coarse = false): KappaFit {
  const evidence = new Evidence(blends);
  const log = evidence.isEmpty ? () => 0 : curveOf(evidence, coarse ? COARSE : FINE);
  return summed(
    Array.from({ length: STEPS + 1 }, (_, i) => {
      const kappa = (MOST * i) / STEPS;
      return { kappa, log: log(kappa) - 0.5 * ((kappa - KAPPA_PRIOR.mean) / KAPPA_PRIOR.sd) ** 2 };
    }),
  );
}

/** Evidence by kappa; each is asked for next to one that was found, for the lots then stand nearly where they did. */
function curveOf(evidence: Evidence, { up, down }: typeof FINE | typeof COARSE): (kappa: number) => number {
  const found: Point[] = up.map((kappa) => ({ kappa, log: evidence.at(kappa) }));
  evidence.at(up[0]);
  for (const kappa of down) found.unshift({ kappa, log: evidence.at(kappa) });
  return spline(
    found.map(({ kappa }) => kappa),
    found.map(({ log }) => log),
  );
}

interface Point {
  readonly kappa: number;
  readonly log: number;
}

/** Quantiles and SD of a density by trapeziums. */
function summed(points: readonly Point[]): KappaFit {
  const best = Math.max(...points.map(({ log }) => log));
  const density = points.map(({ log }) => Math.exp(log - best));
  const below = [0];
  for (let i = 1; i < points.length; i += 1)
    below.push((below[i - 1] as number) + ((density[i - 1] as number) + (density[i] as number)) / 2);
  const whole = below.at(-1) as number;
  const at = (share: number): number => {
    const i = Math.max(
      1,
      below.findIndex((sum) => sum >= share * whole),
    );
    const [lo, hi] = [below[i - 1] as number, below[i] as number];
    const [a, b] = [(points[i - 1] as Point).kappa, (points[i] as Point).kappa];
    return hi === lo ? a : a + ((b - a) * (share * whole - lo)) / (hi - lo);
  };
  const sum = density.reduce((total, one) => total + one, 0);
  const mean = density.reduce((total, one, i) => total + one * (points[i] as Point).kappa, 0) / sum;
  const square = density.reduce((total, one, i) => total + one * ((points[i] as Point).kappa - mean) ** 2, 0) / sum;
  return { value: at(0.5), sd: Math.sqrt(square), ci95: [at(0.025), at(0.975)] };
}
