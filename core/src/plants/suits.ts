import type { TargetProfile } from '../classes';
import { deskPotInput, predictDesk, searchTargets, type DeskInput } from '../desk';
import { potOutlook, USES } from '../outlook';
import { lossOf } from '../search';
import { geometricVolume_mL } from '../vessel';
import type { UseKey } from './plants';

export interface Suited {
  /** Place among those offered. */
  readonly place: number;
  readonly loss: number;
  readonly air: number;
  readonly water: number;
  readonly totalPorosity: number;
  /** Between waterings, as the plant stands. */
  readonly days: number;
  readonly pricePerL?: number;
}

/**
 * Blends for a plant, best first: by how far each misses what the plant's use asks for, with the days between waterings
 * that its stand allows. Each is predicted in its own container; one that breaks a must is left out.
 */
export function suits(desks: readonly DeskInput[], profile: TargetProfile, climate: UseKey): Suited[] {
  const use_mmPerD = USES.find(({ key }) => key === climate)?.mmPerD ?? 1;
  return desks
    .flatMap((desk, place): Suited[] => {
      const predicted = predictDesk(desk);
      const { air, water, totalPorosity, pricePerL } = predicted.result;
      const loss = lossOf(predicted.result, searchTargets(profile));
      if (loss === undefined) return [];
      const straight = geometricVolume_mL(desk.container) === undefined ? { volume_L: 1 } : {};
      const { days } = potOutlook(deskPotInput(desk, predicted, { use_mmPerD, ...straight }));
      return [{ place, loss, air, water, totalPorosity, days, ...(pricePerL === undefined ? {} : { pricePerL }) }];
    })
    .sort((a, b) => a.loss - b.loss);
}
