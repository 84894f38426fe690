import type { FileConflict, Take } from '@bent-pail/contract';
import type { ReactElement } from 'react';
import { Choice } from '../../kit/Choice';
import { OneOf } from '../../kit/OneOf';
import { Rows } from '../../kit/Rows';
import { kindSaid } from './ReportTable';
import type { Takes } from './useTakeIn';

const SHOWN = 100;
const TAKE_OPTIONS = [
  { key: 'ours', words: 'what is here' },
  { key: 'theirs', words: 'what the file says' },
] as const;

interface ConflictsProps {
  readonly rows: readonly FileConflict[];
  readonly takes: Takes;
}

/** Rows that the file has otherwise: which of the two stands is chosen for all, or one by one. */
export function Conflicts({ rows, takes }: ConflictsProps): ReactElement {
  const { others, setOthers, chosen, choose } = takes;
  return (
    <section aria-label="Different" className="mt-3">
      <h3>Different</h3>
      <OneOf label="Where they differ, this stands" value={others} options={TAKE_OPTIONS} onChange={setOthers} />
      <Rows>
        <thead>
          <tr>
            <th scope="col" className="text-left">
              row
            </th>
            <th scope="col" className="text-left">
              differs in
            </th>
            <th scope="col" className="text-left">
              stands
            </th>
          </tr>
        </thead>
        <tbody>
          {rows.slice(0, SHOWN).map(({ kind, key, row, columns, stands }) => (
            <tr key={`${kind} ${key}`}>
              <th scope="row" className="whitespace-nowrap">
                {kindSaid(kind)}, row <span className="figure">{row}</span>
              </th>
              <td className="text-left">{columns.filter((one) => one !== 'version').join(', ')}</td>
              <td className="text-left">
                {stands ? (
                  'what is here: kept rows of this kind never change'
                ) : (
                  <Choice<Take>
                    label={`Of ${kindSaid(kind)}, row ${String(row)}, stands`}
                    look="unseen"
                    value={chosen.get(`${kind} ${key}`) ?? others}
                    options={TAKE_OPTIONS}
                    onChange={(take) => {
                      choose(`${kind} ${key}`, take);
                    }}
                  />
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </Rows>
      {rows.length > SHOWN && (
        <p className="text-small text-ink2">The first {SHOWN} are shown; the others follow the choice above.</p>
      )}
    </section>
  );
}
