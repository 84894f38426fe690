import type { ReactElement } from 'react';
import { fixed } from '../format';
import { useMedia } from '../useMedia';
import type { TableModel } from './column';
import { PhoneList } from './PhoneList';
import { TableTools } from './TableTools';
import { linesOf } from './useLines';
import { useTableRows } from './useTableRows';
import { WideTable } from './WideTable';
import { Button } from '../Button';

/** Narrower than this a table reads as a list. */
const PHONE = '(max-width: 639px)';

/** What there is of something, in rows: sorted, grouped, ticked, by pointer or keys; on a phone a list. */
export function DataTable<Row>(model: TableModel<Row>): ReactElement {
  const isPhone = useMedia(PHONE);
  const { label, what, total = model.rows.length, further, ticking, view, unsorted } = model;
  const table = useTableRows(model);
  const lines = linesOf({ ...model, rows: table.rows });
  const sorted = model.columns.find(({ key }) => key === view.sort);
  return (
    <section aria-label={label} className="px-5 pt-2">
      <div className="flex flex-wrap items-center gap-x-5 gap-y-1 text-small">
        <p className="flex-1 whitespace-nowrap" aria-live="polite">
          <b className="figure">{fixed(total, 0)}</b> {total === 1 ? what[0] : what[1]}
          <span className="text-ink2 max-sm:hidden">, {sorted === undefined ? unsorted : `by ${sorted.head}`}</span>
        </p>
        {ticking !== undefined && ticking.ids.length > 0 && ticking.actions}
        <TableTools {...model} isPhone={isPhone} />
      </div>
      {lines.length === 0 ? (
        <p className="py-5 text-ink2">{model.nothing}</p>
      ) : isPhone ? (
        <PhoneList model={model} lines={lines} />
      ) : (
        <WideTable model={model} lines={lines} columns={table.columns} />
      )}
      {further?.has === true && (
        <p className="flex items-center gap-4 py-3 text-small">
          <Button disabled={further.isLoading} onClick={further.load}>
            Show more {what[1]}
          </Button>
          <span className="figure">
            {fixed(model.rows.length, 0)} of {fixed(total, 0)}
          </span>
        </p>
      )}
    </section>
  );
}
