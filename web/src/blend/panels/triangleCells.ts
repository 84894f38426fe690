import type { SweptFigures, TrianglePoint } from '@bent-pail/core';

/** Side and height of the drawn triangle, px. */
export const SIDE = 300;
export const TRIANGLE_HEIGHT = (SIDE * Math.sqrt(3)) / 2;

export interface Cell {
  readonly shape: string;
  readonly value: number;
}

/** Small triangles between neighbouring points, each at the mean of its corners; none where a value is not known. */
export function cellsOf(points: readonly TrianglePoint[], key: keyof SweptFigures, steps: number): Cell[] {
  // Rows run from all of the first to all of the third; row c has steps - c + 1 points.
  const start = (c: number): number => c * (steps + 1) - (c * (c - 1)) / 2;
  const point = (b: number, c: number): { x: number; y: number; value: number | undefined } => ({
    x: (SIDE * (b + c / 2)) / steps,
    y: TRIANGLE_HEIGHT * (1 - c / steps),
    value: points[start(c) + b]?.figures[key],
  });
  const cells: Cell[] = [];
  const add = (corners: readonly ReturnType<typeof point>[]): void => {
    const values = corners.flatMap(({ value }) => (value === undefined ? [] : [value]));
    if (values.length < 3) return;
    const shape = corners.map(({ x, y }, i) => `${i === 0 ? 'M' : 'L'}${x.toFixed(1)} ${y.toFixed(1)}`).join('');
    cells.push({ shape: `${shape}Z`, value: values.reduce((sum, value) => sum + value, 0) / 3 });
  };
  for (let c = 0; c < steps; c += 1) {
    for (let b = 0; b < steps - c; b += 1) {
      add([point(b, c), point(b + 1, c), point(b, c + 1)]);
      if (b < steps - c - 1) add([point(b + 1, c), point(b + 1, c + 1), point(b, c + 1)]);
    }
  }
  return cells;
}

/** From light to dark, never quite empty and never so dark that an outline is lost. */
export function shadeOf(value: number, lo: number, hi: number): number {
  return hi > lo ? 0.05 + (0.7 * (value - lo)) / (hi - lo) : 0.3;
}

export function inWindow(value: number, [lo, hi]: readonly [number | null, number | null]): boolean {
  return (lo === null || value >= lo) && (hi === null || value <= hi);
}
