import { X } from 'lucide-react';
import type { ReactElement } from 'react';
import { Button } from '../../kit/Button';
import { Field } from '../../kit/Field';
import { UNIT_WORDS } from '../words';
import type { DraftSpecies, PlanDraft } from './planDraft';

interface SpeciesFieldsProps {
  readonly draft: PlanDraft;
  readonly onDraft: (draft: PlanDraft) => void;
}

const MOST = 4;

/** What is sown, how many seeds in each, how many plants are read one by one. */
export function SpeciesFields({ draft, onDraft }: SpeciesFieldsProps): ReactElement {
  const { species } = draft;
  const change = (key: string, next: Partial<DraftSpecies>): void => {
    onDraft({ ...draft, species: species.map((one) => (one.key === key ? { ...one, ...next } : one)) });
  };
  const free = [1, 2, 3, 4].map((n) => `s${String(n)}`).find((key) => species.every((one) => one.key !== key)) ?? 's9';
  return (
    <>
      {species.map((one, i) => (
        <div key={one.key} className="mt-2 flex flex-wrap items-end gap-3">
          {(
            [
              ['name', 'Species', 'w-44', undefined],
              ['variety', 'Variety', 'w-40', undefined],
              ['seeds', `Seeds in each ${UNIT_WORDS[draft.unit].one}`, 'w-32', 'numeric'],
              ['plants', 'Plants read of each', 'w-36', 'numeric'],
              ...(species.length > 1 ? ([['weight', 'Weighs', 'w-20', 'decimal']] as const) : []),
            ] as const
          ).map(([field, label, width, mode]) => (
            <Field
              key={field}
              label={label}
              className={width}
              {...(mode === undefined ? {} : { mode })}
              value={one[field]}
              onChange={(value) => {
                change(one.key, { [field]: value });
              }}
            />
          ))}
          {species.length > 1 && (
            <Button
              look="tie"
              className="min-h-11 min-w-11"
              aria-label={`Leave out species ${String(i + 1)}`}
              onClick={() => {
                onDraft({ ...draft, species: species.filter(({ key }) => key !== one.key) });
              }}
            >
              <X size={18} />
            </Button>
          )}
        </div>
      ))}
      {species.length < MOST && (
        <Button
          className="mt-3"
          onClick={() => {
            const added = { key: free, name: '', variety: '', seeds: '12', plants: '6', weight: '1' };
            onDraft({ ...draft, species: [...species, added] });
          }}
        >
          A species more
        </Button>
      )}
    </>
  );
}
