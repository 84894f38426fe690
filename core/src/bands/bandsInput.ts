import { BLEND_SETTINGS, COMPONENT_FIELDS, requireBlendInput } from '../blend';
import { refuse, requireNotNegative } from '../errors';
import { fieldsOf, list, maybe, number, object, range, text, whole, type InputOf } from '../method';
import { isSemiDefinite, LOT_READINGS, requireReadings } from '../knowledge';
import { RETENTION_FIELDS } from '../retention';
import { CONTAINER } from '../vessel';

const se = maybe(number('standard error of the value beside it'));
const errorsOf = <K extends string>(keys: readonly K[]): Readonly<Record<`${K}_se`, typeof se>> =>
  fieldsOf(
    keys.map((key): `${K}_se` => `${key}_se`),
    se,
  );

const RETENTION_ERRORS = errorsOf(['thetaR', 'thetaS', 'alpha_percm', 'n']);
export type RetentionErrors = InputOf<ReturnType<typeof object<typeof RETENTION_ERRORS>>>;

const COMPONENT_ERRORS = {
  ...errorsOf([
    'volume',
    'dryBulkDensity_gcc',
    'interparticleVoid',
    'd50_mm',
    'spread',
    'softness',
    'pH',
    'buffer_meqPerLpH',
    'ec_dSm',
    'pricePerL',
  ]),
  retention_cov: maybe(
    list(
      list(number()),
      '4 x 4 in the order thetaR, thetaS, alpha_percm, n; goes before standard errors inside `retention`',
    ),
  ),
  readings: maybe(LOT_READINGS),
};
/**
 * Standard errors beside values; what has none does not vary, but for the volume (see `SCOOP_SHARE`). Where `readings` are
 * given the body and chemistry of the component are drawn from them, as `lot-curve` knows them, whatever errors stand beside.
 */
export type ComponentErrors = InputOf<ReturnType<typeof object<typeof COMPONENT_ERRORS>>>;

const COMPONENT = object({
  name: text(),
  volume: number(),
  ...COMPONENT_FIELDS,
  ...COMPONENT_ERRORS,
  retention: object({ ...RETENTION_FIELDS, ...RETENTION_ERRORS }),
});
export type UncertainComponent = InputOf<typeof COMPONENT>;

const WINDOW = object({ property: text(), range });
export type Window = InputOf<typeof WINDOW>;

export const BANDS_INPUT = object({
  components: list(COMPONENT),
  container: CONTAINER,
  ...BLEND_SETTINGS,
  ...errorsOf(['kappa', 'shrink', 'lime_meqPerL', 'salt_dSm']),
  draws: maybe(number()),
  seed: maybe(whole({ minimum: 0 })),
  windows: maybe(list(WINDOW)),
  driversOf: maybe(text('output whose spread the drivers explain; the first window’s property, else air')),
});
export type BandsInput = InputOf<typeof BANDS_INPUT>;

export const BANDS_DEFAULTS = Object.freeze({ draws: 2000, seed: 1, mostDraws: 100000 });

/** Scooping by volume is off by this share unless a standard error says otherwise. */
export const SCOOP_SHARE = 0.03;

export function requireBands(input: BandsInput): void {
  requireBlendInput(input);
  const { draws } = input;
  if (draws !== undefined && !(Number.isInteger(draws) && draws >= 1 && draws <= BANDS_DEFAULTS.mostDraws)) {
    refuse('draws', `${String(draws)} must be a whole number from 1 to ${String(BANDS_DEFAULTS.mostDraws)}`);
  }
  for (const key of ['kappa_se', 'shrink_se', 'lime_meqPerL_se', 'salt_dSm_se'] as const) {
    if (input[key] !== undefined) requireNotNegative(key, input[key], '');
  }
  input.components.forEach((component, i) => {
    const at = `components[${String(i)}]`;
    for (const [key, value] of Object.entries(component)) {
      if (key.endsWith('_se')) requireNotNegative(`${at}.${key}`, value as number, '');
    }
    for (const [key, value] of Object.entries(component.retention)) {
      if (key.endsWith('_se')) requireNotNegative(`${at}.retention.${key}`, value, '');
    }
    requireCovariance(component.retention_cov, `${at}.retention_cov`);
    if (component.readings !== undefined) requireReadings(component.readings, `${at}.readings.`);
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
  if (!isSemiDefinite(covariance))
    refuse(
      at,
      'no draws have this covariance: it is not positive semi-definite, for some of its correlations contradict',
    );
}
