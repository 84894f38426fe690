import type { KeptTrialReading, TrialPage } from '@bent-pail/contract';
import { plannedCells, standingReadings, type DueCell, type TrialPlot, type TrialReading } from '@bent-pail/core';

export type Walk = 'trait' | 'plot';

/** A cell of the day's sheet: where, what, what stands in it, what was read there the last time. */
export interface DayCell extends DueCell {
  readonly key: string;
  readonly plot: TrialPlot;
  readonly found?: TrialReading;
  readonly before?: TrialReading;
}

export const cellKey = ({ plotId, plant, trait }: DueCell): string => `${plotId} ${String(plant)} ${trait}`;

/** The sheet of a day, in the order of the walk: one trait along all blocks, or each plot with all that is read of it. */
export function dayCells(
  page: TrialPage,
  readings: readonly (KeptTrialReading | TrialReading)[],
  on: string,
  walk: Walk,
): readonly DayCell[] {
  const plotOf = new Map(page.plots.map((plot) => [plot.id, plot]));
  const standing = standingReadings(readings);
  const here = new Map(standing.filter((one) => one.on === on).map((one) => [cellKey(one), one]));
  const before = new Map(
    standing
      .filter((one) => one.on < on)
      .sort((a, b) => a.on.localeCompare(b.on))
      .map((one) => [cellKey(one), one]),
  );
  const cells = plannedCells({ ...page, readings, seed: page.seed ?? 0 }, on).flatMap((cell): DayCell[] => {
    const plot = plotOf.get(cell.plotId);
    if (plot === undefined) return [];
    const key = cellKey(cell);
    const [found, last] = [here.get(key), before.get(key)];
    return [
      {
        ...cell,
        key,
        plot,
        ...(found === undefined ? {} : { found }),
        ...(last === undefined ? {} : { before: last }),
      },
    ];
  });
  if (walk === 'trait') return cells;
  // Cells of one trait come plot by plot already: a stable sort keeps the traits of a plot in their order.
  return [...cells].sort((a, b) => a.plot.number - b.plot.number);
}

/** The cell to fill after one: the next empty one, then the first empty one, then the next. */
export function nextCell(cells: readonly DayCell[], key: string): string | undefined {
  const at = cells.findIndex((cell) => cell.key === key);
  const isEmpty = (cell: DayCell): boolean => cell.found === undefined && cell.key !== key;
  return (cells.slice(at + 1).find(isEmpty) ?? cells.find(isEmpty) ?? cells[at + 1] ?? cells[at])?.key;
}
