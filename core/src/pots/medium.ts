import { predictDesk, type DeskInput, type DeskResult } from '../desk';
import { conductivityOf, type Conductivity } from './conductivity';
import type { PotMedium } from './potSetup';

/** A blend or lot as it fills a pot: predicted once, and how fast water goes through it. */
export interface FilledMedium extends PotMedium {
  readonly desk: DeskInput;
  readonly predicted: DeskResult;
  readonly conductivity: Conductivity;
}

export function filledMedium(desk: DeskInput): FilledMedium {
  const predicted = predictDesk(desk);
  const { retention } = predicted.result;
  const conductivity = conductivityOf(desk, predicted, retention);
  return { desk, predicted, retention, conductivity, ks_cms: conductivity.ks_cms };
}

/**
 * Part of its depth that a loose mix loses at the first watering, 0..1: its parts' settled volumes over their loose ones.
 * Example: equal parts of one that keeps its volume and one that keeps nine tenths give 0.05.
 */
export function slumpShare({ lines }: DeskInput): number {
  const loose = lines.reduce((sum, { parts }) => sum + parts, 0);
  const settled = lines.reduce((sum, { parts, lot }) => sum + parts * lot.settledPerLoose, 0);
  return loose > 0 ? Math.max(0, 1 - settled / loose) : 0;
}
