import type { Check } from '../errors';
import type { BlendModel } from './blendInput';
import { drained, LARGEST_LOSS, type PoreLoss } from './poreLoss';
import { BLEND_HEADS, type PreparedBlend } from './prepareBlend';

/** How sharply the loss bends towards its limit: under half of the coarse pores it is what the packing asks for, to 2 %. */
const BEND = 4;

/** From this share of the coarse pores on it is worth saying that the loss is held back. */
const WORTH_SAYING = 0.6;

/**
 * Mixing closes coarse pores only: the second physics.
 *
 * M = sum V_i (theta_s,i - theta_i(10 cm)) are the coarse pores, x = s sum V_i / M what the packing asks of them. They
 * give up lambda = x / (1 + (x / 0.8)^4)^(1/4), which is x while x is small and nears 0.8 without a cut; a shrink that was
 * measured is a fact, lambda = x, and cut where there are no such pores left. Solids are kept, and so is the water that
 * stands at 10 cm and beyond. In a drained pot air falls whenever lambda rises: the volume of air falls by the drained part
 * of M, that of the blend by all of it, and air takes up less of the blend than of M.
 */
export function coarseLoss(
  prepared: PreparedBlend,
  volumes: readonly number[],
  shrink: number,
  model: BlendModel,
): PoreLoss {
  let whole = 0;
  for (const volume of volumes) whole += volume;
  const coarse = drained(volumes, prepared.thetaS, prepared.thetaDrained);
  const asked = shrink === 0 ? 0 : (shrink * whole) / Math.max(coarse, Number.MIN_VALUE);
  const lambda = model === 'measured' ? Math.min(asked, 1) : held(asked);
  const lost = lambda * coarse;
  const used = lost / whole;
  return {
    shrink: used,
    lost,
    lambda,
    suction_cm: BLEND_HEADS.drained,
    checks: asked > WORTH_SAYING && used < shrink ? [said(shrink, used)] : [],
  };
}

/** x / (1 + (x / 0.8)^4)^(1/4), written so that nothing overflows. */
const held = (asked: number): number =>
  asked === 0 ? 0 : LARGEST_LOSS / (1 + (LARGEST_LOSS / asked) ** BEND) ** (1 / BEND);

function said(shrink: number, used: number): Check {
  const message = `A shrink of ${(100 * shrink).toFixed(1)} % would take more than the coarse pores can give; ${(100 * used).toFixed(1)} % is used.`;
  return { code: 'shrink-cut', severity: 'caution', message };
}
