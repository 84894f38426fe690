import type { Recipe } from '@bent-pail/contract';
import { parseNumber } from '@bent-pail/core';
import { useState, type ReactElement } from 'react';
import { Choice, type Option } from '../../kit/Choice';
import { LOW_BOX } from '../../kit/box';

interface ModelChoiceProps {
  readonly recipe: Recipe;
  readonly onRecipe: (recipe: Recipe) => void;
}

const MODELS: readonly Option<Recipe['model']>[] = [
  { key: 'packing', words: 'packing' },
  { key: 'average', words: 'plain average' },
  { key: 'measured', words: 'measured shrink' },
];

/** How careful the volumes are: the part that a line may be off. */
const SCOOPS = [
  { share: 0.03, words: 'by the scoop, ±3 %' },
  { share: 0.1, words: 'roughly, ±10 %' },
  { share: 0.25, words: 'by eye, ±25 %' },
] as const;

/** By which model the parts settle into each other, and how the volumes were measured out. */
export function ModelChoice({ recipe, onRecipe }: ModelChoiceProps): ReactElement {
  const [typed, setTyped] = useState<string>();
  return (
    <span className="flex flex-col">
      <Choice
        label="Mixing model"
        look="bare"
        value={recipe.model}
        options={MODELS}
        onChange={(model) => {
          const { shrink, ...others } = recipe;
          onRecipe(model === 'measured' ? { ...others, model, shrink: shrink ?? 0.1 } : { ...others, model });
        }}
      />
      {recipe.model === 'measured' && (
        <label className="flex items-center gap-1">
          <input
            className={`${LOW_BOX} figure w-14`}
            inputMode="decimal"
            aria-label="Measured shrink, percent"
            value={typed ?? String(Number((100 * (recipe.shrink ?? 0)).toFixed(1)))}
            onChange={(event) => {
              setTyped(event.target.value);
              const read = parseNumber(event.target.value);
              if (read.kind === 'number' && read.value >= 0 && read.value < 90)
                onRecipe({ ...recipe, shrink: read.value / 100 });
            }}
            onBlur={() => {
              setTyped(undefined);
            }}
          />
          %
        </label>
      )}
      <Choice
        label="How volumes are measured"
        look="bare"
        className="text-small font-normal"
        value={String(recipe.scoopShare ?? SCOOPS[0].share)}
        options={SCOOPS.map(({ share, words }) => ({ key: String(share), words }))}
        onChange={(share) => {
          onRecipe({ ...recipe, scoopShare: Number(share) });
        }}
      />
    </span>
  );
}
