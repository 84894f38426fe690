import type { FileKindCount } from '@bent-pail/contract';
import type { ReactElement } from 'react';
import { Rows } from '../../kit/Rows';

/** The name of a kind as the file has it, with spaces. */
export const kindSaid = (kind: string): string => kind.replaceAll('_', ' ');

/** What a file would change, by kind: those that change nothing stand in one line. */
export function ReportTable({ kinds }: { readonly kinds: readonly FileKindCount[] }): ReactElement {
  const moved = kinds.filter(({ added, different, refused }) => added + different + refused > 0);
  const still = kinds.filter((one) => !moved.includes(one));
  const same = still.reduce((sum, one) => sum + one.same, 0);
  return (
    <>
      {moved.length > 0 && (
        <Rows>
          <thead>
            <tr>
              <th scope="col">rows</th>
              <th scope="col">new</th>
              <th scope="col">same</th>
              <th scope="col">different</th>
              <th scope="col">refused</th>
            </tr>
          </thead>
          <tbody>
            {moved.map(({ kind, added, same: alike, different, refused }) => (
              <tr key={kind}>
                <th scope="row">{kindSaid(kind)}</th>
                <td className="figure">{added}</td>
                <td className="figure">{alike}</td>
                <td className={`figure ${different > 0 ? 'font-bold' : ''}`}>{different}</td>
                <td className={`figure ${refused > 0 ? 'font-bold' : ''}`}>{refused}</td>
              </tr>
            ))}
          </tbody>
        </Rows>
      )}
      {(same > 0 || moved.length === 0) && (
        <p className="mt-1 text-small text-ink2">
          {moved.length === 0 ? 'Nothing in it is new: ' : 'Besides, '}
          {same} rows are the same as here.
        </p>
      )}
    </>
  );
}
