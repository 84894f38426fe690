import { runVesselVolume_mL, type RunVessel } from '@bent-pail/core';
import { inMine, mySign } from '../shared/units/mine';

/** Volumes of a run's vessels in one line with their unit, or undefined where there are none. */
export function vesselVolumes(vessels: readonly (RunVessel | undefined)[]): string | undefined {
  if (vessels.length === 0) return undefined;
  const texts = vessels.map((vessel) => {
    const volume = vessel === undefined ? undefined : runVesselVolume_mL(vessel);
    return volume === undefined ? '?' : inMine(volume, 'mL', 0);
  });
  const all = new Set(texts).size === 1 ? `${String(texts.length)} × ${String(texts[0])}` : texts.join(' · ');
  return `${all} ${mySign('mL')}`;
}
