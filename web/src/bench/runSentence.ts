import type { PropertyKey, RunResult } from '@bent-pail/core';
import { airWord, percent } from '../shared/airWords';

/** A run ends in a sentence, not in a row of numbers. */
export function runSentence(result: RunResult): string {
  const mean = (key: PropertyKey): number | undefined =>
    result.properties.find((one) => one.property === key)?.summary?.mean;
  const air = mean('airSpace');
  const water = mean('containerCapacity');
  if (air !== undefined && water !== undefined) {
    return `Of a drained vessel ${percent(water)} is water and ${percent(air)} is air: ${airWord(air)}.`;
  }
  const bound = mean('capacityAtLeast');
  if (air !== undefined && bound !== undefined)
    return `${percent(air)} of it is air, and it holds at least ${percent(bound)} water.`;
  const pH = mean('pH');
  if (pH !== undefined)
    return `pH ${pH.toFixed(1)} by 1:5 in water: ${pH < 5.5 ? 'sour' : pH > 7 ? 'limy' : 'middling'}.`;
  const ec = mean('ec_dSm');
  if (ec !== undefined) return `EC ${ec.toFixed(2)} dS/m by 1:2 in water at 25 °C.`;
  const volume = mean('bagVolume_L');
  if (volume !== undefined) return `The bag really holds ${volume.toFixed(1)} L, poured loose.`;
  return 'The run is finished.';
}
