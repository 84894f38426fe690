import type { TrialEventLine } from '@bent-pail/contract';
import { amount } from '../../shared/units/mine';

/** A line of a trial's diary in words. */
export const eventSaid = ({ water_mL, keptUp, words }: TrialEventLine): string =>
  [
    water_mL === undefined ? undefined : `${amount(water_mL, 'mL', 0)} each`,
    keptUp === false ? 'it did not keep up' : undefined,
    words,
  ]
    .filter((part) => part !== undefined)
    .join(', ');
