import type { Active, Over } from '@dnd-kit/core';
import type { TrialPlot } from '@bent-pail/core';

/** A plot as it is called to whoever listens while it is dragged. */
const plotSaid = ({ data }: Active | Over): string =>
  `plot ${String((data.current as Partial<Pick<TrialPlot, 'number'>> | undefined)?.number ?? '')}`;

/** What a listener hears of dragging a plot: how it is done, and where it is. */
export const DRAG_SAID = {
  screenReaderInstructions: {
    draggable:
      'Press the space bar to pick the plot up, move it with the arrow keys, press the space bar again to set it down, or Escape to leave it where it was.',
  },
  announcements: {
    onDragStart: ({ active }: { readonly active: Active }): string => `You hold ${plotSaid(active)}.`,
    onDragOver: ({ over }: { readonly over: Over | null }): string =>
      over === null ? 'It is over no plot.' : `It is over ${plotSaid(over)}.`,
    onDragEnd: ({ active, over }: { readonly active: Active; readonly over: Over | null }): string =>
      over === null
        ? `You let go of ${plotSaid(active)} over no plot.`
        : `You set ${plotSaid(active)} down on ${plotSaid(over)}.`,
    onDragCancel: ({ active }: { readonly active: Active }): string => `${plotSaid(active)} stays where it was.`,
  },
};
