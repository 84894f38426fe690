import type { Check } from '../errors';
import { blendPacking } from '../packing';
import { containerRule, thetaAt } from '../retention';
import { BLEND_DEFAULTS, physicsOf, type BlendComponent, type BlendSettings } from './blendInput';
import { chemistry, type BlendChemistry } from './chemistry';
import { coarseLoss } from './coarseLoss';
import { poreLoss, type PoreLoss } from './poreLoss';
import { BLEND_HEADS, meansOf, type PreparedBlend } from './prepareBlend';

/** The single figures of a blend; fractions 0..1 of the blend's own volume. */
export interface BlendScalars extends BlendChemistry {
  readonly shrink: number;
  readonly lambda: number;
  /** Volume made, in the unit of the volumes put in. */
  readonly volume: number;
  /** Packing fraction of the grains by the packing model, whatever model gives the shrink. */
  readonly packing: number;
  readonly totalPorosity: number;
  readonly water: number;
  readonly air: number;
  readonly easilyAvailable: number;
  readonly bulkDensity_gcc: number;
}

export interface EvaluatedBlend {
  readonly scalars: BlendScalars;
  readonly loss: PoreLoss;
  readonly checks: readonly Check[];
}

/** Shrink by the packing model before kappa: 1 - sum V_i phi_i / phi / sum V_i, not below 0. */
function packingShrink(prepared: PreparedBlend, volumes: readonly number[], packing: number): number {
  let whole = 0;
  let envelopes = 0;
  for (let i = 0; i < volumes.length; i += 1) {
    const volume = volumes[i] as number;
    whole += volume;
    envelopes += volume * (prepared.packing.alone[i] as number);
  }
  const shrink = 1 - envelopes / packing / whole;
  // Below the solver's own rounding a single component would otherwise shrink by 1e-16.
  return shrink > 1e-13 ? shrink : 0;
}

function shrinkOf(settings: BlendSettings, packed: () => number): number {
  switch (settings.model) {
    case 'average':
      return 0;
    case 'measured':
      return settings.shrink as number;
    case 'packing':
      return Math.min((settings.kappa ?? BLEND_DEFAULTS.kappa) * packed(), 0.999);
  }
}

/** Water of the blend at a suction, in the unit of the volumes: fine pores come along unharmed. */
export function blendWaterAt(
  prepared: PreparedBlend,
  volumes: readonly number[],
  loss: PoreLoss,
  suction_cm: number,
): number {
  return prepared.components.reduce((sum, { retention }, i) => {
    const theta = thetaAt(retention, suction_cm);
    const kept = thetaAt(retention, loss.suction_cm);
    return sum + (volumes[i] as number) * (theta - loss.lambda * Math.max(0, theta - kept));
  }, 0);
}

/** Water in the container and what easily leaves it, in the unit of the volumes. */
interface BlendWater {
  readonly inContainer: number;
  readonly easilyAvailable: number;
}

/** Where the pores lost drain by 10 cm, all that is needed was worked out beforehand. */
function usualWater(prepared: PreparedBlend, volumes: readonly number[], lambda: number): BlendWater {
  const { meanTheta, meanAboveDrained, thetaDrained, thetaEasy } = prepared;
  let inContainer = 0;
  let easilyAvailable = 0;
  for (let i = 0; i < volumes.length; i += 1) {
    const volume = volumes[i] as number;
    inContainer += volume * ((meanTheta[i] as number) - lambda * (meanAboveDrained[i] as number));
    easilyAvailable += volume * ((thetaDrained[i] as number) - (thetaEasy[i] as number));
  }
  return { inContainer, easilyAvailable };
}

/** Where finer pores are lost too, the split stands at another suction, with a kink of its own in the container. */
function unusualWater(prepared: PreparedBlend, volumes: readonly number[], loss: PoreLoss): BlendWater {
  const rule = containerRule(prepared.container, [loss.suction_cm]);
  const inContainer = prepared.components.reduce((sum, { retention }, i) => {
    const volume = volumes[i] as number;
    if (volume === 0) return sum;
    const { above } = meansOf(rule, retention, thetaAt(retention, loss.suction_cm));
    return sum + volume * ((prepared.meanTheta[i] as number) - loss.lambda * above);
  }, 0);
  const at = (suction_cm: number): number => blendWaterAt(prepared, volumes, loss, suction_cm);
  return { inContainer, easilyAvailable: at(BLEND_HEADS.drained) - at(BLEND_HEADS.easy) };
}

/**
 * One blend from prepared components: shrink, pore loss, water and air in the container, chemistry and price.
 *
 * `volumes` belong to the prepared components in order, at least one above zero. Everything is per volume of the
 * blend as made: V_blend = (1 - s) sum V_i. Total porosity = (sum V_i theta_s,i - D) / V_blend; bulk density =
 * sum V_i BD_i / V_blend; air = total porosity - water.
 */
export function evaluateBlend(
  prepared: PreparedBlend,
  volumes: readonly number[],
  settings: BlendSettings,
): EvaluatedBlend {
  const packing = blendPacking(prepared.packing, volumes);
  const shrink = shrinkOf(settings, () => packingShrink(prepared, volumes, packing));
  const loss =
    physicsOf(settings) === 1
      ? poreLoss(prepared, volumes, shrink)
      : coarseLoss(prepared, volumes, shrink, settings.model);
  let whole = 0;
  let pores = 0;
  let solids = 0;
  for (let i = 0; i < volumes.length; i += 1) {
    const volume = volumes[i] as number;
    whole += volume;
    pores += volume * (prepared.thetaS[i] as number);
    solids += volume * (prepared.components[i] as BlendComponent).dryBulkDensity_gcc;
  }
  const volume = whole - loss.lost;
  const totalPorosity = (pores - loss.lost) / volume;
  const isUsual = loss.suction_cm === BLEND_HEADS.drained;
  const held = isUsual ? usualWater(prepared, volumes, loss.lambda) : unusualWater(prepared, volumes, loss);
  const water = held.inContainer / volume;
  const dosed = {
    lime_meqPerL: settings.lime_meqPerL ?? BLEND_DEFAULTS.lime_meqPerL,
    salt_dSm: settings.salt_dSm ?? BLEND_DEFAULTS.salt_dSm,
    dosed_pricePerL: settings.dosed_pricePerL ?? BLEND_DEFAULTS.dosed_pricePerL,
  };
  const { figures, checks } = chemistry(prepared.components, volumes, volume, dosed);
  const scalars: BlendScalars = Object.assign(figures, {
    shrink: loss.shrink,
    lambda: loss.lambda,
    volume,
    packing,
    totalPorosity,
    water,
    air: totalPorosity - water,
    easilyAvailable: held.easilyAvailable / volume,
    bulkDensity_gcc: solids / volume,
  });
  return { scalars, loss, checks: loss.checks.length === 0 ? checks : [...loss.checks, ...checks] };
}
