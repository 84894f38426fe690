import type { DeskBlend, DeskLot, RecipeLine } from '@bent-pail/contract';
import { useQuery } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import { plantsQuery } from '../../shared/queries';
import { keptFor } from './keptFor';

interface AddLineProps {
  readonly lots: readonly DeskLot[];
  readonly blends: readonly DeskBlend[];
  readonly onAdd: (line: Omit<RecipeLine, 'parts'>) => void;
}

/** Another lot, or a kept blend as the base of this one. */
export function AddLine({ lots, blends, onAdd }: AddLineProps): ReactElement {
  const plants = useQuery(plantsQuery).data ?? [];
  return (
    <label className="field border-t border-zinc3 pt-2">
      <span>Add a lot</span>
      <select
        value=""
        onChange={(event) => {
          const { value } = event.target;
          const blend = blends.find(({ id }) => id === value);
          if (blend !== undefined) onAdd({ blend: { id: blend.id, n: blend.latest.n } });
          else if (value !== '') onAdd({ lotId: value });
        }}
      >
        <option value="">choose from the shelf</option>
        {lots.map((lot) => (
          <option key={lot.id} value={lot.id}>
            {lot.name}, {lot.code}
            {keptFor(lot.id, plants)}
          </option>
        ))}
        {blends.length > 0 && (
          <optgroup label="A kept blend as a part">
            {blends.map(({ id, name, latest }) => (
              <option key={id} value={id}>
                {name}, version {latest.n}
              </option>
            ))}
          </optgroup>
        )}
      </select>
    </label>
  );
}
