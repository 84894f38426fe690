import { gaussLegendre } from '../numeric';
import { diameterAt, type Container } from '../vessel';

/** Suctions in a drained container and weights that sum to one: the mean over a container is a dot product. */
export interface ContainerRule {
  readonly suctions_cm: readonly number[];
  readonly weights: readonly number[];
}

/** How finely a container is looked at: nodes on panels that halve towards the wet base, where a steep curve works. */
export interface Fineness {
  readonly nodes: number;
  readonly panels: number;
}

/** For a figure that is shown: exact to about 1e-9. */
export const QUADRATURE: Fineness = Object.freeze({ nodes: 12, panels: 22 });

/** For one of thousands of draws: exact to about 1e-4. */
export const QUICK_QUADRATURE: Fineness = Object.freeze({ nodes: 3, panels: 6 });

/**
 * Quadrature rule for a container: mean = integral f(z + h0) A(z) dz / integral A(z) dz, A from the frustum's radii, h0
 * the suction at its base. `breaks_cm` are suctions where f has a kink; panels end there. Exact to about 1e-9 for van Genuchten's curve
 * with n up to 10 and alpha up to 3 per cm.
 */
export function containerRule(
  container: Container,
  breaks_cm: readonly number[] = [],
  fineness: Fineness = QUADRATURE,
): ContainerRule {
  const unit = gaussLegendre(fineness.nodes);
  const height = container.height_cm;
  const base = container.baseSuction_cm ?? 0;
  const edges = [0, height];
  for (let k = 1; k <= fineness.panels; k += 1) edges.push(height * 2 ** -k);
  for (const at of breaks_cm) if (at > base && at < base + height) edges.push(at - base);
  edges.sort((a, b) => a - b);
  const suctions_cm: number[] = [];
  const weights: number[] = [];
  for (let p = 1; p < edges.length; p += 1) {
    const lo = edges[p - 1] as number;
    const half = ((edges[p] as number) - lo) / 2;
    if (half === 0) continue;
    unit.nodes.forEach((node, q) => {
      const z = lo + half * (1 + node);
      suctions_cm.push(z + base);
      weights.push((unit.weights[q] as number) * half * diameterAt(container, z) ** 2);
    });
  }
  const whole = weights.reduce((sum, weight) => sum + weight, 0);
  return { suctions_cm, weights: weights.map((weight) => weight / whole) };
}

/** Mean over a container of a function of the suction there. */
export function containerMean(rule: ContainerRule, f: (suction_cm: number) => number): number {
  return rule.suctions_cm.reduce((sum, h, i) => sum + (rule.weights[i] as number) * f(h), 0);
}
