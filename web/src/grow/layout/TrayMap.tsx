import { placesNow, type TrialMove, type TrialPlan, type TrialPlot } from '@bent-pail/core';
import type { CSSProperties, ReactElement, ReactNode } from 'react';

/** What a plot shows on a map. */
export interface PlotShown {
  readonly line: ReactNode;
  /** How far it stands out, from -1 to 1; absent: not at all. */
  readonly tint?: number;
  readonly isDim?: boolean;
  readonly isLit?: boolean;
}

interface TrayMapProps {
  readonly plan: TrialPlan;
  readonly plots: readonly TrialPlot[];
  readonly moves: readonly TrialMove[];
  readonly label: string;
  readonly shown: (plot: TrialPlot) => PlotShown;
  /** Wraps a plot in what can be done with it. */
  readonly around?: (plot: TrialPlot, cell: ReactElement) => ReactNode;
}

/** Water for more, earth for less: colour and sign together, so that it reads without colour. */
function tinted(tint: number | undefined): CSSProperties {
  if (tint === undefined || Math.abs(tint) < 0.05) return {};
  const part = `${String(Math.round(Math.min(1, Math.abs(tint)) * 55))}%`;
  return {
    backgroundColor: `color-mix(in oklab, var(${tint > 0 ? '--water' : '--solid-line'}) ${part}, var(--paper))`,
  };
}

/** Where everything stands now, block by block, as one sees it on the bench. */
export function TrayMap({
  plan,
  plots,
  moves,
  label,
  shown,
  around = (_plot, cell) => cell,
}: TrayMapProps): ReactElement {
  const now = placesNow(plots, moves);
  const blocks = Array.from({ length: plan.blocks }, (_, i) => i + 1);
  const inBlock = (block: number): readonly TrialPlot[] =>
    plots
      .filter(({ id }) => now.get(id)?.block === block)
      .sort((a, b) => (now.get(a.id)?.place ?? 0) - (now.get(b.id)?.place ?? 0));
  return (
    <ol aria-label={label} className="flex flex-col gap-2">
      {blocks.map((block) => (
        <li key={block} className="flex items-stretch gap-2">
          <span className="w-16 shrink-0 self-center text-small text-ink2">
            {plan.blockIs} {block}
          </span>
          <ul className="flex flex-1 flex-wrap gap-1">
            {inBlock(block).map((plot) => {
              const { line, tint, isDim = false, isLit = false } = shown(plot);
              return (
                <li key={plot.id} className="min-w-[70px] flex-1">
                  {around(
                    plot,
                    <div
                      style={tinted(tint)}
                      className={`h-full border-[1.5px] border-ink px-1.5 py-1 ${isLit ? 'bg-slab text-inverse' : 'bg-paper'} ${isDim ? 'border-dashed text-ink2' : ''}`}
                    >
                      <b className="figure block text-body leading-tight">{plot.number}</b>
                      <span className="block text-note leading-tight">{line}</span>
                    </div>,
                  )}
                </li>
              );
            })}
          </ul>
        </li>
      ))}
    </ol>
  );
}
