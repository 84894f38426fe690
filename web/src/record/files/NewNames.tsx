import type { TableReport } from '@bent-pail/contract';
import { mediaClassLabel } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { counted } from '../../kit/format';
import { Rows } from '../../kit/Rows';

/** As many as are shown at once. */
const SHOWN = 40;

/** Materials that a table brings, and what each is taken for; what is not sure has no class until somebody says it. */
export function NewNames({ named }: Pick<TableReport, 'named'>): ReactElement | null {
  if (named.length === 0) return null;
  return (
    <section aria-label="New names" className="my-3">
      <h3 className="font-semibold">{counted(named.length, 'new name', 'new names')}</h3>
      <p className="text-small text-ink2">
        A name that is not sure has no class yet: it can be used all the same, with wide bands. Say the class in a
        column of the table, or on the lot’s page.
      </p>
      <Rows className="mt-1">
        <tbody>
          {named.slice(0, SHOWN).map(({ name, classId, question }) => (
            <tr key={name}>
              <th scope="row">{name}</th>
              <td className="text-left">
                {classId === undefined ? (
                  <span className="text-ink2">{question ?? 'no class yet'}</span>
                ) : (
                  (mediaClassLabel(classId) ?? classId)
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </Rows>
      {named.length > SHOWN && <p className="text-small">and {named.length - SHOWN} more</p>}
    </section>
  );
}
