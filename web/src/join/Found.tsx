import type { GroupPage } from '@bent-pail/contract';
import { sheetResult, timesOf, valuesOf } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { Button } from '../kit/Button';
import { Notice } from '../kit/Notice';
import { Rows } from '../kit/Rows';
import { figureShown } from '../shared/classes/figureShown';
import { readingIn, type Cell, type SheetState } from './sheetState';

interface FoundProps {
  readonly page: GroupPage;
  readonly state: SheetState;
  /** Goes back to a cell; undefined where nothing can be changed any more. */
  readonly onCell: ((cell: Cell) => void) | undefined;
}

/** What the group found, in sentences, with every value that it can go back to. */
export function Found({ page, state, onCell }: FoundProps): ReactElement {
  const { sheet, readings, cells } = state;
  const times = timesOf(sheet, readings, page.repeats, page.pot?.volume_mL);
  const doubts = times.flatMap((time) => sheetResult(sheet, time).doubts);
  return (
    <section className="flex flex-col gap-4 p-4" aria-labelledby="found">
      <h2 id="found" className="text-title leading-tight">
        What you found
      </h2>
      <ul className="flex flex-col gap-3">
        {sheet.figures.map((figure) => {
          const values = valuesOf(sheet, figure, times);
          return (
            <li key={figure.key} className="border-l-4 border-ink pl-3">
              <b className="block text-small">{figure.label}</b>
              {values.length === 0 ? (
                <span className="text-ink2">{figure.note ?? 'not whole yet'}</span>
              ) : (
                <span className="text-lead">
                  <b className="figure">{values.map((value) => figureShown(figure, value)).join(' and ')}</b>{' '}
                  {figure.says}
                </span>
              )}
            </li>
          );
        })}
      </ul>
      {doubts.map(({ code, message }, i) => (
        <Notice key={`${code}${String(i)}`} role="status" className="p-3 text-body">
          {message}
        </Notice>
      ))}
      {page.revealed === undefined && (
        <p className="text-body">When your teacher reveals it, you see here what all found and how your guess did.</p>
      )}
      <details>
        <summary className="min-h-11 cursor-pointer py-2 font-semibold">Every value that you read</summary>
        <Rows>
          <tbody>
            {cells.map(({ repeat, step }) => {
              const reading = readingIn(state, repeat, step.key);
              return (
                <tr key={`${String(repeat)} ${step.key}`}>
                  <th scope="row">
                    {onCell === undefined ? (
                      step.label
                    ) : (
                      <Button
                        look="tie"
                        onClick={() => {
                          onCell({ repeat, step });
                        }}
                      >
                        {step.label}
                        {page.repeats > 1 && `, time ${String(repeat + 1)}`}
                      </Button>
                    )}
                  </th>
                  <td className="figure whitespace-nowrap">{shownCell({ repeat, step }, reading?.value)}</td>
                </tr>
              );
            })}
          </tbody>
        </Rows>
      </details>
    </section>
  );
}

function shownCell({ step }: Cell, value: number | undefined): string {
  if (value === undefined) return 'empty';
  if (step.kind === 'time') return 'started';
  return step.classes?.[value] ?? `${String(value)} ${step.unit}`;
}
