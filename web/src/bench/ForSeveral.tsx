import type { LotRow } from '@bent-pail/contract';
import { X } from 'lucide-react';
import type { ReactElement } from 'react';
import { Button } from '../kit/Button';
import { TextField } from '../shared/forms/fields';
import { LotChoice } from '../shared/lots/LotChoice';

interface ForSeveralProps {
  /** Lots beside the one in the form. */
  readonly others: readonly LotRow[];
  readonly onOthers: (others: readonly LotRow[]) => void;
}

/** The same run for several lots or groups, each with a sheet of its own. */
export function ForSeveral({ others, onOthers }: ForSeveralProps): ReactElement {
  return (
    <fieldset className="flex basis-full flex-wrap items-end gap-4">
      <legend className="text-ink2 text-small">For several, each with a sheet of its own</legend>
      <TextField name="groups" label="Groups that measure each" mode="numeric" placeholder="1" className="w-44" />
      <LotChoice
        label="And this lot"
        chosen={undefined}
        onChoose={(lot) => {
          if (!others.some(({ id }) => id === lot.id)) onOthers([...others, lot]);
        }}
      />
      {others.map((lot) => (
        <Button
          key={lot.id}
          aria-label={`Without ${lot.name}, ${lot.code}`}
          onClick={() => {
            onOthers(others.filter(({ id }) => id !== lot.id));
          }}
        >
          {lot.name}, {lot.code} <X size={16} aria-hidden className="inline" />
        </Button>
      ))}
      <p className="text-ink2 basis-full text-small">
        Each gets a sheet of its own, called Group 1, Group 2 and so on; no names of pupils are needed. They come out as
        one print.
      </p>
    </fieldset>
  );
}
