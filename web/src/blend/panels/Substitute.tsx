import { property, type CloseProperty, type PropertyKey, type Swap } from '@bent-pail/core';
import { useQuery } from '@tanstack/react-query';
import { useMemo, useState, type ReactElement } from 'react';
import { changeOf, perVolume } from '../../shared/units/ofProperty';
import { fixed } from '../../kit/format';
import { plantsQuery } from '../../shared/resources/guides';
import { useSession } from '../../shared/useSession';
import type { DeskView } from '../desk/deskView';
import { keptFor } from '../recipe/keptFor';
import { useThought, type Question } from '../../shared/thinking/useThought';
import { Thinking } from '../../shared/thinking/Thinking';
import { Choice } from '../../kit/Choice';
import { Rows } from '../../kit/Rows';
import { Button } from '../../kit/Button';

/** What could stand in for a lot that is missing, nearest first, and what would change. */
export function Substitute({ view }: { readonly view: DeskView }): ReactElement {
  const [missing, setMissing] = useState('');
  const line = view.used.findIndex(({ lotId }) => lotId === missing);
  return (
    <section aria-label="A substitute">
      <h2 className="flex flex-wrap items-baseline gap-3">
        If one is missing{' '}
        <Choice
          label="The lot that is missing"
          look="unseen"
          className="font-normal"
          value={missing}
          options={view.used.map(({ lotId, lot }) => ({ key: lotId, words: `${lot.name}, ${lot.code}` }))}
          onChange={setMissing}
        />
      </h2>
      {line >= 0 && <Swaps view={view} line={line} />}
    </section>
  );
}

const SHOWN = 4;
const CHANGES = ['air', 'water', 'bulkDensity_gcc', 'pH'] as const satisfies readonly CloseProperty[];

function Swaps({ view, line }: { readonly view: DeskView; readonly line: number }): ReactElement {
  const { notebook } = useSession();
  const plants = useQuery(plantsQuery).data ?? [];
  const { input, lots, used, profile, recipe } = view;
  const others = useMemo(
    () =>
      lots.filter(
        ({ component, kind, origin, stock_L, id }) =>
          component !== undefined &&
          kind === 'material' &&
          origin.kind !== 'batch' &&
          stock_L !== 0 &&
          !used.some(({ lotId }) => lotId === id),
      ),
    [lots, used],
  );
  const ask = useMemo((): Question<Swap[]> => {
    const components = others.flatMap(({ component }) => (component === undefined ? [] : [component]));
    return (thinker) => thinker.substitutes(input, line, components, profile);
  }, [others, input, line, profile]);
  const thought = useThought(ask);
  const swaps = thought.answer;
  if (swaps === undefined) return <Thinking thought={thought} />;
  const take = (swap: Swap): void => {
    const lotId = others[swap.lot]?.id;
    if (lotId === undefined) return;
    const gone = used[line];
    const own = recipe.lines.find((one) => one.lotId === gone?.lotId);
    const taken = { lotId, parts: swap.parts };
    // A line of the recipe is swapped where it stands; inside a blend the recipe is taken apart to its lots first.
    view.setLines(
      own !== undefined && own.parts === gone?.parts
        ? recipe.lines.map((one) => (one === own ? taken : one))
        : used.map((one) => (one === gone ? taken : { lotId: one.lotId, parts: one.parts })),
    );
  };
  return (
    <Rows className="mt-1">
      <thead>
        <tr>
          <th scope="col">Instead</th>
          {CHANGES.map((key) => (
            <th key={key} scope="col">
              {property(key).label.split(',')[0]}
            </th>
          ))}
          <th scope="col">{perVolume()} made</th>
          {profile !== undefined && <th scope="col">off by</th>}
          <td />
        </tr>
      </thead>
      <tbody>
        {swaps.slice(0, SHOWN).map((swap) => (
          <tr key={swap.lot}>
            <th scope="row">
              <span className="figure">{fixed(swap.parts, Number.isInteger(swap.parts) ? 0 : 2)}</span>{' '}
              {others[swap.lot]?.name}
              <small>{keptFor(others[swap.lot]?.id ?? '', plants)}</small>
            </th>
            {CHANGES.map((key) => (
              <td key={key} className="figure">
                {changeSaid(key, swap.changes[key])}
              </td>
            ))}
            <td className="figure">
              {swap.changes.pricePerL === undefined
                ? ''
                : `${notebook.currency}${changeOf('pricePerL', swap.changes.pricePerL, 2)}`}
            </td>
            {profile !== undefined && (
              <td className="figure">{swap.loss === undefined ? 'out' : fixed(swap.loss, 2)}</td>
            )}
            <td>
              <Button
                look="low"
                onClick={() => {
                  take(swap);
                }}
              >
                Swap
              </Button>
            </td>
          </tr>
        ))}
      </tbody>
    </Rows>
  );
}

const changeSaid = (key: PropertyKey, change: number | undefined): string =>
  change === undefined ? '·' : changeOf(key, change, Math.min(2, property(key).digits));
