import type { ClaimsAsked, ClaimsRow } from '@bent-pail/contract';
import { INTEREST_WORDS } from '@bent-pail/core';
import { useInfiniteQuery } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import { fixed } from '../../kit/format';
import type { Column } from '../../kit/table/column';
import { askedOf, useTableView } from '../../kit/table/useTableView';
import { AskedBy, ListBar } from '../../shared/lists/ListBar';
import { PagedTable } from '../../shared/lists/PagedTable';
import { RowName } from '../../shared/lists/RowName';
import { useAsked } from '../../shared/lists/useAsked';
import { claimsPagesQuery } from '../../shared/resources/claims';
import type { Asked } from '../../shared/resources/paged';
import { TitleBlock } from '../../shared/TitleBlock';

const COLUMNS: readonly Column<ClaimsRow>[] = [
  {
    key: 'name',
    head: 'Product',
    place: 'name',
    cell: ({ lotId, name, code, version }) => (
      <RowName
        to={`/score/claims/${lotId}`}
        name={`${name}, ${code}`}
        line={version === undefined ? 'no sheet yet' : `sheet, version ${String(version)}`}
      />
    ),
  },
  { key: 'claims', head: 'claims', cell: ({ claims }) => <span className="figure">{claims}</span> },
  { key: 'supported', head: 'supported', cell: ({ supported }) => <span className="figure">{supported}</span> },
  {
    key: 'notSupported',
    head: 'not supported',
    cell: ({ notSupported }) => <span className="figure font-bold">{notSupported}</span>,
  },
  { key: 'untested', head: 'cannot be tested', cell: ({ untested }) => <span className="figure">{untested}</span> },
  { key: 'open', head: 'not judged yet', cell: ({ open }) => <span className="figure">{open}</span> },
  {
    key: 'said',
    head: 'says of what it should',
    cell: ({ said }) => (said === undefined ? '' : <span className="figure">{fixed(100 * said, 0)} %</span>),
  },
  {
    key: 'interest',
    head: 'interest',
    align: 'left',
    cell: ({ interest }) => (interest === undefined ? 'not said' : INTEREST_WORDS[interest]),
  },
];

/** What products claim, what they leave out, and what became of it. */
export function ClaimsListPage(): ReactElement {
  const [asked, ask] = useAsked(['find', 'state']);
  const [view, setView] = useTableView();
  const query = useInfiniteQuery(claimsPagesQuery({ ...asked, ...askedOf(view) } as Asked<ClaimsAsked>));
  return (
    <main>
      <TitleBlock
        title="Claims"
        line="What a label says, what it leaves out, and what the bench makes of it. Nothing here certifies anything."
      />
      <ListBar
        find={asked.find ?? ''}
        placeholder="product, code"
        onFind={(text) => {
          ask('find', text);
        }}
      >
        <AskedBy
          label="Only"
          value={asked.state ?? ''}
          options={[
            { key: '', words: 'all products' },
            { key: 'kept', words: 'with a sheet' },
            { key: 'none', words: 'without one' },
          ]}
          onChange={(key) => {
            ask('state', key);
          }}
        />
      </ListBar>
      <PagedTable
        query={query}
        label="Claims sheets"
        what={['product', 'products']}
        columns={COLUMNS}
        keyOf={({ lotId }) => lotId}
        view={view}
        onView={setView}
        unsorted="by name"
        nothing="No product is like that."
      />
    </main>
  );
}
