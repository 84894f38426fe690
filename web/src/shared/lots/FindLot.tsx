import { useQuery } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import type { LotRow } from '@bent-pail/contract';
import { lotsQuery } from '../queries';

const FOUND = 12;

interface FindLotProps {
  /** How many lots there are beside those at hand. */
  readonly total: number;
  readonly onChoose: (lot: LotRow) => void;
}

/** A lot that is not at hand, by words. */
export function FindLot({ total, onChoose }: FindLotProps): ReactElement {
  const [find, setFind] = useState('');
  const asked = find.trim();
  const { data } = useQuery({ ...lotsQuery({ find: asked, limit: FOUND }), enabled: asked !== '' });
  const found = asked === '' ? [] : (data?.rows.filter(({ usable }) => usable) ?? []);
  return (
    <div className="field mt-2">
      <label className="field">
        <span>
          Find another among <span className="f">{total}</span>
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
      {found.map((lot) => (
        <button
          key={lot.id}
          type="button"
          className="tie text-left text-small"
          onClick={() => {
            onChoose(lot);
            setFind('');
          }}
        >
          {lot.name}, {lot.code}
        </button>
      ))}
      {asked !== '' && data !== undefined && found.length === 0 && <small>Nothing answers to “{asked}”.</small>}
    </div>
  );
}
