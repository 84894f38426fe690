import { findMediaClass } from '../classes';
import { refuse, requirePositive, requireWithin } from '../errors';
import { list, maybe, number, object, text, type InputOf } from '../method';
import { requireSeen, SEEN } from './curveSights';

const RUNS = list(list(number()), 'repeats of each run');

/** What was read of a lot, run by run, and the class that says what is usual for it. */
export const LOT_READINGS_FIELDS = {
  materialClass: maybe(text('class of the medium; absent: it may be any')),
  seen: list(SEEN, 'each run and depth by itself, all packed alike'),
  dryBulkDensity_gcc: maybe(RUNS),
  d50_mm: maybe(RUNS),
  pH: maybe(RUNS),
  ec_dSm: maybe(RUNS),
  buffer_meqPerLpH: maybe(RUNS),
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
}
