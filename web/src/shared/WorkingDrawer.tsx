import { wordsOf, type Source } from '@bent-pail/core';
import { useEffect, useRef, type ReactElement } from 'react';
import { Link } from 'react-router';
import { fixed } from '../kit/format';
import { inputRows, type InputRow } from './workingRows';
import { useWorking, type OpenNumber } from './workingStore';
import { Button } from '../kit/Button';
import { Rows } from '../kit/Rows';
import { BOX } from '../kit/box';
import { Drawer } from '../kit/Drawer';
import { INK } from '../kit/ink';

/** The working of the number that was pressed: sentence, formula, what went in, where it came from. */
export function WorkingDrawer(): ReactElement | null {
  const { stack, back, close } = useWorking();
  const top = stack.at(-1);
  const heading = useRef<HTMLHeadingElement>(null);
  useEffect(() => {
    heading.current?.focus();
  }, [top]);
  useReturn();
  if (top === undefined) return null;
  const text = wordsOf(top.working.text);
  return (
    <Drawer label="Working">
      <h2 ref={heading} tabIndex={-1} className="flex items-baseline justify-between text-lead">
        <span>Working</span>
        <span className="flex gap-4">
          {stack.length > 1 && (
            <Button look="tie" onClick={back}>
              Back
            </Button>
          )}
          <Button look="tie" onClick={close}>
            Close
          </Button>
        </span>
      </h2>
      <p className="text-ink2 text-small">
        {top.label}. {text?.sentence}
      </p>
      <div className="mt-2.5 border-[1.5px] border-ink bg-paper px-3 py-2.5 *:not-first:mt-2 *:not-first:border-t *:not-first:border-zinc2 *:not-first:pt-2">
        <p className="text-small">= {text?.formula}</p>
        <InputTable rows={inputRows(top.working)} />
        <p className="text-small">
          = <span className="figure text-lead font-medium">{top.shown}</span>{' '}
          <span className="text-ink2 figure">{top.unit}</span>
        </p>
      </div>
      <Sources sources={top.working.from ?? []} />
      <Again number={top} />
      <p className="text-ink2 mt-4 text-small">
        {text?.source} Method {top.working.method}.
      </p>
    </Drawer>
  );
}

/** Whoever opened the drawer has the focus again once it is closed. */
function useReturn(): void {
  const opener = useWorking((state) => state.opener);
  useEffect(
    () => () => {
      // Not where one went on to something else meanwhile.
      if (document.activeElement === document.body && opener?.isConnected === true) opener.focus();
    },
    [opener],
  );
}

function InputTable({ rows }: { readonly rows: readonly InputRow[] }): ReactElement | null {
  if (rows.length === 0) return null;
  return (
    <Rows>
      <tbody>
        {rows.map((row) => (
          <tr key={row.label}>
            <th scope="row" className="text-ink2">
              {row.label}
            </th>
            <td className="figure">
              {row.value} <span className="text-ink2">{row.unit}</span>
            </td>
          </tr>
        ))}
      </tbody>
    </Rows>
  );
}

function Sources({ sources }: { readonly sources: readonly Source[] }): ReactElement | null {
  const enter = useWorking((state) => state.enter);
  if (sources.length === 0) return null;
  return (
    <>
      <h3 className="mt-4 border-b-[1.5px] pb-1 text-small">What it came from</h3>
      <Rows>
        <tbody>
          {sources.map((source) => {
            const shown = fixed(source.value, Math.abs(source.value) >= 100 ? 1 : 3);
            const { working } = source;
            return (
              <tr key={source.label} className={source.struck === undefined ? '' : 'text-ink2 line-through'}>
                <th scope="row">
                  {source.runId === undefined ? (
                    source.label
                  ) : (
                    <Link to={`/bench/runs/${source.runId}`}>{source.label}</Link>
                  )}
                  {source.struck !== undefined && <small className="block">{source.struck}</small>}
                </th>
                <td className="figure">
                  {working === undefined ? (
                    shown
                  ) : (
                    <button
                      type="button"
                      className={INK.measured}
                      aria-label={`${source.label}: ${shown}. Show working.`}
                      onClick={() => {
                        enter({ label: source.label, shown, unit: source.unit, working });
                      }}
                    >
                      {shown}
                    </button>
                  )}{' '}
                  <span className="text-ink2">{source.unit}</span>
                </td>
              </tr>
            );
          })}
        </tbody>
      </Rows>
    </>
  );
}

/** The same from outside: the input as it can be fed to `calc`, and where the number stands in the answer. */
function Again({ number }: { readonly number: OpenNumber }): ReactElement {
  const { calc, input, pick } = number.working;
  return (
    <details className="mt-4 text-small">
      <summary className="min-h-8 cursor-pointer font-semibold">Work it out again elsewhere</summary>
      <p className="text-ink2 mt-1">
        Give this to <span className="figure">calc {calc}</span>; the number is <span className="figure">{pick}</span>{' '}
        in its answer.
      </p>
      <pre
        className={`${BOX} figure mt-2 max-h-60 overflow-auto py-2 text-note`}
        data-calc={calc}
        data-pick={pick}
        tabIndex={0}
      >
        {JSON.stringify(input, null, 1)}
      </pre>
    </details>
  );
}
