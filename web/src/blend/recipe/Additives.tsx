import type { Recipe, RecipeAdditive } from '@bent-pail/contract';
import { EQUIVALENTS } from '@bent-pail/core';
import { useState, type ReactElement } from 'react';
import { BodyForm } from '../../shared/forms/BodyForm';
import { TextField } from '../../shared/forms/fields';
import { maybeNumber, typedNumber } from '../../shared/forms/Mistyped';
import { useBodyForm } from '../../shared/forms/useBodyForm';
import { fixed } from '../../kit/format';
import { Button } from '../../kit/Button';

interface AdditivesProps {
  readonly recipe: Recipe;
  readonly onRecipe: (recipe: Recipe) => void;
}

/** Powders by weight: they change food and price, not volume. Lime and sulphur stand above, as they move the pH. */
export function Additives({ recipe, onRecipe }: AdditivesProps): ReactElement {
  const [open, setOpen] = useState(false);
  const additives = recipe.additives ?? [];
  const set = (next: readonly RecipeAdditive[]): void => {
    onRecipe({ ...recipe, additives: [...next] });
  };
  const { lime_meqPerL: lime } = recipe;
  return (
    <section className="mt-2" aria-label="Powders by weight">
      <ul className="text-small">
        {lime !== 0 && (
          <li className="text-ink2">
            {lime > 0
              ? `ground limestone, pure: ${fixed((lime * EQUIVALENTS.caco3_gPerEq) / 1000, 2)} g/L`
              : `sulphur: ${fixed((-lime * EQUIVALENTS.sulphur_gPerEq) / 1000, 2)} g/L`}
          </li>
        )}
        {additives.map((one, i) => (
          <li key={`${one.name}${String(i)}`} className="flex items-baseline justify-between gap-2">
            <span>
              {one.name}, <span className="figure">{fixed(one.gPerL, 1)}</span> g/L
              {one.n_percent === undefined ? '' : `, ${fixed(one.n_percent, 0)} % N`}
            </span>
            <Button
              look="small"
              aria-label={`Take ${one.name} out`}
              onClick={() => {
                set(additives.filter((_, at) => at !== i));
              }}
            >
              take out
            </Button>
          </li>
        ))}
      </ul>
      {open ? (
        <NewAdditive
          onAdd={(additive) => {
            set([...additives, additive]);
            setOpen(false);
          }}
        />
      ) : (
        <Button
          look="small"
          onClick={() => {
            setOpen(true);
          }}
        >
          Add a powder by weight
        </Button>
      )}
    </section>
  );
}

function NewAdditive({ onAdd }: { readonly onAdd: (additive: RecipeAdditive) => void }): ReactElement {
  const form = useBodyForm({
    body: 'RecipeAdditive',
    start: { name: '', gPerL: '', n_percent: '', pricePerKg: '' },
    read: ({ name, gPerL, n_percent, pricePerKg }): RecipeAdditive => ({
      name: name.trim(),
      gPerL: typedNumber(gPerL, 'gPerL'),
      ...maybeNumber(n_percent, 'n_percent'),
      ...maybeNumber(pricePerKg, 'pricePerKg'),
    }),
    // It is kept with its recipe.
    send: (additive) => Promise.resolve(additive),
    onKept: onAdd,
  });
  return (
    <BodyForm form={form} label="Another powder" className="mt-1 grid grid-cols-2 gap-2">
      <TextField name="name" label="Powder" placeholder="bone meal" />
      <TextField name="gPerL" label="Dose, g/L made" mode="decimal" />
      <TextField name="n_percent" label="Nitrogen, %" mode="decimal" placeholder="0" />
      <TextField name="pricePerKg" label="Price of a kg" mode="decimal" />
      <Button type="submit" className="col-span-2">
        Add it
      </Button>
    </BodyForm>
  );
}
