import type { Check } from '../errors';
import { thetaAt } from '../retention';
import type { BlendComponent } from './blendInput';
import { BLEND_HEADS } from './prepareBlend';

export const BLEND_CAUTIONS = Object.freeze({
  /** Air at 10 cm may exceed the void between grains by this much. */
  airOverVoid: 0.06,
  /** d15 of the coarser over this many d85 of the finer: fines can pass (Terzaghi's filter rule). */
  filterRatio: 5,
  /** Standard normal quantile of 85 %. */
  quantile85: 1.036,
});

/** Notes on components and pairs that the model is known to err on. */
export function blendCautions(components: readonly BlendComponent[], volumes: readonly number[]): Check[] {
  const used = components.map((c, i) => ({ c, volume: volumes[i] as number })).filter(({ volume }) => volume > 0);
  const checks: Check[] = [];
  for (const { c } of used) {
    const air = c.retention.thetaS - thetaAt(c.retention, BLEND_HEADS.drained);
    if (air > c.interparticleVoid + BLEND_CAUTIONS.airOverVoid) {
      const message = `${c.name}: air at 10 cm (${air.toFixed(2)}) is more than the space between its grains (${c.interparticleVoid.toFixed(2)}); one of the two is off.`;
      checks.push({ code: 'air-over-void', severity: 'caution', message });
    }
  }
  for (const coarse of used) {
    for (const fine of used) {
      const spread = (s: number): number => Math.pow(s, BLEND_CAUTIONS.quantile85);
      const d15 = coarse.c.d50_mm / spread(coarse.c.spread);
      const d85 = fine.c.d50_mm * spread(fine.c.spread);
      const fills = fine.volume * (1 - fine.c.interparticleVoid) >= coarse.volume * coarse.c.interparticleVoid;
      if (d15 > BLEND_CAUTIONS.filterRatio * d85 && !fills) {
        const message = `${fine.c.name} is so much finer than ${coarse.c.name} that it may wash down between its grains.`;
        checks.push({ code: 'fines-migrate', severity: 'note', message });
      }
    }
  }
  return checks;
}
