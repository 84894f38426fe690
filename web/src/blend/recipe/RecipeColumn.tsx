import type { Recipe, RecipeLine } from '@bent-pail/contract';
import { fillRest, type DeskResult } from '@bent-pail/core';
import { useState, type ReactElement } from 'react';
import type { BlendDraft } from '../../shared/blends/draftStore';
import { lineKey, lineName } from '../desk/deskView';
import { useMeasures } from '../../shared/useSession';
import { AddLine } from './AddLine';
import { Additives } from './Additives';
import { RecipeRow } from './RecipeRow';
import { Settled } from './Settled';
import { ShownIn, shownAmounts, type Shown } from './ShownIn';
import type { Larder } from '../../shared/larder/useLarder';
import { undoable } from '../../kit/toasts';
import { later } from '../../kit/later';

// Reading a recipe takes all the names there are.
const PasteRecipe = later(async () => (await import('./PasteRecipe')).PasteRecipe, null);

interface RecipeColumnProps {
  readonly draft: BlendDraft;
  readonly draftKey: string;
  readonly larder: Larder;
  readonly result: DeskResult | undefined;
  readonly onRecipe: (recipe: Recipe) => void;
}

/** The recipe as it is written, in any unit, and how much of it is left once it has settled into itself. */
export function RecipeColumn({ draft, draftKey, larder, result, onRecipe }: RecipeColumnProps): ReactElement {
  const { lots, blends } = larder;
  const { recipe } = draft;
  const { lines } = recipe;
  const sizes = useMeasures();
  const [shown, setShown] = useState<Shown>({ unit: 'part' });
  const setLines = (next: readonly RecipeLine[]): void => {
    onRecipe({ ...recipe, lines: fillRest(next, recipe.whole) });
  };
  const amounts = shownAmounts(lines, shown, recipe.part_L, sizes);
  const names = lines.map((line) => lineName(line, lots, blends));
  return (
    <section aria-label="Recipe">
      <h2 className="flex items-baseline justify-between">
        Recipe <small>by loose volume</small>
      </h2>
      <ShownIn
        shown={shown}
        part_L={recipe.part_L}
        onShown={setShown}
        onPart={(part_L) => {
          onRecipe({ ...recipe, part_L });
        }}
      />
      <ul className="mt-1">
        {lines.map((line, i) => (
          <RecipeRow
            key={lineKey(line)}
            line={line}
            name={names[i] ?? ''}
            lots={lots}
            blends={blends}
            part_L={recipe.part_L}
            others={lines.reduce((sum, one, at) => sum + (at === i || one.onTop === true ? 0 : one.parts), 0)}
            amount={shown.unit === 'part' ? undefined : amounts?.[i]}
            unit={shown.unit}
            onLine={(next) => {
              setLines(lines.map((one, at) => (at === i ? next : one)));
            }}
            onRemove={() => {
              const before = recipe;
              setLines(lines.filter((_, at) => at !== i));
              undoable(`${names[i] ?? 'A line'} is taken out.`, () => {
                onRecipe(before);
              });
            }}
          />
        ))}
      </ul>
      <AddLine
        lots={lots.filter((lot) => lot.component !== undefined && !lines.some((line) => line.lotId === lot.id))}
        used={lines.flatMap(({ lotId }) => lotId ?? [])}
        blends={blends.filter(
          ({ id, latest }) => id !== draftKey && !lines.some(({ blend }) => blend?.id === id && blend.n === latest.n),
        )}
        onAdd={(line) => {
          setLines([...lines, { ...line, parts: lines.length === 0 ? 3 : 1 }]);
        }}
      />
      <PasteRecipe
        blends={blends.filter(({ id }) => id !== draftKey)}
        onTake={(taken) => {
          const before = recipe;
          onRecipe({ ...recipe, ...taken });
          undoable('The written recipe is on the desk.', () => {
            onRecipe(before);
          });
        }}
      />
      <Additives recipe={recipe} onRecipe={onRecipe} />
      {result !== undefined && <Settled lines={lines} names={names} result={result} />}
    </section>
  );
}
