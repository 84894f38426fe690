import { normalDraw, type Random } from '../scoring';

/** Tries before a value that the limits hardly allow stays at its mean. */
const MOST_TRIES = 200;

/** A normal draw within limits, by drawing again. */
export function truncatedNormal(random: Random, mean: number, se: number, lo: number, hi: number): number {
  if (se === 0) return mean;
  for (let i = 0; i < MOST_TRIES; i += 1) {
    const value = mean + se * normalDraw(random);
    if (value >= lo && value <= hi) return value;
  }
  return mean;
}

/** SD of a value's logarithm, from its standard error. */
export const logSdOf = (value: number, se: number): number => Math.sqrt(Math.log1p((se / value) ** 2));

/** A log-normal draw whose median is the value; a value of zero stays. */
export const logNormal = (random: Random, value: number, se: number): number =>
  se === 0 || value <= 0 ? value : value * Math.exp(logSdOf(value, se) * normalDraw(random));
