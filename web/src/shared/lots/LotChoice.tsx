import type { LotRow, LotsAsked } from '@bent-pail/contract';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { Find } from '../../kit/Find';
import { lotsQuery } from '../resources/lots';
import type { Asked } from '../resources/paged';
import { useSession } from '../useSession';
import { useSettled } from '../useSettled';
import { foundLot } from './foundLot';
import { putOnShelf } from './putOnShelf';
import { sentenceOf } from '../api';
import { Sorry } from '../../kit/Sorry';

/** So many are shown of those that answer. */
const SHOWN = 30;

interface LotChoiceProps {
  readonly label: string;
  /** The lot that is chosen; undefined until one is. */
  readonly chosen: LotRow | undefined;
  /** Which lots may be chosen. */
  readonly among?: Asked<LotsAsked>;
  readonly onChoose: (lot: LotRow) => void;
}

/** One lot of the shelf, found on the server by words. */
export function LotChoice({ label, chosen, among = {}, onChoose }: LotChoiceProps): ReactElement {
  const { notebook } = useSession();
  const [text, setText] = useState('');
  const find = useSettled(text.trim());
  const { data } = useQuery(lotsQuery({ ...among, limit: SHOWN, ...(find === '' ? {} : { find }) }));
  const rows = data?.rows ?? [];
  // A further lot of what is there already is put on the shelf on its own page.
  const isKnown = rows.some(({ name }) => name.toLowerCase() === text.trim().toLowerCase());
  const put = useMutation({
    mutationFn: (name: string) => putOnShelf(name, among.kind ?? 'material'),
    onSuccess: onChoose,
  });
  return (
    <>
      <Find
        label={label}
        chosen={chosen === undefined ? undefined : `${chosen.name}, ${chosen.code}`}
        unchosen="say which"
        found={rows.map((row) => foundLot(row, notebook.zone))}
        total={data?.total ?? 0}
        text={text}
        placeholder="name, code, source"
        onText={setText}
        onChoose={(key) => {
          const lot = rows.find(({ id }) => id === key);
          if (lot !== undefined) onChoose(lot);
        }}
        create={
          isKnown
            ? undefined
            : {
                words: (name) => `Put “${name}” on the shelf`,
                run: (name) => {
                  put.mutate(name);
                },
              }
        }
      />
      {put.error !== null && <Sorry>{sentenceOf(put.error)}</Sorry>}
    </>
  );
}

/** The lot that an address names, else the newest of those that may be chosen. */
export function useFirstLot(
  id: string | undefined,
  among: Asked<LotsAsked> = {},
): { readonly isPending: boolean; readonly first: LotRow | undefined; readonly total: number } {
  const { data, isPending } = useQuery(lotsQuery({ ...among, limit: SHOWN }));
  const named = useQuery({ ...lotsQuery({ ...among, ids: id ?? '' }), enabled: id !== undefined });
  return {
    isPending: isPending || (id !== undefined && named.isPending),
    first: (id === undefined ? undefined : named.data?.rows[0]) ?? data?.rows[0],
    total: data?.total ?? 0,
  };
}
