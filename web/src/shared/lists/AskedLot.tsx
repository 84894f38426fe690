import { useQuery } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { Find } from '../../kit/Find';
import { foundLot } from '../lots/foundLot';
import { lotsQuery } from '../resources/lots';
import { useSession } from '../useSession';
import { useSettled } from '../useSettled';

/** So many are shown of those that answer. */
const SHOWN = 30;
const ANY = { key: '', words: 'any lot' };

interface AskedLotProps {
  readonly label: string;
  readonly value: string;
  readonly onChange: (lotId: string) => void;
}

/** Of which lot, found on the server by words; also one that an address names. */
export function AskedLot({ label, value, onChange }: AskedLotProps): ReactElement {
  const { notebook } = useSession();
  const [text, setText] = useState('');
  const find = useSettled(text.trim());
  const { data } = useQuery(lotsQuery({ limit: SHOWN, ...(find === '' ? {} : { find }) }));
  const { data: named } = useQuery({ ...lotsQuery({ ids: value }), enabled: value !== '' });
  const lot = value === '' ? undefined : named?.rows.find(({ id }) => id === value);
  return (
    <Find
      label={label}
      look="beside"
      className="max-w-[280px]"
      chosen={lot === undefined ? undefined : `${lot.name}, ${lot.code}`}
      unchosen={value === '' ? ANY.words : 'one lot'}
      found={[...(value === '' ? [] : [ANY]), ...(data?.rows ?? []).map((row) => foundLot(row, notebook.zone))]}
      total={data?.total ?? 0}
      text={text}
      placeholder="name, code, source"
      onText={setText}
      onChoose={onChange}
    />
  );
}
