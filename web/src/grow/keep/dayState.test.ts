import { describe, expect, it } from 'vitest';
import { plotId as plotIdOf, trialPageOf, trialReadingsOf } from '../../testing/trials';
import { dayCells, nextCell } from './dayState';

const page = trialPageOf();
const ON = '2026-11-24';

describe('the sheet of a day', () => {
  it('goes trait by trait along the blocks, or plot by plot', () => {
    const byTrait = dayCells(page, [], ON, 'trait');
    const byPlot = dayCells(page, [], ON, 'plot');
    expect(byTrait).toHaveLength(12 + 24 + 12);
    expect(byTrait.slice(0, 3).map(({ plot, trait }) => `${String(plot.number)} ${trait}`)).toEqual([
      '1 up',
      '2 up',
      '3 up',
    ]);
    expect(byPlot.slice(0, 4).map(({ plot, trait }) => `${String(plot.number)} ${trait}`)).toEqual([
      '1 up',
      '1 height',
      '1 height',
      '1 signs',
    ]);
    expect(new Set(byTrait.map(({ key }) => key))).toEqual(new Set(byPlot.map(({ key }) => key)));
  });

  it('knows what stands in a cell and what was read there the last time', () => {
    const cells = dayCells(page, trialReadingsOf(page, 7), ON, 'trait');
    const [height] = cells.filter(({ trait }) => trait === 'height');
    expect(height?.found).toBeUndefined();
    expect(height?.before).toMatchObject({ on: '2026-11-17', trait: 'height' });
    expect(dayCells(page, trialReadingsOf(page), ON, 'trait').every(({ found }) => found !== undefined)).toBe(true);
  });

  it('goes on to the next empty cell, round to those that were skipped, and stays at the end', () => {
    const readings = trialReadingsOf(page).filter(
      ({ on, plotId, trait }) => on === ON && !(trait === 'up' && [plotIdOf(1), plotIdOf(5)].includes(plotId)),
    );
    const cells = dayCells(page, readings, ON, 'trait');
    const keyOf = (plot: number) => `${plotIdOf(plot)} 0 up`;
    expect(nextCell(cells, keyOf(1))).toBe(keyOf(5));
    expect(nextCell(cells, keyOf(5))).toBe(keyOf(1));
    const full = dayCells(page, trialReadingsOf(page), ON, 'trait');
    expect(nextCell(full, keyOf(1))).toBe(keyOf(2));
    expect(nextCell(full, full.at(-1)?.key ?? '')).toBe(full.at(-1)?.key);
  });
});
