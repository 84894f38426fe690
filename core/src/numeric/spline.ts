/**
 * Natural cubic spline through points, x rising; flat curvature at both ends.
 * Source: Press et al. (2007), Numerical Recipes, 3.3. Example: points of a line give the line.
 */
export function spline(x: readonly number[], y: readonly number[]): (at: number) => number {
  const count = x.length;
  const bend = new Array<number>(count).fill(0);
  const above = new Array<number>(count).fill(0);
  const right = new Array<number>(count).fill(0);
  const gap = (i: number): number => (x[i] as number) - (x[i - 1] as number);
  const rise = (i: number): number => ((y[i] as number) - (y[i - 1] as number)) / gap(i);
  for (let i = 1; i < count - 1; i += 1) {
    const pivot = 2 * (gap(i) + gap(i + 1)) - gap(i) * (above[i - 1] as number);
    above[i] = gap(i + 1) / pivot;
    right[i] = (6 * (rise(i + 1) - rise(i)) - gap(i) * (right[i - 1] as number)) / pivot;
  }
  for (let i = count - 2; i > 0; i -= 1)
    bend[i] = (right[i] as number) - (above[i] as number) * (bend[i + 1] as number);
  return (at) => {
    let i = 1;
    while (i < count - 1 && (x[i] as number) < at) i += 1;
    const h = gap(i);
    const [a, b] = [((x[i] as number) - at) / h, (at - (x[i - 1] as number)) / h];
    const straight = a * (y[i - 1] as number) + b * (y[i] as number);
    return straight + (((a ** 3 - a) * (bend[i - 1] as number) + (b ** 3 - b) * (bend[i] as number)) * h * h) / 6;
  };
}
