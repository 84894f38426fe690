import type { TrianglePoint } from '@bent-pail/core';
import { describe, expect, it } from 'vitest';
import { cellsOf, inWindow, shadeOf } from './triangleCells';
import { roundRange, sweepChart } from './sweepChart';

const STEPS = 3;
/** Air that is the share of the second, water that of the third. */
const points: TrianglePoint[] = [];
for (let c = 0; c <= STEPS; c += 1)
  for (let b = 0; b <= STEPS - c; b += 1) {
    const shares = [(STEPS - b - c) / STEPS, b / STEPS, c / STEPS] as const;
    const figures = { air: shares[1], water: shares[2], easilyAvailable: 0, bulkDensity_gcc: 0, shrink: 0 };
    points.push({ shares, figures });
  }

describe('cells of a triangle', () => {
  const cells = cellsOf(points, 'air', STEPS);

  it('fill it: steps squared of them, with a mean of a third', () => {
    expect(cells).toHaveLength(STEPS * STEPS);
    expect(cells.reduce((sum, { value }) => sum + value, 0) / cells.length).toBeCloseTo(1 / 3, 9);
  });

  it('each stand at the mean of their corners', () => {
    const corner = cells.find(({ shape }) => shape.startsWith('M0.0'));
    expect(corner?.value).toBeCloseTo(1 / 9, 9);
  });

  it('are none where a value is not known', () => {
    expect(cellsOf(points, 'pH', STEPS)).toEqual([]);
  });

  it('darken with the value and show the window', () => {
    expect(shadeOf(2, 1, 2)).toBeGreaterThan(shadeOf(1, 1, 2));
    expect(shadeOf(1, 1, 1)).toBeGreaterThan(0);
    expect([inWindow(0.2, [0.2, 0.3]), inWindow(0.31, [0.2, 0.3]), inWindow(9, [0.2, null])]).toEqual([
      true,
      false,
      true,
    ]);
  });
});

describe('a sweep as a chart', () => {
  const ink = { ink: 'black', zinc2: 'grey' } as never;
  const chart = (target?: { ideal: [number | null, number | null] }) =>
    sweepChart({
      points: [0, 0.5, 1].map((share) => ({
        share,
        figures: { air: 0.1 + share / 5, water: 0.5, easilyAvailable: 0.2, bulkDensity_gcc: 0.3, shrink: 0 },
      })),
      key: 'air',
      target: target === undefined ? undefined : { property: 'air', weight: 1, limits: [0, 1], method: '', ...target },
      now: 0.5,
    })(ink) as { yAxis: { min: number; max: number }; series: { data: number[][]; markArea?: { data: object[][] } }[] };

  it('runs from none to all on round ends', () => {
    const { yAxis, series } = chart();
    expect(series[0]?.data.map(([share]) => share)).toEqual([0, 50, 100]);
    expect([yAxis.min, yAxis.max].map((end) => end.toFixed(2))).toEqual(['0.10', '0.30']);
    expect(series[0]).not.toHaveProperty('markArea');
  });

  it('shades the window as far as the chart reaches', () => {
    expect(chart({ ideal: [0.2, 0.9] }).series[0]?.markArea?.data).toEqual([
      [{ yAxis: 0.2 }, { yAxis: expect.closeTo(0.3, 9) as number }],
    ]);
  });

  it('never has no height', () => {
    expect(roundRange([0.4, 0.4], 0.1)[1]).toBeGreaterThan(roundRange([0.4, 0.4], 0.1)[0]);
  });
});
