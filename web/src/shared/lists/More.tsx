import type { Page } from '@bent-pail/contract';
import type { InfiniteData, UseInfiniteQueryResult } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import { fixed } from '../../kit/format';
import { Button } from '../../kit/Button';

export type Pages<T> = InfiniteData<Page<T>>;

/** All rows of the pages that were looked at. */
export const rowsOf = <T,>(data: Pages<T> | undefined): readonly T[] => data?.pages.flatMap(({ rows }) => rows) ?? [];

/** How many there are in all. */
export const totalOf = <T,>(data: Pages<T> | undefined): number => data?.pages[0]?.total ?? 0;

interface MoreProps<T> {
  readonly query: Pick<
    UseInfiniteQueryResult<Pages<T>>,
    'data' | 'hasNextPage' | 'fetchNextPage' | 'isFetchingNextPage'
  >;
  /** What they are, as `lots`. */
  readonly what: string;
}

/** The way to the next page, and how many there are. */
export function More<T>({ query, what }: MoreProps<T>): ReactElement | null {
  if (!query.hasNextPage) return null;
  const shown = rowsOf(query.data).length;
  return (
    <p className="flex items-center gap-4 py-3 text-small">
      <Button
        disabled={query.isFetchingNextPage}
        onClick={() => {
          void query.fetchNextPage();
        }}
      >
        Show more {what}
      </Button>
      <span className="figure">
        {fixed(shown, 0)} of {fixed(totalOf(query.data), 0)}
      </span>
    </p>
  );
}
