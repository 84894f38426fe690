import type { DeskBlend, DeskLot, RecipeLine } from '@bent-pail/contract';
import { useQuery } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { Link } from 'react-router';
import { Find } from '../../kit/Find';
import type { Found } from '../../kit/FoundLine';
import { foundLot } from '../../shared/lots/foundLot';
import { plantsQuery } from '../../shared/resources/guides';
import { lotsQuery } from '../../shared/resources/lots';
import { useSession } from '../../shared/useSession';
import { useSettled } from '../../shared/useSettled';
import { keptFor } from './keptFor';

const SHOWN = 30;

interface AddLineProps {
  /** Lots at hand that are not in the recipe yet. */
  readonly lots: readonly DeskLot[];
  readonly used: readonly string[];
  readonly blends: readonly DeskBlend[];
  readonly onAdd: (line: Omit<RecipeLine, 'parts'>) => void;
}

/** Another lot, from those at hand or found among all of the shelf, or a kept blend as the base of this one. */
export function AddLine({ lots, used, blends, onAdd }: AddLineProps): ReactElement {
  const { notebook } = useSession();
  const plants = useQuery(plantsQuery).data ?? [];
  const [text, setText] = useState('');
  const find = useSettled(text.trim());
  const asked = useQuery({ ...lotsQuery({ find, limit: SHOWN }), enabled: find !== '' });
  const unknown = (asked.data?.rows ?? []).filter(({ usable }) => !usable);
  const among = find === '' ? lots : (asked.data?.rows ?? []).filter(({ id, usable }) => usable && !used.includes(id));
  const named = (name: string): boolean => name.toLowerCase().includes(find.toLowerCase());
  const found: Found[] = [
    ...among.map((lot) => {
      const one = foundLot(lot, notebook.zone);
      return { ...one, words: `${one.words}${keptFor(lot.id, plants)}` };
    }),
    ...blends
      .filter(({ name }) => named(name))
      .map(({ id, name, latest }) => ({
        key: id,
        words: `${name}, version ${String(latest.n)}`,
        group: 'A kept blend as a part',
      })),
  ];
  return (
    <>
      <Find
        label="Add a lot"
        className="border-t border-zinc3 pt-2"
        chosen={undefined}
        unchosen="choose from the shelf"
        found={found}
        text={text}
        placeholder="name, code, source"
        onText={setText}
        onChoose={(key) => {
          const blend = blends.find(({ id }) => id === key);
          onAdd(blend === undefined ? { lotId: key } : { blend: { id: blend.id, n: blend.latest.n } });
        }}
      />
      {find !== '' && unknown.length > 0 && (
        <p className="text-ink2 text-small">
          Not offered, for nothing is known of {unknown.length === 1 ? 'it' : 'them'} to predict from:{' '}
          {unknown.map(({ id, name, code }, i) => (
            <span key={id}>
              {i > 0 && ', '}
              <Link to={`/shelf/lots/${id}`}>
                {name}, {code}
              </Link>
            </span>
          ))}
          . Say what kind of stuff it is, or measure it.
        </p>
      )}
    </>
  );
}
