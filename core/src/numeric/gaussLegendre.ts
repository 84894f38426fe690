/** Nodes and weights of Gauss-Legendre quadrature on -1..1. */
export interface Rule {
  readonly nodes: readonly number[];
  readonly weights: readonly number[];
}

/**
 * The rule with `count` nodes, by Newton's iteration on the Legendre polynomial
 * (Press et al. 2007, Numerical Recipes, 4.6); exact for polynomials up to degree 2 count - 1.
 */
export function gaussLegendre(count: number): Rule {
  const nodes: number[] = [];
  const weights: number[] = [];
  for (let i = 1; i <= count; i += 1) {
    let x = Math.cos((Math.PI * (i - 0.25)) / (count + 0.5));
    let slope = 1;
    for (let step = 0; step < 100; step += 1) {
      let previous = 0;
      let value = 1;
      for (let j = 1; j <= count; j += 1) {
        const older = previous;
        previous = value;
        value = ((2 * j - 1) * x * previous - (j - 1) * older) / j;
      }
      slope = (count * (x * value - previous)) / (x * x - 1);
      const move = value / slope;
      x -= move;
      if (Math.abs(move) < 1e-16) break;
    }
    nodes.push(x);
    weights.push(2 / ((1 - x * x) * slope * slope));
  }
  return { nodes, weights };
}
