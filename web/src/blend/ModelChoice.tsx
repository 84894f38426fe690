import type { Recipe } from '@bent-pail/contract';
import { parseNumber } from '@bent-pail/core';
import { useState, type ReactElement } from 'react';

interface ModelChoiceProps {
  readonly recipe: Recipe;
  readonly onRecipe: (recipe: Recipe) => void;
}

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
      <select
        aria-label="Mixing model"
        className="min-h-8 bg-transparent font-semibold"
        value={recipe.model}
        onChange={(event) => {
          const model = event.target.value as Recipe['model'];
          const { shrink, ...others } = recipe;
          onRecipe(model === 'measured' ? { ...others, model, shrink: shrink ?? 0.1 } : { ...others, model });
        }}
      >
        <option value="packing">packing</option>
        <option value="average">plain average</option>
        <option value="measured">measured shrink</option>
      </select>
      {recipe.model === 'measured' && (
        <label className="flex items-center gap-1">
          <input
            className="box f !min-h-8 w-14"
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
      <select
        aria-label="How volumes are measured"
        className="min-h-8 bg-transparent text-[14px]"
        value={String(recipe.scoopShare ?? SCOOPS[0].share)}
        onChange={(event) => {
          onRecipe({ ...recipe, scoopShare: Number(event.target.value) });
        }}
      >
        {SCOOPS.map(({ share, words }) => (
          <option key={share} value={share}>
            {words}
          </option>
        ))}
      </select>
    </span>
  );
}
