import { preparePacking, type Grains, type Physics, type PreparedPacking } from '../packing';
import { containerRule, thetaAt, type ContainerRule, type Retention } from '../retention';
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

/**
 * Everything of a blend that does not depend on its volumes. The input is already checked. `like` is another that was
 * prepared for the same container: what is the same of a component is taken from there.
 */
export function prepareBlend(
  components: readonly BlendComponent[],
  container: Container,
  physics: Physics,
  rule = containerRule(container, [BLEND_HEADS.drained]),
  like?: PreparedBlend,
): PreparedBlend {
  const count = components.length;
  const figures = (): Float64Array => new Float64Array(count);
  const thetaS = figures();
  const thetaDrained = figures();
  const thetaEasy = figures();
  const thetaLast = figures();
  const meanTheta = figures();
  const meanAboveDrained = figures();
  const grains = components.map(grainsOf);
  components.forEach(({ retention }, i) => {
    if (like !== undefined && like.components[i]?.retention === retention) {
      for (const [own, known] of [
        [thetaS, like.thetaS],
        [thetaDrained, like.thetaDrained],
        [thetaEasy, like.thetaEasy],
        [thetaLast, like.thetaLast],
        [meanTheta, like.meanTheta],
        [meanAboveDrained, like.meanAboveDrained],
      ] as const)
        own[i] = known[i] as number;
      return;
    }
    const kept = thetaAt(retention, BLEND_HEADS.drained);
    const { mean, above } = meansOf(rule, retention, kept);
    thetaS[i] = retention.thetaS;
    thetaDrained[i] = kept;
    thetaEasy[i] = thetaAt(retention, BLEND_HEADS.easy);
    thetaLast[i] = thetaAt(retention, BLEND_HEADS.last);
    meanTheta[i] = mean;
    meanAboveDrained[i] = above;
  });
  return {
    components,
    container,
    rule,
    packing: like !== undefined && isAlike(grains, like) ? like.packing : preparePacking(grains, physics),
    thetaS,
    thetaDrained,
    thetaEasy,
    thetaLast,
    meanTheta,
    meanAboveDrained,
  };
}

const isAlike = (grains: readonly Grains[], { components }: PreparedBlend): boolean =>
  grains.every((one, i) => {
    const other = components[i];
    if (other === undefined) return false;
    const { packing, d50_mm, spread, softness } = grainsOf(other);
    return one.packing === packing && one.d50_mm === d50_mm && one.spread === spread && one.softness === softness;
  });

/** Means over the container: of the water, and of the water above a fraction, which is what coarse pores hold. */
export function meansOf(
  rule: ContainerRule,
  retention: Retention,
  kept: number,
): { readonly mean: number; readonly above: number } {
  const { suctions_cm, weights } = rule;
  let mean = 0;
  let above = 0;
  for (let i = 0; i < suctions_cm.length; i += 1) {
    const theta = thetaAt(retention, suctions_cm[i] as number);
    const weight = weights[i] as number;
    mean += weight * theta;
    if (theta > kept) above += weight * (theta - kept);
  }
  return { mean, above };
}

/** What the packing asks of a component. */
export function grainsOf(component: BlendComponent): Grains {
  return {
    packing: 1 - component.interparticleVoid,
    d50_mm: component.d50_mm,
    spread: component.spread,
    softness: component.softness ?? BLEND_DEFAULTS.softness,
  };
}
