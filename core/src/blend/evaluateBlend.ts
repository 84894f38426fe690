import type { Check } from '../errors';
import { blendPacking } from '../packing';
import { containerMean, containerRule, thetaAt, type ContainerRule } from '../retention';
import { BLEND_DEFAULTS, type BlendSettings } from './blendInput';
import { chemistry, type BlendChemistry } from './chemistry';
import { poreLoss, type PoreLoss } from './poreLoss';
import { BLEND_HEADS, type PreparedBlend } from './prepareBlend';

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
  volumes.forEach((volume, i) => {
    whole += volume;
    envelopes += volume * (prepared.packing.alone[i] as number);
  });
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
  return prepared.components.reduce((sum, { component }, i) => {
    const theta = thetaAt(component.retention, suction_cm);
    const kept = thetaAt(component.retention, loss.suction_cm);
    return sum + (volumes[i] as number) * (theta - loss.lambda * Math.max(0, theta - kept));
  }, 0);
}

/** Mean water over the container, in the unit of the volumes. */
function containerWater(prepared: PreparedBlend, volumes: readonly number[], loss: PoreLoss): number {
  const usual = loss.suction_cm === BLEND_HEADS.drained;
  const rule: ContainerRule = usual ? prepared.rule : containerRule(prepared.container, [loss.suction_cm]);
  return prepared.components.reduce((sum, one, i) => {
    const volume = volumes[i] as number;
    if (volume === 0) return sum;
    const { retention } = one.component;
    const kept = usual ? one.thetaDrained : thetaAt(retention, loss.suction_cm);
    const above = usual ? one.meanAboveDrained : containerMean(rule, (z) => Math.max(0, thetaAt(retention, z) - kept));
    return sum + volume * (one.meanTheta - loss.lambda * above);
  }, 0);
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
  const loss = poreLoss(
    prepared,
    volumes,
    shrinkOf(settings, () => packingShrink(prepared, volumes, packing)),
  );
  let whole = 0;
  let pores = 0;
  let solids = 0;
  prepared.components.forEach(({ component }, i) => {
    const volume = volumes[i] as number;
    whole += volume;
    pores += volume * component.retention.thetaS;
    solids += volume * component.dryBulkDensity_gcc;
  });
  const volume = whole - loss.lost;
  const totalPorosity = (pores - loss.lost) / volume;
  const water = containerWater(prepared, volumes, loss) / volume;
  const at = (suction_cm: number): number => blendWaterAt(prepared, volumes, loss, suction_cm) / volume;
  const { figures, checks } = chemistry(
    prepared.components.map(({ component }) => component),
    volumes,
    volume,
    settings.lime_meqPerL ?? BLEND_DEFAULTS.lime_meqPerL,
  );
  return {
    scalars: {
      shrink: loss.shrink,
      lambda: loss.lambda,
      volume,
      packing,
      totalPorosity,
      water,
      air: totalPorosity - water,
      easilyAvailable: at(BLEND_HEADS.drained) - at(BLEND_HEADS.easy),
      bulkDensity_gcc: solids / volume,
      ...figures,
    },
    loss,
    checks: [...loss.checks, ...checks],
  };
}
