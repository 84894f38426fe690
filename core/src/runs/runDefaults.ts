import type { MediaClass } from '../classes';
import { RUN_DEFAULTS, type Protocol, type RunSettings } from '../sheets';

/** Families whose grains are solid: they are soaked through in half an hour. */
const SOLID_GRAIN = /sand|grit|brick|limestone|gravel/;

/**
 * Settings that a new run starts with: solid mineral grains soak 30 min, everything else 24 h; a protocol's own times
 * come first.
 */
export function defaultSettings(mediaClass: MediaClass | undefined, protocol?: Protocol): RunSettings {
  const quick = mediaClass !== undefined && SOLID_GRAIN.test(mediaClass.id);
  return {
    packingHabit: 'tapped',
    soak_min: quick ? RUN_DEFAULTS.mineralSoak_min : RUN_DEFAULTS.slowSoak_min,
    drain_min: RUN_DEFAULTS.drain_min,
    ovenTemp_C: RUN_DEFAULTS.ovenTemp_C,
    ...protocol?.times,
  };
}
