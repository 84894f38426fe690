import type { FileRefusal } from '@bent-pail/contract';
import type { ReactElement } from 'react';
import { Rows } from '../../kit/Rows';
import { kindSaid } from './ReportTable';

const SHOWN = 50;

/** Rows that cannot be taken in, each with what was read and why. */
export function Refusals({ rows }: { readonly rows: readonly FileRefusal[] }): ReactElement {
  return (
    <section aria-label="Refused" className="mt-3">
      <h3>Refused</h3>
      <Rows>
        <thead>
          <tr>
            <th scope="col" className="text-left">
              row
            </th>
            <th scope="col" className="text-left">
              column
            </th>
            <th scope="col" className="text-left">
              read
            </th>
            <th scope="col" className="text-left">
              why
            </th>
          </tr>
        </thead>
        <tbody>
          {rows.slice(0, SHOWN).map(({ kind, row, column, read, why }) => (
            <tr key={`${kind} ${String(row)}`}>
              <th scope="row" className="whitespace-nowrap">
                {kindSaid(kind)}, row <span className="figure">{row}</span>
              </th>
              <td className="text-left">{column ?? ''}</td>
              <td className="figure text-left wrap-anywhere">{read ?? ''}</td>
              <td className="text-left">{why}</td>
            </tr>
          ))}
        </tbody>
      </Rows>
      {rows.length > SHOWN && <p className="text-small text-ink2">The first {SHOWN} are shown.</p>}
    </section>
  );
}
