import { requireBlendInput, type BlendComponent, type BlendInput } from '../blend';
import { refuse, requireNotNegative } from '../errors';
import type { Retention } from '../retention';
import type { Range } from '../scoring';

/** Standard errors beside values; what has none does not vary, but for the volume (see `SCOOP_SHARE`). */
export interface ComponentErrors {
  readonly volume_se?: number;
  readonly dryBulkDensity_gcc_se?: number;
  readonly interparticleVoid_se?: number;
  readonly d50_mm_se?: number;
  readonly spread_se?: number;
  readonly softness_se?: number;
  readonly pH_se?: number;
  readonly buffer_meqPerLpH_se?: number;
  readonly ec_dSm_se?: number;
  readonly pricePerL_se?: number;
  /** 4 x 4 in the order thetaR, thetaS, alpha_percm, n; goes before standard errors inside `retention`. */
  readonly retention_cov?: readonly (readonly number[])[];
}

export interface RetentionErrors {
  readonly thetaR_se?: number;
  readonly thetaS_se?: number;
  readonly alpha_percm_se?: number;
  readonly n_se?: number;
}

export type UncertainComponent = Omit<BlendComponent, 'retention'> &
  ComponentErrors & { readonly retention: Retention & RetentionErrors };

export interface Window {
  readonly property: string;
  readonly range: Range;
}

export interface BandsInput extends Omit<BlendInput, 'components'> {
  readonly components: readonly UncertainComponent[];
  readonly kappa_se?: number;
  readonly shrink_se?: number;
  readonly lime_meqPerL_se?: number;
  readonly draws?: number;
  readonly seed?: number;
  readonly windows?: readonly Window[];
  /** Output whose spread the drivers explain; the first window's property, else air. */
  readonly driversOf?: string;
}

export const BANDS_DEFAULTS = Object.freeze({ draws: 2000, seed: 1, mostDraws: 100000 });

/** Scooping by volume is off by this share unless a standard error says otherwise. */
export const SCOOP_SHARE = 0.03;

export function requireBands(input: BandsInput): void {
  requireBlendInput(input);
  const { draws } = input;
  if (draws !== undefined && !(Number.isInteger(draws) && draws >= 1 && draws <= BANDS_DEFAULTS.mostDraws)) {
    refuse('draws', `${String(draws)} must be a whole number from 1 to ${String(BANDS_DEFAULTS.mostDraws)}`);
  }
  for (const key of ['kappa_se', 'shrink_se', 'lime_meqPerL_se'] as const) {
    if (input[key] !== undefined) requireNotNegative(key, input[key], '');
  }
  input.components.forEach((component, i) => {
    const at = `components[${String(i)}]`;
    for (const [key, value] of Object.entries(component)) {
      if (key.endsWith('_se')) requireNotNegative(`${at}.${key}`, value as number, '');
    }
    for (const [key, value] of Object.entries(component.retention)) {
      if (key.endsWith('_se')) requireNotNegative(`${at}.retention.${key}`, value as number, '');
    }
    requireCovariance(component.retention_cov, `${at}.retention_cov`);
  });
}

function requireCovariance(covariance: readonly (readonly number[])[] | undefined, at: string): void {
  if (covariance === undefined) return;
  if (covariance.length !== 4 || covariance.some((row) => row.length !== 4)) refuse(at, 'must be 4 rows of 4 numbers');
  covariance.forEach((row, i) => {
    if (!((row[i] as number) >= 0)) refuse(`${at}[${String(i)}][${String(i)}]`, 'a variance must be 0 or more');
    row.forEach((value, j) => {
      const mirror = (covariance[j] as readonly number[])[i] as number;
      if (Math.abs(value - mirror) > 1e-9 * (1 + Math.abs(value)))
        refuse(`${at}[${String(i)}][${String(j)}]`, 'a covariance must be symmetric');
    });
  });
}
