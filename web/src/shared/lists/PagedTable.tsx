import type { UseInfiniteQueryResult } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import type { TableModel } from '../../kit/table/column';
import { DataTable } from '../../kit/table/DataTable';
import { Await } from '../Await';
import { rowsOf, totalOf, type Pages } from './More';

export interface PagedProps<Row> extends Omit<TableModel<Row>, 'rows' | 'total' | 'counts' | 'further'> {
  readonly query: UseInfiniteQueryResult<Pages<Row>>;
}

/** A table of what the server has page after page; the next one is asked for before one gets there. */
export function PagedTable<Row>({ query, ...model }: PagedProps<Row>): ReactElement {
  return (
    <Await query={query}>
      {(data) => (
        <DataTable
          {...model}
          rows={rowsOf(data)}
          total={totalOf(data)}
          counts={data.pages[0]?.groups}
          further={{
            has: query.hasNextPage,
            isLoading: query.isFetchingNextPage,
            load: () => {
              void query.fetchNextPage();
            },
          }}
        />
      )}
    </Await>
  );
}
