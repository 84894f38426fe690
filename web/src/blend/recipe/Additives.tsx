import type { Recipe, RecipeAdditive } from '@bent-pail/contract';
import { EQUIVALENTS } from '@bent-pail/core';
import { useState, type SubmitEvent, type ReactElement } from 'react';
import { sentenceOf } from '../../shared/api';
import { Field } from '../../kit/Field';
import { fixed } from '../../kit/format';
import { numberOf } from '../../shared/numberOf';
import { Button } from '../../kit/Button';
import { Sorry } from '../../kit/Sorry';

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
  const [name, setName] = useState('');
  const [dose, setDose] = useState('');
  const [nitrogen, setNitrogen] = useState('');
  const [price, setPrice] = useState('');
  const [sorry, setSorry] = useState<string>();
  return (
    <form
      className="mt-1 grid grid-cols-2 gap-2"
      onSubmit={(event: SubmitEvent) => {
        event.preventDefault();
        try {
          if (name.trim() === '') throw new Error('Give it a name.');
          onAdd({
            name: name.trim(),
            gPerL: numberOf(dose, 'Dose'),
            ...(nitrogen === '' ? {} : { n_percent: numberOf(nitrogen, 'Nitrogen') }),
            ...(price === '' ? {} : { pricePerKg: numberOf(price, 'Price') }),
          });
        } catch (error) {
          setSorry(sentenceOf(error));
        }
      }}
    >
      <Field label="Powder" value={name} onChange={setName} placeholder="bone meal" />
      <Field label="Dose, g/L made" mode="decimal" value={dose} onChange={setDose} />
      <Field label="Nitrogen, %" mode="decimal" value={nitrogen} onChange={setNitrogen} placeholder="0" />
      <Field label="Price of a kg" mode="decimal" value={price} onChange={setPrice} />
      {sorry !== undefined && <Sorry className="col-span-2">{sorry}</Sorry>}
      <Button type="submit" className="col-span-2">
        Add it
      </Button>
    </form>
  );
}
