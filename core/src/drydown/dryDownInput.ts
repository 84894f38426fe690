import { refuse, requireNotNegative, requirePositive, requireWithin } from '../errors';
import { fixed, either, list, maybe, number, object, whole, type InputOf } from '../method';
import { RETENTION } from '../retention';
import { CONTAINER } from '../vessel';

const WATERED = object({
  at_d: number('since the diary begins'),
  volume_mL: maybe(number('absent: until it ran out below')),
});
const WEIGHED = object({ at_d: number(), mass_g: number('of the whole pot') });

export const DRY_DOWN = object({
  container: CONTAINER,
  layers: list(object({ from_cm: number(), to_cm: number(), retention: RETENTION, ks_cms: number() })),
  cells: maybe(whole({ minimum: 5, maximum: 100 })),
  base: maybe(either(fixed('seepage'), object({ suction_cm: number() }))),
  rootDepth_cm: number('from the top'),
  evaporationShare: maybe(number('of the potential; 0.2')),
  mulchFactor: maybe(number()),
  wall_mmPerD: maybe(number()),
  expected: object({
    mmPerD: number('that the stand is thought to ask for'),
    factor: maybe(number('by which it may as well be more or less; 1.6')),
  }),
  waterings: list(WATERED, 'by time'),
  weights: list(WEIGHED, 'by time'),
  now_d: maybe(number('else the last entry')),
  waterAt: maybe(number('share of the water that the drained pot holds, at which it is watered; 0.5')),
});
export type DryDownInput = InputOf<typeof DRY_DOWN>;

export const DRY_DOWN_DEFAULTS = Object.freeze({ cells: 16, factor: 1.6, waterAt: 0.5 });
const BOUNDS = { entries: 200, days: 120 };

/** Refuses what no diary says; what no pot can be is refused by the column. */
export function requireDryDown(input: DryDownInput): void {
  const { waterings, weights, expected, waterAt, now_d } = input;
  if (weights.length === 0) refuse('weights', 'weigh the pot once or more');
  if (weights.length + waterings.length > BOUNDS.entries)
    refuse('weights', `with the waterings there are more than ${String(BOUNDS.entries)}; give the newest`);
  for (const [path, entries] of [
    ['waterings', waterings],
    ['weights', weights],
  ] as const)
    entries.forEach(({ at_d }, i) => {
      requireNotNegative(`${path}[${String(i)}].at_d`, at_d, 'd');
      requireWithin(`${path}[${String(i)}].at_d`, at_d, 0, BOUNDS.days, 'd');
      if (i > 0 && at_d <= (entries[i - 1] as { at_d: number }).at_d)
        refuse(`${path}[${String(i)}].at_d`, `${String(at_d)} d must come after the one before`);
    });
  weights.forEach(({ mass_g }, i) => {
    requirePositive(`weights[${String(i)}].mass_g`, mass_g, 'g');
  });
  waterings.forEach(({ volume_mL }, i) => {
    if (volume_mL !== undefined) requirePositive(`waterings[${String(i)}].volume_mL`, volume_mL, 'mL');
  });
  requirePositive('expected.mmPerD', expected.mmPerD, 'mm/d');
  if (expected.factor !== undefined && !(expected.factor > 1))
    refuse('expected.factor', `${String(expected.factor)} must be above 1`);
  requireWithin('waterAt', waterAt ?? DRY_DOWN_DEFAULTS.waterAt, 0.05, 0.98);
  if (now_d !== undefined) requireWithin('now_d', now_d, 0, BOUNDS.days, 'd');
}
