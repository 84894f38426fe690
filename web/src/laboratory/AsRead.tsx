import type { ReadReport, ReportSettled } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { Button } from '../kit/Button';
import { Sorry } from '../kit/Sorry';
import { reportFigure } from './reportFigure';

/** What somebody said of a report besides its text. */
export type Settled = Required<Pick<ReportSettled, 'sample' | 'forms' | 'unconverted'>>;

interface AsReadProps {
  readonly report: ReadReport;
  readonly settled: Settled;
  readonly onSettled: (settled: Settled) => void;
}

/** What was taken and how it was converted, what was below detection, and what was not taken with its reason. */
export function AsRead({ report, settled, onSettled }: AsReadProps): ReactElement {
  const { read, below, unread } = report;
  if (read.length + below.length + unread.length === 0)
    return <Sorry quiet>No line with a name, a number and a unit was found in it.</Sorry>;
  return (
    <div>
      {read.length > 0 && (
        <dl className="mt-2 grid grid-cols-[repeat(auto-fill,minmax(220px,1fr))] gap-x-4.5" aria-label="Taken">
          {read.map(({ step, formula, text, ...line }) => (
            <div key={step.key}>
              <dt>{step.label}</dt>
              <dd className="figure">
                {reportFigure({ ...line, ...(formula === undefined ? {} : { formula }) })} <small>{step.unit}</small>
                {formula !== undefined && (
                  <small className="block">
                    {formula}{' '}
                    <Button
                      look="small"
                      aria-label={`Leave ${step.label} unconverted`}
                      onClick={() => {
                        onSettled({ ...settled, unconverted: [...settled.unconverted, text] });
                      }}
                    >
                      undo
                    </Button>
                  </small>
                )}
              </dd>
            </div>
          ))}
        </dl>
      )}
      {below.length > 0 && (
        <ul aria-label="Below detection" className="mt-2 text-small">
          {below.map(({ step, value }) => (
            <li key={step.key}>
              {step.label} is below <span className="figure">{value}</span> {step.unit}: kept as a note, not as a
              figure.
            </li>
          ))}
        </ul>
      )}
      {unread.length > 0 && <NotTaken unread={unread} settled={settled} onSettled={onSettled} />}
    </div>
  );
}

interface NotTakenProps extends Omit<AsReadProps, 'report'> {
  readonly unread: ReadReport['unread'];
}

function NotTaken({ unread, settled, onSettled }: NotTakenProps): ReactElement {
  return (
    <ul aria-label="Not taken" className="mt-2.5 bg-caution-wash px-3 py-2">
      {unread.map(({ text, why, either = [] }) => (
        <li key={text}>
          <b className="figure">{text}</b> {why}.{' '}
          {either.map((form) => (
            <Button
              key={form}
              look="small"
              className="mr-3"
              onClick={() => {
                onSettled({ ...settled, forms: { ...settled.forms, [text]: form } });
              }}
            >
              as {form}
            </Button>
          ))}
          {settled.unconverted.includes(text) && (
            <Button
              look="small"
              onClick={() => {
                onSettled({ ...settled, unconverted: settled.unconverted.filter((one) => one !== text) });
              }}
            >
              convert it after all
            </Button>
          )}
        </li>
      ))}
    </ul>
  );
}
