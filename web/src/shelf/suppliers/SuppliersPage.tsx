import type { SupplierPage, SupplierRow, SuppliersAsked } from '@bent-pail/contract';
import { useInfiniteQuery } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { useNavigate } from 'react-router';
import { Button } from '../../kit/Button';
import { day } from '../../kit/format';
import type { Column } from '../../kit/table/column';
import { askedOf, useTableView } from '../../kit/table/useTableView';
import { EmptyPail } from '../../shared/EmptyPail';
import { AskedBy, ListBar } from '../../shared/lists/ListBar';
import { totalOf } from '../../shared/lists/More';
import { PagedTable } from '../../shared/lists/PagedTable';
import { RowName } from '../../shared/lists/RowName';
import { useAsked } from '../../shared/lists/useAsked';
import type { Asked } from '../../shared/resources/paged';
import { supplierPagesQuery } from '../../shared/resources/suppliers';
import { TitleBlock } from '../../shared/TitleBlock';
import { useSession, useWorks } from '../../shared/useSession';
import { SupplierForm } from './SupplierForm';
import { SUPPLIER_WORDS } from './words';

const columnsIn = (zone: string): readonly Column<SupplierRow>[] => [
  {
    key: 'name',
    head: 'Supplier',
    place: 'name',
    cell: ({ id, name, kind, note }) => (
      <RowName
        to={`/shelf/suppliers/${id}`}
        name={name}
        line={[SUPPLIER_WORDS[kind], note].filter(Boolean).join('; ')}
      />
    ),
  },
  { key: 'came', head: 'loads', cell: ({ came }) => <span className="figure">{came}</span> },
  { key: 'sorted', head: 'sorted', cell: ({ sorted }) => <span className="figure">{sorted}</span> },
  { key: 'sentBack', head: 'sent back', cell: ({ sentBack }) => <span className="figure font-bold">{sentBack}</span> },
  { key: 'outOfStock', head: 'out of stock', cell: ({ outOfStock }) => <span className="figure">{outOfStock}</span> },
  { key: 'lastOn', head: 'last', cell: ({ lastOn }) => (lastOn === undefined ? '' : day(lastOn, zone)) },
];

/** Whom things come from: traders, and those who give away what they have left. */
export function SuppliersPage(): ReactElement {
  const works = useWorks();
  const { notebook } = useSession();
  const navigate = useNavigate();
  const [adding, setAdding] = useState(false);
  const [asked, ask] = useAsked(['find', 'kind']);
  const [view, setView] = useTableView();
  const query = useInfiniteQuery(supplierPagesQuery({ ...asked, ...askedOf(view) } as Asked<SuppliersAsked>));
  const isEmpty = query.data !== undefined && totalOf(query.data) === 0 && Object.keys(asked).length === 0;
  return (
    <main>
      <TitleBlock title="Suppliers" line="What came from whom, how even it was, and what was seen at the gate.">
        {works && !adding && (
          <Button
            look="act"
            onClick={() => {
              setAdding(true);
            }}
          >
            A new one
          </Button>
        )}
      </TitleBlock>
      {adding && (
        <SupplierForm
          onKept={({ id }: SupplierPage) => {
            void navigate(`/shelf/suppliers/${id}`);
          }}
          onLeave={() => {
            setAdding(false);
          }}
        />
      )}
      {isEmpty && !adding ? (
        <EmptyPail question="Whom does it come from?">Traders, and the stable that is glad to be rid of it.</EmptyPail>
      ) : (
        <>
          <ListBar
            find={asked.find ?? ''}
            placeholder="name, note"
            onFind={(text) => {
              ask('find', text);
            }}
          >
            <AskedBy
              label="Only"
              value={asked.kind ?? ''}
              options={[
                { key: '', words: 'all of them' },
                { key: 'trade', words: 'who sell' },
                { key: 'free', words: 'who give away' },
                { key: 'own', words: 'ourselves' },
              ]}
              onChange={(key) => {
                ask('kind', key);
              }}
            />
          </ListBar>
          <PagedTable
            query={query}
            label="Suppliers"
            what={['supplier', 'suppliers']}
            columns={columnsIn(notebook.zone)}
            keyOf={({ id }) => id}
            view={view}
            onView={setView}
            unsorted="by name"
            nothing="Nobody is like that."
          />
        </>
      )}
    </main>
  );
}
