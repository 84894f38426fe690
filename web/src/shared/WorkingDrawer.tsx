import { wordsOf, type Source } from '@bent-pail/core';
import { useEffect, useRef, type ReactElement } from 'react';
import { Link } from 'react-router';
import { fixed } from '../kit/format';
import { inputRows, type InputRow } from './workingRows';
import { useWorking, type OpenNumber } from './workingStore';

/** The working of the number that was pressed: sentence, formula, what went in, where it came from. */
export function WorkingDrawer(): ReactElement | null {
  const { stack, back, close } = useWorking();
  const top = stack.at(-1);
  const heading = useRef<HTMLHeadingElement>(null);
  useEffect(() => {
    heading.current?.focus();
  }, [top]);
  if (top === undefined) return null;
  const text = wordsOf(top.working.text);
  return (
    <aside className="drawer" aria-label="Working">
      <h2 ref={heading} tabIndex={-1} className="flex items-baseline justify-between text-lead">
        <span>Working</span>
        <span className="flex gap-4">
          {stack.length > 1 && (
            <button type="button" className="tie" onClick={back}>
              Back
            </button>
          )}
          <button type="button" className="tie" onClick={close}>
            Close
          </button>
        </span>
      </h2>
      <p className="q text-small">
        {top.label}. {text?.sentence}
      </p>
      <div className="sumbox">
        <p className="text-small">= {text?.formula}</p>
        <InputTable rows={inputRows(top.working)} />
        <p className="text-small">
          = <span className="f text-lead font-medium">{top.shown}</span> <span className="q f">{top.unit}</span>
        </p>
      </div>
      <Sources sources={top.working.from ?? []} />
      <Again number={top} />
      <p className="q mt-4 text-small">
        {text?.source} Method {top.working.method}.
      </p>
    </aside>
  );
}

function InputTable({ rows }: { readonly rows: readonly InputRow[] }): ReactElement | null {
  if (rows.length === 0) return null;
  return (
    <table className="rows">
      <tbody>
        {rows.map((row) => (
          <tr key={row.label}>
            <th scope="row" className="q">
              {row.label}
            </th>
            <td className="f">
              {row.value} <span className="q">{row.unit}</span>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function Sources({ sources }: { readonly sources: readonly Source[] }): ReactElement | null {
  const enter = useWorking((state) => state.enter);
  if (sources.length === 0) return null;
  return (
    <>
      <h3 className="mt-4 border-b-[1.5px] pb-1 text-small">What it came from</h3>
      <table className="rows">
        <tbody>
          {sources.map((source) => {
            const shown = fixed(source.value, Math.abs(source.value) >= 100 ? 1 : 3);
            const { working } = source;
            return (
              <tr key={source.label} className={source.struck === undefined ? '' : 'q line-through'}>
                <th scope="row">
                  {source.runId === undefined ? (
                    source.label
                  ) : (
                    <Link to={`/bench/runs/${source.runId}`}>{source.label}</Link>
                  )}
                  {source.struck !== undefined && <small className="block">{source.struck}</small>}
                </th>
                <td className="f">
                  {working === undefined ? (
                    shown
                  ) : (
                    <button
                      type="button"
                      className="fig measured"
                      aria-label={`${source.label}: ${shown}. Show working.`}
                      onClick={() => {
                        enter({ label: source.label, shown, unit: source.unit, working });
                      }}
                    >
                      {shown}
                    </button>
                  )}{' '}
                  <span className="q">{source.unit}</span>
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </>
  );
}

/** The same from outside: the input as it can be fed to `calc`, and where the number stands in the answer. */
function Again({ number }: { readonly number: OpenNumber }): ReactElement {
  const { calc, input, pick } = number.working;
  return (
    <details className="mt-4 text-small">
      <summary className="min-h-8 cursor-pointer font-semibold">Work it out again elsewhere</summary>
      <p className="q mt-1">
        Give this to <span className="f">calc {calc}</span>; the number is <span className="f">{pick}</span> in its
        answer.
      </p>
      <pre className="box f mt-2 max-h-60 overflow-auto py-2 text-note" data-calc={calc} data-pick={pick} tabIndex={0}>
        {JSON.stringify(input, null, 1)}
      </pre>
    </details>
  );
}
