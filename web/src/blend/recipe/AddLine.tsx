import type { DeskBlend, DeskLot, RecipeLine } from '@bent-pail/contract';
import { useQuery } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import { plantsQuery } from '../../shared/queries';
import { keptFor } from './keptFor';
import { Choice } from '../../kit/Choice';

interface AddLineProps {
  readonly lots: readonly DeskLot[];
  readonly blends: readonly DeskBlend[];
  readonly onAdd: (line: Omit<RecipeLine, 'parts'>) => void;
}

/** Another lot, or a kept blend as the base of this one. */
export function AddLine({ lots, blends, onAdd }: AddLineProps): ReactElement {
  const plants = useQuery(plantsQuery).data ?? [];
  return (
    <Choice
      label="Add a lot"
      className="border-t border-zinc3 pt-2"
      value=""
      unchosen="choose from the shelf"
      options={[
        ...lots.map((lot) => ({ key: lot.id, words: `${lot.name}, ${lot.code}${keptFor(lot.id, plants)}` })),
        ...blends.map(({ id, name, latest }) => ({
          key: id,
          words: `${name}, version ${String(latest.n)}`,
          group: 'A kept blend as a part',
        })),
      ]}
      onChange={(key) => {
        const blend = blends.find(({ id }) => id === key);
        onAdd(blend === undefined ? { lotId: key } : { blend: { id: blend.id, n: blend.latest.n } });
      }}
    />
  );
}
