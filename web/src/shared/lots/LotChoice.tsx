import type { LotRow, LotsAsked } from '@bent-pail/contract';
import { useQuery } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { lotsQuery, type Asked } from '../queries';
import { Choice } from '../../kit/Choice';

/** So many stand in the list at once. */
const LISTED = 200;

interface LotChoiceProps {
  readonly label: string;
  /** The lot that is chosen; undefined until one is. */
  readonly chosen: LotRow | undefined;
  /** Which lots may be chosen. */
  readonly among?: Asked<LotsAsked>;
  readonly onChoose: (lot: LotRow) => void;
}

/** One lot of the shelf: from a list while the shelf is small, and found by words where it is not. */
export function LotChoice({ label, chosen, among = {}, onChoose }: LotChoiceProps): ReactElement {
  const [find, setFind] = useState('');
  const { data } = useQuery(lotsQuery({ ...among, limit: LISTED, ...(find.trim() === '' ? {} : { find }) }));
  const rows = data?.rows ?? [];
  const listed = chosen === undefined || rows.some(({ id }) => id === chosen.id) ? rows : [chosen, ...rows];
  const isLong = find !== '' || data?.next !== undefined;
  return (
    <>
      <Choice
        label={label}
        value={chosen?.id ?? ''}
        options={listed.map(({ id, name, code }) => ({ key: id, words: `${name}, ${code}` }))}
        onChange={(key) => {
          const lot = listed.find(({ id }) => id === key);
          if (lot !== undefined) onChoose(lot);
        }}
      />
      {isLong && (
        <label className="field">
          <span>
            {label}: find among <span className="f">{data?.total ?? 0}</span>
          </span>
          <input
            type="search"
            value={find}
            placeholder="name, code, source"
            onChange={(event) => {
              setFind(event.target.value);
            }}
          />
        </label>
      )}
    </>
  );
}

/** The lot that an address names, else the newest of those that may be chosen. */
export function useFirstLot(
  id: string | undefined,
  among: Asked<LotsAsked> = {},
): { readonly isPending: boolean; readonly first: LotRow | undefined; readonly total: number } {
  const { data, isPending } = useQuery(lotsQuery({ ...among, limit: LISTED }));
  const named = useQuery({ ...lotsQuery({ ...among, ids: id ?? '' }), enabled: id !== undefined });
  return {
    isPending: isPending || (id !== undefined && named.isPending),
    first: (id === undefined ? undefined : named.data?.rows[0]) ?? data?.rows[0],
    total: data?.total ?? 0,
  };
}
