import { describe, expect, it } from 'vitest';
import { cellsLeft, dayAfter, nextDay, plannedCells, plotsOf, pulledPlants } from '.';
import { SMALL_PLAN, smallTrial } from './fixtures/smallTrial';

const whole = smallTrial();

describe('a day of readings', () => {
  const kept = { ...whole, seed: 11 };

  it('has one cell a plant and one a plot, in the order of a walk', () => {
    const cells = plannedCells(kept, dayAfter('2026-04-01', 14));
    expect(cells).toHaveLength(12 * 3 + 12);
    expect(cells.slice(0, 4).map(({ plotId, plant }) => `${plotId} ${String(plant)}`)).toEqual([
      'p1 1',
      'p1 2',
      'p1 3',
      'p2 1',
    ]);
    expect(plannedCells(kept, dayAfter('2026-04-01', 15))).toEqual([]);
  });

  it('asks no more of a plant that was dead before, of a plot that is out, of plants that were pulled', () => {
    const dead = {
      plotId: 'p1',
      plant: 2,
      trait: 'height' as const,
      on: dayAfter('2026-04-01', 14),
      state: 'dead' as const,
    };
    const later = dayAfter('2026-04-01', 21);
    const usual = plannedCells(kept, later).length;
    expect(plannedCells({ ...kept, readings: [...kept.readings, dead] }, later)).toHaveLength(usual - 1);
    expect(plannedCells({ ...kept, out: [{ plotId: 'p3' }] }, later)).toHaveLength(usual - 4);
    const plan = { ...SMALL_PLAN, pull: { each: 1, age_d: 20 } };
    expect(plannedCells({ ...kept, plan }, later)).toHaveLength(usual - 12);
  });

  it('counts what is left, and knows the next day', () => {
    const day = dayAfter('2026-04-01', 14);
    // Signs of the twelve plots.
    expect(cellsLeft(kept, day)).toEqual({ planned: 48, left: 12 });
    expect(nextDay(SMALL_PLAN, dayAfter('2026-04-01', 8))).toBe(day);
    expect(nextDay(SMALL_PLAN, dayAfter('2026-04-01', 22))).toBeUndefined();
  });

  it('draws the plants that are pulled by lot, the same ones whenever it is asked', () => {
    expect(pulledPlants(11, 4, 6, 2)).toEqual(pulledPlants(11, 4, 6, 2));
    const counts = new Array<number>(6).fill(0);
    for (let plot = 1; plot <= 600; plot += 1)
      for (const plant of pulledPlants(11, plot, 6, 2)) counts[plant - 1] = (counts[plant - 1] as number) + 1;
    for (const count of counts) expect(Math.abs(count - 200)).toBeLessThan(60);
  });
});

describe('where plots stand', () => {
  it('is another draw for each species, numbered along the blocks', () => {
    const plan = {
      ...SMALL_PLAN,
      species: [...SMALL_PLAN.species, { key: 'lettuce', name: 'Lettuce', seeds: 8, plants: 2, weight: 1 }],
    };
    const plots = plotsOf(plan, 5);
    expect(plots.map(({ number }) => number)).toEqual(plots.map((_, i) => i + 1));
    expect(plots.filter(({ block }) => block === 2)).toHaveLength(6);
    const order = (species: string) => plots.filter((plot) => plot.species === species).map(({ arm }) => arm);
    expect(order('cress')).not.toEqual(order('lettuce'));
    expect(plotsOf(plan, 5)).toEqual(plots);
  });
});
