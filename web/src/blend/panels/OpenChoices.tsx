import { property, recipeCorners, isOpen, type Corner, type DeskResult, type PropertyKey } from '@bent-pail/core';
import type { RecipeLine } from '@bent-pail/contract';
import { useMemo, type ReactElement } from 'react';
import { useSession } from '../../shared/useSession';
import { ofProperty, unitOf } from '../../shared/units/ofProperty';
import { fixed } from '../../kit/format';
import { lineName, meaningOf, type DeskView } from '../desk/deskView';
import { useThought, type Question } from '../../shared/thinking/useThought';
import { Thinking } from '../../shared/thinking/Thinking';
import { Rows } from '../../kit/Rows';

const SHOWN = ['air', 'water', 'easilyAvailable', 'bulkDensity_gcc', 'pH', 'pricePerL'] as const;

/** Every way to settle what the recipe leaves open: the spread of each figure, and which way lies at its ends. */
export function OpenChoices({ view }: { readonly view: DeskView }): ReactElement {
  const { recipe, lots, blends, learnt } = view;
  const corners = useMemo(
    () =>
      recipeCorners(recipe.lines).flatMap((corner) => {
        const { input } = meaningOf({ ...recipe, lines: [...corner.lines] }, lots, blends, learnt);
        return input === undefined ? [] : [{ corner, input }];
      }),
    [recipe, lots, blends, learnt],
  );
  const ask = useMemo(
    (): Question<DeskResult[]> | undefined =>
      corners.length < 2 ? undefined : (thinker) => thinker.corners(corners.map(({ input }) => input)),
    [corners],
  );
  const thought = useThought(ask);
  const results = thought.answer;
  if (!isOpen(recipe.lines))
    return (
      <p className="text-ink2 mt-3 text-small">
        Nothing is left open. Type a range such as 2-3 into a line, or name under “more” what else would do, and every
        way is predicted here.
      </p>
    );
  return (
    <section aria-label="What is left open">
      <h2>
        What is left open <small>{corners.length} ways</small>
      </h2>
      {results === undefined ? (
        <Thinking thought={thought} />
      ) : (
        <Rows className="mt-1">
          <thead>
            <tr>
              <th scope="col">Figure</th>
              <th scope="col">least</th>
              <th scope="col">most</th>
              <th scope="col" className="text-left pl-4">
                least with
              </th>
            </tr>
          </thead>
          <tbody>
            {SHOWN.map((key) => (
              <SpreadRow
                key={key}
                name={key}
                ways={results.map(({ result }, i) => ({
                  value: result[key],
                  words: wordsOf(corners[i]?.corner, view),
                }))}
              />
            ))}
          </tbody>
        </Rows>
      )}
    </section>
  );
}

interface SpreadRowProps {
  readonly name: PropertyKey;
  readonly ways: readonly { readonly value: number | undefined; readonly words: string }[];
}

function SpreadRow({ name, ways }: SpreadRowProps): ReactElement | null {
  const { notebook } = useSession();
  const known = ways.flatMap(({ value, words }) => (value === undefined ? [] : [{ value, words }]));
  const sorted = [...known].sort((a, b) => a.value - b.value);
  const [least, most] = [sorted[0], sorted.at(-1)];
  if (least === undefined || most === undefined || known.length < ways.length) return null;
  const { label, digits } = property(name);
  const places = Math.min(digits, 2);
  return (
    <tr>
      <th scope="row">
        {label} <small className="figure">{unitOf(name, notebook.currency).sign}</small>
      </th>
      <td className="figure">{ofProperty(name, least.value, places)}</td>
      <td className="figure">{ofProperty(name, most.value, places)}</td>
      <td className="text-ink2 text-left pl-4">{least.words}</td>
    </tr>
  );
}

/** What was chosen, in words. */
function wordsOf(corner: Corner<RecipeLine> | undefined, { recipe, lots, blends }: DeskView): string {
  return (corner?.chosen ?? [])
    .map(({ line, parts, lotId, out }) => {
      const whole = recipe.lines[line];
      if (whole === undefined) return '';
      const name = lineName(lotId === undefined ? whole : { ...whole, lotId }, lots, blends);
      if (out === true) return `without ${lineName(whole, lots, blends)}`;
      return parts === undefined ? name : `${fixed(parts, Number.isInteger(parts) ? 0 : 1)} ${name}`;
    })
    .join(', ');
}
