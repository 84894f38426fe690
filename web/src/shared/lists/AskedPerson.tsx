import { useQuery } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import { usersQuery } from '../resources/people';
import { AskedAmong, AskedDay } from './ListBar';

interface AskedPersonProps {
  readonly label?: string;
  readonly value: string;
  readonly onChange: (id: string) => void;
}

/** By whom: left away where there is only one. */
export function AskedPerson({ label = 'By', value, onChange }: AskedPersonProps): ReactElement | null {
  const { data: people = [] } = useQuery(usersQuery);
  if (people.length < 2) return null;
  return (
    <AskedAmong
      label={label}
      value={value}
      options={[{ key: '', words: 'anybody' }, ...people.map(({ id, name }) => ({ key: id, words: name }))]}
      onChange={onChange}
    />
  );
}

interface AskedDaysProps {
  /** What happened on these days, where it is not plain. */
  readonly label?: string;
  readonly asked: Readonly<Partial<Record<'from' | 'to', string>>>;
  readonly ask: (key: 'from' | 'to', day: string) => void;
}

/** First and last day of what is asked for. */
export const AskedDays = ({ label = 'From', asked, ask }: AskedDaysProps): ReactElement => (
  <>
    <AskedDay
      label={label}
      value={asked.from ?? ''}
      onChange={(first) => {
        ask('from', first);
      }}
    />
    <AskedDay
      label="to"
      value={asked.to ?? ''}
      onChange={(last) => {
        ask('to', last);
      }}
    />
  </>
);
