import type { RecipeSettings } from '../desk';
import type { FilledMedium } from './medium';
import { begunWith } from './nutrition';

interface Gone {
  /** Water that the pot holds at first, and that ran off below since, mL. */
  readonly held_mL: number;
  readonly drained_mL: number;
  readonly volume_L: number;
}

/**
 * Nitrogen that drainage carries off a new medium, mg: what is dissolved in its water at first, thinned as water runs
 * through. Undefined where neither reports nor what was mixed in tell of it.
 * Example: 1 L with 100 mg/L of nitrogen and 500 mL of water, of which 500 mL run through, loses 63 mg.
 */
export function carriedOff_mg(
  medium: FilledMedium,
  recipe: Pick<RecipeSettings, 'additives'>,
  { held_mL, drained_mL, volume_L }: Gone,
): number | undefined {
  const { found, isKnown } = begunWith(medium, recipe, 'medium');
  if (!isKnown || held_mL <= 0) return undefined;
  return (found.available_mgL ?? 0) * volume_L * -Math.expm1(-drained_mL / held_mL);
}
