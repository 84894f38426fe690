import type { Recipe, RecipeAdditive } from '@bent-pail/contract';
import { deskDoses, EQUIVALENTS, findDosedClass } from '@bent-pail/core';
import { useQuery } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { fixed } from '../../kit/format';
import { Button } from '../../kit/Button';
import { Sorry } from '../../kit/Sorry';
import { profilesQuery } from '../../shared/resources/guides';
import { later } from '../../kit/later';

// Another additive takes a form.
const NewAdditive = later(async () => (await import('./NewAdditive')).NewAdditive);

const classWords = (classId: string): string => findDosedClass(classId)?.label.replace(/ \(.*/, '').toLowerCase() ?? '';

interface AdditivesProps {
  readonly recipe: Recipe;
  readonly onRecipe: (recipe: Recipe) => void;
}

/** What goes in by weight: it changes salt, pH, food and price, not volume. Lime and sulphur stand above. */
export function Additives({ recipe, onRecipe }: AdditivesProps): ReactElement {
  const [open, setOpen] = useState(false);
  const additives = recipe.additives ?? [];
  const set = (next: readonly RecipeAdditive[]): void => {
    onRecipe({ ...recipe, additives: [...next] });
  };
  const { lime_meqPerL: lime } = recipe;
  const profiles = useQuery(profilesQuery).data;
  const { checks } = deskDoses(
    recipe,
    profiles?.find(({ id }) => id === recipe.target),
  );
  return (
    <section className="mt-2" aria-label="By weight">
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
              {one.name}, <span className="figure">{fixed(one.gPerL, 1)}</span>
              {one.gPerL_se === undefined ? '' : ` ± ${fixed(one.gPerL_se, 1)}`} g/L
              {one.classId === undefined ? ' (its salt and lime are not known)' : ` (${classWords(one.classId)})`}
              {one.n_percent === undefined ? '' : `, ${fixed(one.n_percent, 0)} % N`}
            </span>
            <Button
              look="small"
              className="whitespace-nowrap"
              aria-label={`take out ${one.name}`}
              onClick={() => {
                set(additives.filter((_, at) => at !== i));
              }}
            >
              take out
            </Button>
          </li>
        ))}
      </ul>
      {checks.map(({ message }) => (
        <Sorry key={message}>{message}</Sorry>
      ))}
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
          Add something by weight
        </Button>
      )}
    </section>
  );
}
