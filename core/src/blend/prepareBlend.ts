import { preparePacking, type PreparedPacking } from '../packing';
import { containerMean, containerRule, thetaAt, type ContainerRule } from '../retention';
import type { Container } from '../vessel';
import { BLEND_DEFAULTS, type BlendComponent } from './blendInput';

/** Suctions that a blend is judged by, cm: air is told at 10, easily available water is 10 to 50, the search ends at 100. */
export const BLEND_HEADS = Object.freeze({ drained: 10, easy: 50, last: 100 });

/** The ten suctions at which a blend's curve is reported, cm. */
export const CURVE_HEADS_CM: readonly number[] = Object.freeze([0, 1, 2, 5, 10, 20, 50, 100, 300, 1000]);

/** What one component contributes, worked out once for one container. */
interface PreparedComponent {
  readonly component: BlendComponent;
  readonly thetaDrained: number;
  readonly thetaEasy: number;
  readonly thetaLast: number;
  /** Mean water fraction over the container, alone. */
  readonly meanTheta: number;
  /** Mean over the container of max(0, theta(z) - theta(10 cm)). */
  readonly meanAboveDrained: number;
}

/** Components and container ready for any volumes. */
export interface PreparedBlend {
  readonly components: readonly PreparedComponent[];
  readonly packing: PreparedPacking;
  readonly container: Container;
  readonly rule: ContainerRule;
}

/** Everything of a blend that does not depend on its volumes. The input is already checked. */
export function prepareBlend(components: readonly BlendComponent[], container: Container): PreparedBlend {
  const rule = containerRule(container, [BLEND_HEADS.drained]);
  return {
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
    components: components.map((component) => {
      const thetaDrained = thetaAt(component.retention, BLEND_HEADS.drained);
      return {
        component,
        thetaDrained,
        thetaEasy: thetaAt(component.retention, BLEND_HEADS.easy),
        thetaLast: thetaAt(component.retention, BLEND_HEADS.last),
        meanTheta: containerMean(rule, (z) => thetaAt(component.retention, z)),
        meanAboveDrained: containerMean(rule, (z) => Math.max(0, thetaAt(component.retention, z) - thetaDrained)),
      };
    }),
  };
}
