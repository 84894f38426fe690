import { useState, type ReactElement } from 'react';
import { INK } from '../ink';
import { Rows } from '../Rows';
import { Tabs } from '../Tabs';
import type { Column, TableView } from '../table/column';
import { DataTable } from '../table/DataTable';
import { Part } from './Part';
import { fixed } from '../format';

interface Jar {
  readonly id: string;
  readonly name: string;
  readonly shelf: string;
  readonly air: number;
}

const JARS: readonly Jar[] = [
  { id: 'a', name: 'Bark, fine', shelf: 'top', air: 0.31 },
  { id: 'b', name: 'Coir pith', shelf: 'low', air: 0.14 },
  { id: 'c', name: 'Pumice 3-8 mm', shelf: 'top', air: 0.37 },
];
const COLUMNS: readonly Column<Jar>[] = [
  {
    key: 'name',
    head: 'Jar',
    place: 'name',
    sort: 'up',
    value: ({ name }) => name,
    cell: ({ name }) => (
      <a href="#jar" className="inline-flex min-h-11 items-center">
        {name}
      </a>
    ),
  },
  { key: 'shelf', head: 'shelf', align: 'left', cell: ({ shelf }) => shelf },
  {
    key: 'air',
    head: 'air',
    sort: 'down',
    value: ({ air }) => air,
    cell: ({ air }) => <span className={INK.measured}>{fixed(air, 2)}</span>,
  },
];
const TABS = [
  { key: 'food', words: 'Food', content: <p className="p-3">What it feeds.</p> },
  { key: 'schools', words: 'Schools', content: <p className="p-3">What others would say.</p> },
];

/** What shows numbers and lists. */
export function ShowingParts({ scheme }: { readonly scheme: string }): ReactElement {
  const [view, setView] = useState<TableView>({ without: [] });
  const [ids, setIds] = useState<readonly string[]>([]);
  const [open, setOpen] = useState('food');
  return (
    <>
      <Part name="Figures: measured, worked out, a label’s">
        <span className={INK.measured}>0.371</span>
        <span className={INK['worked-out']}>0.29</span>
        <span className={INK.label}>0.34</span>
      </Part>
      <Part name="Rows">
        <Rows className="max-w-72">
          <tbody>
            <tr>
              <th scope="row">Total porosity</th>
              <td className="figure">0.784</td>
            </tr>
          </tbody>
        </Rows>
      </Part>
      <Part name="Tabs">
        <div className="min-w-72">
          <Tabs label={`Ask of it, ${scheme}`} tabs={TABS} open={open} onOpen={setOpen} />
        </div>
      </Part>
      <Part name="DataTable">
        <div className="min-w-0 flex-1">
          <DataTable
            label={`Jars, ${scheme}`}
            what={['jar', 'jars']}
            columns={COLUMNS}
            rows={JARS}
            keyOf={({ id }) => id}
            view={view}
            onView={setView}
            unsorted="as they stand"
            groupings={[
              { key: 'shelf', words: 'shelf', of: ({ shelf }) => shelf, said: (shelf) => `The ${shelf} shelf` },
            ]}
            ticking={{
              ids,
              onChange: setIds,
              label: ({ name }) => `Take ${name}`,
              actions: <span>{ids.length} taken</span>,
            }}
            nothing="No jar."
          />
        </div>
      </Part>
    </>
  );
}
