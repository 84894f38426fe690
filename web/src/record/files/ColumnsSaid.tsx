import type { TableReport } from '@bent-pail/contract';
import { tableKind } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { Choice } from '../../kit/Choice';
import { Rows } from '../../kit/Rows';
import { Sideways } from '../../kit/Sideways';

interface ColumnsSaidProps {
  readonly report: TableReport;
  readonly isBusy: boolean;
  readonly onMapping: (mapping: Readonly<Record<string, number>>) => void;
}

const NONE = '';

/** Each column of a table under what it is taken for, with its first rows. */
export function ColumnsSaid({ report, isBusy, onMapping }: ColumnsSaidProps): ReactElement {
  const { table, headings, mapping, sample } = report;
  const { fields } = tableKind(table);
  const fieldOf = (column: number): string => Object.entries(mapping).find(([, at]) => at === column)?.[0] ?? NONE;
  const options = [{ key: NONE, words: 'not taken' }, ...fields.map(({ key, words }) => ({ key, words }))];
  const say = (column: number, key: string): void => {
    // A column is one field, and a field one column.
    const others = Object.entries(mapping).filter(([field, at]) => field !== key && at !== column);
    onMapping(Object.fromEntries(key === NONE ? others : [...others, [key, column]]));
  };
  return (
    <Sideways label="Its columns, and what each is taken for" className="my-2">
      <Rows>
        <thead>
          <tr>
            {headings.map((heading, column) => (
              <th key={column} scope="col" className="min-w-44 pr-3 text-left align-bottom">
                <span className="block text-note text-ink2">{heading === '' ? 'no heading' : heading}</span>
                <Choice
                  label={`Column ${String(column + 1)}, ${heading}, is`}
                  look="unseen"
                  value={fieldOf(column)}
                  options={options}
                  disabled={isBusy}
                  onChange={(key) => {
                    say(column, key);
                  }}
                />
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {sample.map((cells, row) => (
            <tr key={row}>
              {headings.map((_, column) => (
                <td key={column} className="figure pr-3 text-left whitespace-nowrap">
                  {cells[column] ?? ''}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </Rows>
    </Sideways>
  );
}
