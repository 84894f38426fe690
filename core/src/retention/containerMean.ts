import { gaussLegendre } from '../numeric';
import { diameterAt, type Container } from '../vessel';

/** Heights above the base and weights that sum to one: the mean over a container is a dot product. */
export interface ContainerRule {
  readonly heights_cm: readonly number[];
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
 * Quadrature rule for a container: mean = integral f(z) A(z) dz / integral A(z) dz, A from the frustum's radii.
 * `breaks_cm` are heights where f has a kink; panels end there. Exact to about 1e-9 for van Genuchten's curve
 * with n up to 10 and alpha up to 3 per cm.
 */
export function containerRule(
  container: Container,
  breaks_cm: readonly number[] = [],
  fineness: Fineness = QUADRATURE,
): ContainerRule {
  const unit = gaussLegendre(fineness.nodes);
  const height = container.height_cm;
  const edges = [0, height];
  for (let k = 1; k <= fineness.panels; k += 1) edges.push(height * 2 ** -k);
  for (const at of breaks_cm) if (at > 0 && at < height) edges.push(at);
  edges.sort((a, b) => a - b);
  const heights_cm: number[] = [];
  const weights: number[] = [];
  for (let p = 1; p < edges.length; p += 1) {
    const lo = edges[p - 1] as number;
    const half = ((edges[p] as number) - lo) / 2;
    if (half === 0) continue;
    unit.nodes.forEach((node, q) => {
      const z = lo + half * (1 + node);
      heights_cm.push(z);
      weights.push((unit.weights[q] as number) * half * diameterAt(container, z) ** 2);
    });
  }
  const whole = weights.reduce((sum, weight) => sum + weight, 0);
  return { heights_cm, weights: weights.map((weight) => weight / whole) };
}

/** Mean over a container of a function of the height above its base. */
export function containerMean(rule: ContainerRule, f: (z_cm: number) => number): number {
  return rule.heights_cm.reduce((sum, z, i) => sum + (rule.weights[i] as number) * f(z), 0);
}
