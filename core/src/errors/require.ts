import { said } from './said';
import { refuse } from './coreError';

/** Refuses a number that is not finite and above zero; returns it for chaining. */
export function requirePositive(path: string, value: number, unit: string): number {
  if (!(Number.isFinite(value) && value > 0)) refuse(path, `${said(value)} ${unit} must be above 0`);
  return value;
}

/** Refuses a number that is not finite and at least zero. */
export function requireNotNegative(path: string, value: number, unit: string): number {
  if (!(Number.isFinite(value) && value >= 0)) refuse(path, `${said(value)} ${unit} must be 0 or more`);
  return value;
}

/** Refuses a number outside `lo..hi`, both ends allowed. */
export function requireWithin(path: string, value: number, lo: number, hi: number, unit = ''): number {
  if (!(Number.isFinite(value) && value >= lo && value <= hi)) {
    const suffix = unit === '' ? '' : ` ${unit}`;
    refuse(path, `${said(value)}${suffix} must lie between ${said(lo)} and ${said(hi)}${suffix}`);
  }
  return value;
}
