import type { TrialPage } from '@bent-pail/contract';
import {
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useDraggable,
  useDroppable,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import type { TrialPlot } from '@bent-pail/core';
import { useState, type ReactElement } from 'react';
import { ButtonLink } from '../../kit/Button';
import { day } from '../../kit/format';
import { CautionStrip } from '../../shared/CautionStrip';
import { useSession, useWorks } from '../../shared/useSession';
import { cautionsAt } from '../cautionsAt';
import { DRAG_SAID } from './dragSaid';
import { MoveForm } from './MoveForm';
import { TrayMap } from './TrayMap';

/** Where everything stands: the map, a plot dragged onto another where they changed places, what is printed. */
export function MapPart({ page }: { readonly page: TrialPage }): ReactElement {
  const works = useWorks();
  const { notebook } = useSession();
  const [pair, setPair] = useState<readonly [string, string]>();
  const mayMove = works && page.state === 'running';
  const out = new Set(page.out.map(({ plotId }) => plotId));
  const nameOf = (plot: TrialPlot): string => page.plan.arms.find(({ key }) => key === plot.arm)?.name ?? '';
  const numberOf = (id: string): string => String(page.plots.find((plot) => plot.id === id)?.number ?? '');
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor),
  );
  const dropped = ({ active, over }: DragEndEvent): void => {
    if (over !== null && over.id !== active.id) setPair([String(active.id), String(over.id)]);
  };
  return (
    <section className="px-5 py-4" aria-label="Where it stands">
      {page.state === 'running' && cautionsAt('sow').map((caution) => <CautionStrip key={caution} caution={caution} />)}
      <div className="mt-2 mb-3 flex flex-wrap items-center gap-3">
        <ButtonLink to={`/grow/${page.id}/map`}>Map and sowing list on paper</ButtonLink>
        <ButtonLink to={`/grow/${page.id}/labels`}>Labels</ButtonLink>
        <p className="text-small text-ink2">
          Drawn by lot with the seed <span className="figure">{page.seed}</span>.
          {mayMove && ' Drag a plot onto the one that it changed places with.'}
        </p>
      </div>
      <DndContext sensors={sensors} onDragEnd={dropped} accessibility={{ ...DRAG_SAID, restoreFocus: true }}>
        <TrayMap
          plan={page.plan}
          plots={page.plots}
          moves={page.moves}
          label="Map of the trial"
          shown={(plot) => ({
            line: page.plan.species.length > 1 ? `${nameOf(plot)}, ${speciesOf(page, plot)}` : nameOf(plot),
            isDim: out.has(plot.id),
          })}
          {...(mayMove
            ? { around: (plot: TrialPlot, cell: ReactElement) => <Movable plot={plot}>{cell}</Movable> }
            : {})}
        />
      </DndContext>
      {mayMove && (
        <MoveForm
          key={pair?.join(' ') ?? 'none'}
          page={page}
          pair={pair}
          onDone={() => {
            setPair(undefined);
          }}
        />
      )}
      {page.moves.length > 0 && (
        <ul className="mt-4 text-small" aria-label="Moves">
          {page.moves.map(({ plotId, withId, on, reason, by }, i) => (
            <li key={i}>
              {day(on, notebook.zone)}: plot {numberOf(plotId)} with plot {numberOf(withId)}, {reason} ({by})
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

const speciesOf = ({ plan }: TrialPage, { species }: TrialPlot): string =>
  plan.species.find(({ key }) => key === species)?.name ?? '';

/** A plot that can be picked up and dropped on another, by pointer or with Space and arrows. */
function Movable({ plot, children }: { readonly plot: TrialPlot; readonly children: ReactElement }): ReactElement {
  const { attributes, listeners, setNodeRef, transform } = useDraggable({ id: plot.id, data: plot });
  const { setNodeRef: setDrop, isOver } = useDroppable({ id: plot.id, data: plot });
  return (
    <div ref={setDrop} className={`h-full ${isOver ? 'outline-3 outline-ink' : ''}`}>
      <div
        ref={setNodeRef}
        {...attributes}
        {...listeners}
        aria-label={`Plot ${String(plot.number)}`}
        className="relative h-full min-h-11 cursor-grab touch-none"
        style={
          transform === null
            ? {}
            : { transform: `translate(${String(transform.x)}px, ${String(transform.y)}px)`, zIndex: 5 }
        }
      >
        {children}
      </div>
    </div>
  );
}
