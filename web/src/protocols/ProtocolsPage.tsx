import type { ProtocolRow } from '@bent-pail/contract';
import { useQuery } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import type { Column, Grouping } from '../kit/table/column';
import { Await } from '../shared/Await';
import { RowName } from '../shared/lists/RowName';
import { WholeTable } from '../shared/lists/WholeTable';
import { protocolGroup, protocolsInOrder } from '../shared/protocolOptions';
import { protocolsQuery } from '../shared/resources/protocols';
import { TitleBlock } from '../shared/TitleBlock';

const GROUPINGS: readonly Grouping<ProtocolRow>[] = [
  { key: 'about', words: 'what it tells of', of: protocolGroup, said: (label) => label },
];

const COLUMNS: readonly Column<ProtocolRow>[] = [
  {
    key: 'name',
    head: 'Protocol',
    place: 'name',
    sort: 'up',
    value: ({ protocol }) => protocol.label,
    cell: ({ protocol }) => (
      <RowName to={`/bench/protocols/${protocol.key}`} name={protocol.label} line={protocol.plain} />
    ),
  },
  { key: 'takes', head: 'takes', align: 'left', cell: ({ protocol }) => protocol.takes },
  {
    key: 'steps',
    head: 'steps',
    sort: 'up',
    value: ({ protocol }) => protocol.steps.length,
    cell: ({ protocol }) => <span className="figure">{protocol.steps.length}</span>,
  },
  {
    key: 'replicates',
    head: 'replicates',
    sort: 'down',
    value: ({ protocol }) => protocol.replicates.usual,
    cell: ({ protocol }) => <span className="figure">{protocol.replicates.usual}</span>,
  },
  { key: 'by', head: 'by', align: 'left', sort: 'up', value: ({ by }) => by ?? '', cell: ({ by }) => by ?? 'built in' },
];

/** Every way of measuring, found by what it is called or tells of. */
export function ProtocolsPage(): ReactElement {
  const query = useQuery(protocolsQuery);
  return (
    <main>
      <TitleBlock
        title="Protocols"
        line="How each thing is measured, step by step. A run keeps the version that it was made by."
      />
      <Await query={query}>
        {(rows) => (
          <WholeTable
            label="Protocols"
            what={['protocol', 'protocols']}
            columns={COLUMNS}
            rows={protocolsInOrder(rows)}
            keyOf={({ protocol }) => protocol.key}
            words={(row) => `${row.protocol.label} ${row.protocol.plain} ${protocolGroup(row)} ${row.by ?? ''}`}
            placeholder="pH, drain, smell"
            group="about"
            groupings={GROUPINGS}
            unsorted="the main ones first"
            nothing="No protocol is called so."
          />
        )}
      </Await>
    </main>
  );
}
