import type { ListAsked, Page } from '@bent-pail/contract';
import { infiniteQueryOptions, keepPreviousData } from '@tanstack/react-query';
import { api } from '../api';

export const asks = (asked: object): string => {
  const params = new URLSearchParams(
    Object.entries(asked).flatMap(([key, value]: [string, unknown]) =>
      typeof value === 'string' || typeof value === 'number' ? [[key, String(value)]] : [],
    ),
  ).toString();
  return params === '' ? '' : `?${params}`;
};

/** A list, page after page as far as somebody has looked. */
export const pages = <T>(key: readonly string[], address: string, asked: object) =>
  infiniteQueryOptions({
    queryKey: [...key, 'pages', asked],
    // A list that nobody looks at any more is not waited for.
    queryFn: ({ pageParam, signal }) =>
      api.get<Page<T>>(`${address}${asks(pageParam === '' ? asked : { ...asked, after: pageParam })}`, signal),
    initialPageParam: '',
    getNextPageParam: ({ next }) => next,
    placeholderData: keepPreviousData,
  });

export type Asked<T extends ListAsked> = Partial<Omit<T, 'after'>>;
