import { findMediaClass } from '../classes';
import { refuse, requirePositive, requireWithin } from '../errors';
import { list, maybe, number, object, text, type InputOf } from '../method';
import { requireSeen, SEEN } from './curveSights';
import { BODY, CHEMISTRY } from './scales';

const RUNS = list(list(number()), 'repeats of each run');

/**
 * Where a lot lies, and a factor of how far off it may lie, in standard deviations of its class: 0 and a unit matrix where
 * nothing says more.
 */
const LEANING = object({ shift: list(number()), factor: list(list(number())) });
export type Leaning = InputOf<typeof LEANING>;

/** What other lots of the material say of one, by what was not read of it: how many were read, and how it leans; the body by its seven scales. */
const KIN = object({
  lots: number(),
  body: maybe(LEANING),
  pH: maybe(LEANING),
  ec_dSm: maybe(LEANING),
  buffer_meqPerLpH: maybe(LEANING),
});
export type Kin = InputOf<typeof KIN>;

/** What was read of a lot, run by run, and the class that says what is usual for it. */
export const LOT_READINGS_FIELDS = {
  materialClass: maybe(text('class of the medium; absent: it may be any')),
  seen: list(SEEN, 'each run and depth by itself, all packed alike'),
  dryBulkDensity_gcc: maybe(RUNS),
  d50_mm: maybe(RUNS),
  pH: maybe(RUNS),
  ec_dSm: maybe(RUNS),
  buffer_meqPerLpH: maybe(RUNS),
  kin: maybe(KIN),
};
export const LOT_READINGS = object(LOT_READINGS_FIELDS);
export type LotReadings = InputOf<typeof LOT_READINGS>;

/** Refuses readings that no bench can give, naming the field. */
export function requireReadings(readings: LotReadings, prefix = ''): void {
  const { materialClass, seen } = readings;
  if (materialClass !== undefined && findMediaClass(materialClass) === undefined)
    refuse(`${prefix}materialClass`, `"${materialClass}" is no class that is known here; leave it out where none fits`);
  seen.forEach((one, i) => {
    requireSeen(one, `${prefix}seen[${String(i)}]`);
  });
  const runs = (key: 'dryBulkDensity_gcc' | 'd50_mm' | 'pH' | 'ec_dSm' | 'buffer_meqPerLpH', unit: string): void => {
    readings[key]?.forEach((values, i) => {
      const at = `${prefix}${key}[${String(i)}]`;
      if (values.length === 0) refuse(at, 'an empty list says nothing; leave it out');
      values.forEach((value, k) => {
        if (key === 'pH') requireWithin(`${at}[${String(k)}]`, value, 0, 14);
        else requirePositive(`${at}[${String(k)}]`, value, unit);
      });
    });
  };
  runs('dryBulkDensity_gcc', 'g/mL');
  runs('d50_mm', 'mm');
  runs('pH', '');
  runs('ec_dSm', 'dS/m');
  runs('buffer_meqPerLpH', 'meq/L/pH');
  if (readings.kin !== undefined) requireKin(readings.kin, `${prefix}kin`);
}

/** No lot lies so many of its class's standard deviations off. */
export const FARTHEST_LEANING = 12;
/** No other lots make a lot less sure than its class does; a little for rounding. */
const WIDEST_LEANING = 1 + 1e-9;

function requireKin({ lots, body, ...chemistry }: Kin, at: string): void {
  requirePositive(`${at}.lots`, lots, 'lots');
  const leaning = ({ shift, factor }: Leaning, size: number, where: string): void => {
    if (shift.length !== size || factor.length !== size || factor.some((row) => row.length !== size))
      refuse(where, `${String(size)} shifts and a factor of ${String(size)} rows as long are needed`);
    shift.forEach((one, i) => requireWithin(`${where}.shift[${String(i)}]`, one, -FARTHEST_LEANING, FARTHEST_LEANING));
    factor.forEach((row, i) => {
      const at = `${where}.factor[${String(i)}]`;
      requireWithin(at, Math.hypot(...row), 0, WIDEST_LEANING);
      requirePositive(`${at}[${String(i)}]`, row[i] as number, '');
    });
  };
  if (body !== undefined) leaning(body, BODY.length, `${at}.body`);
  for (const key of CHEMISTRY) {
    const one = chemistry[key];
    if (one !== undefined) leaning(one, 1, `${at}.${key}`);
  }
}
