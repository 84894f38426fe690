import { preparePacking, type PreparedPacking } from '../packing';
import { containerMean, containerRule, thetaAt, type ContainerRule, type Retention } from '../retention';
import type { Container } from '../vessel';
import { BLEND_DEFAULTS, type BlendComponent } from './blendInput';

/** Suctions that a blend is judged by, cm: air is told at 10, easily available water is 10 to 50, the search ends at 100. */
export const BLEND_HEADS = Object.freeze({ drained: 10, easy: 50, last: 100 });

/** The ten suctions at which a blend's curve is reported, cm. */
export const CURVE_HEADS_CM: readonly number[] = Object.freeze([0, 1, 2, 5, 10, 20, 50, 100, 300, 1000]);

/** Components and container ready for any volumes; the arrays hold one figure per component, in order. */
export interface PreparedBlend {
  readonly components: readonly BlendComponent[];
  readonly packing: PreparedPacking;
  readonly container: Container;
  readonly rule: ContainerRule;
  readonly thetaS: Float64Array;
  readonly thetaDrained: Float64Array;
  readonly thetaEasy: Float64Array;
  readonly thetaLast: Float64Array;
  /** Mean water fraction over the container, alone. */
  readonly meanTheta: Float64Array;
  /** Mean over the container of max(0, theta(z) - theta(10 cm)). */
  readonly meanAboveDrained: Float64Array;
}

/** Everything of a blend that does not depend on its volumes. The input is already checked. */
export function prepareBlend(components: readonly BlendComponent[], container: Container): PreparedBlend {
  const rule = containerRule(container, [BLEND_HEADS.drained]);
  const each = (figure: (retention: Retention) => number): Float64Array =>
    Float64Array.from(components, ({ retention }) => figure(retention));
  const at = (suction_cm: number): Float64Array => each((retention) => thetaAt(retention, suction_cm));
  return {
    components,
    container,
    rule,
    packing: preparePacking(
      components.map((component) => ({
        packing: 1 - component.interparticleVoid,
        d50_mm: component.d50_mm,
        spread: component.spread,
        softness: component.softness ?? BLEND_DEFAULTS.softness,
      })),
    ),
    thetaS: each((retention) => retention.thetaS),
    thetaDrained: at(BLEND_HEADS.drained),
    thetaEasy: at(BLEND_HEADS.easy),
    thetaLast: at(BLEND_HEADS.last),
    meanTheta: each((retention) => containerMean(rule, (z) => thetaAt(retention, z))),
    meanAboveDrained: each((retention) => meanAbove(rule, retention, thetaAt(retention, BLEND_HEADS.drained))),
  };
}

/** Mean over the container of the water above a fraction: the part that coarse pores hold. */
export function meanAbove(rule: ContainerRule, retention: Retention, kept: number): number {
  return containerMean(rule, (z) => Math.max(0, thetaAt(retention, z) - kept));
}
