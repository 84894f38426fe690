import type { TrialPage } from '@bent-pail/contract';
import type { ReactElement } from 'react';
import { Rows } from '../../kit/Rows';
import { TrayMap } from '../layout/TrayMap';
import { traitSaid } from '../../shared/trials/traitSaid';
import { valueSaid } from './CellNow';
import type { DayCell } from './dayState';

/** As many as one looks back at. */
const LOOKED_BACK = 5;

/** The last cells that were filled, so that a slip is seen at once. */
export function JustKept({
  cells,
  waiting,
}: {
  readonly cells: readonly DayCell[];
  readonly waiting: readonly string[];
}): ReactElement | null {
  const last = cells
    .flatMap((cell) =>
      cell.found === undefined ? [] : [{ cell, id: 'id' in cell.found ? String(cell.found.id) : '' }],
    )
    // Ids are made in the order of time.
    .sort((a, b) => b.id.localeCompare(a.id))
    .slice(0, LOOKED_BACK);
  if (last.length === 0) return null;
  return (
    <section aria-label="Just read" className="mt-5">
      <h2 className="text-head">Just read</h2>
      <Rows className="mt-1 max-w-md text-body">
        <tbody>
          {last.map(({ cell, id }) => (
            <tr key={cell.key}>
              <th scope="row">
                Plot <span className="figure">{cell.plot.number}</span>
                {cell.plant > 0 && `, plant ${String(cell.plant)}`}
              </th>
              <td className="text-left">{traitSaid(cell.trait)}</td>
              <td className="figure">{valueSaid(cell, cell.found)}</td>
              <td className="w-20 text-small text-ink2">{waiting.includes(id) ? 'waits' : 'kept'}</td>
            </tr>
          ))}
        </tbody>
      </Rows>
    </section>
  );
}

interface ProgressProps {
  readonly page: TrialPage;
  readonly cells: readonly DayCell[];
  readonly lit: DayCell;
  readonly onAt: (key: string) => void;
}

/** The bench with what is read of each plot; pressing one goes there. */
export function Progress({ page, cells, lit, onAt }: ProgressProps): ReactElement {
  const ofPlot = (id: string): readonly DayCell[] => cells.filter(({ plotId }) => plotId === id);
  return (
    <div className="mt-3">
      <TrayMap
        plan={page.plan}
        plots={page.plots}
        moves={page.moves}
        label="Plots"
        shown={({ id }) => {
          const own = ofPlot(id);
          const done = own.filter(({ found }) => found !== undefined).length;
          return {
            line: own.length === 0 ? '–' : `${String(done)}/${String(own.length)}`,
            isDim: own.length === 0,
            isLit: id === lit.plotId,
            tint: own.length > 0 && done === own.length ? 0.5 : 0,
          };
        }}
        around={(plot, cell) => (
          <button
            type="button"
            className="block h-full min-h-11 w-full text-left"
            aria-label={`Go to plot ${String(plot.number)}`}
            disabled={ofPlot(plot.id).length === 0}
            onClick={() => {
              const own = ofPlot(plot.id);
              onAt((own.find(({ found }) => found === undefined) ?? own[0] ?? lit).key);
            }}
          >
            {cell}
          </button>
        )}
      />
    </div>
  );
}
