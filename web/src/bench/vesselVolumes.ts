import { runVesselVolume_mL, type RunVessel } from '@bent-pail/core';
import { fixed } from '../kit/format';

/** Volumes of a run's vessels in one line, or undefined where there are none. */
export function vesselVolumes(vessels: readonly (RunVessel | undefined)[]): string | undefined {
  if (vessels.length === 0) return undefined;
  const texts = vessels.map((vessel) => {
    const volume = vessel === undefined ? undefined : runVesselVolume_mL(vessel);
    return volume === undefined ? '?' : fixed(volume, 0);
  });
  return new Set(texts).size === 1 ? `${String(texts.length)} × ${String(texts[0])}` : texts.join(' · ');
}
