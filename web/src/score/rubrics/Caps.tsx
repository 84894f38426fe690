import type { ReactElement } from 'react';
import { Button } from '../../kit/Button';
import { Choice } from '../../kit/Choice';
import { Field } from '../../kit/Field';
import type { DraftCap } from './draft';

interface CapsProps {
  readonly criteria: readonly string[];
  readonly caps: readonly DraftCap[];
  readonly onCaps: (caps: readonly DraftCap[]) => void;
}

/** What holds the whole down, however good the rest: "no air: at most 6". */
export function Caps({ criteria, caps, onCaps }: CapsProps): ReactElement {
  const change = (i: number, next: Partial<DraftCap>): void => {
    onCaps(caps.map((cap, at) => (at === i ? { ...cap, ...next } : cap)));
  };
  return (
    <section className="mt-5" aria-label="Caps">
      <h2>
        What holds the whole down <small>a must is a cap at 0</small>
      </h2>
      {caps.map((cap, i) => (
        <div key={i} className="mt-2 flex flex-wrap items-end gap-3">
          <Choice
            label="Where"
            value={cap.criterion}
            options={criteria.map((one) => ({ key: one, words: one === '' ? 'not named yet' : one }))}
            onChange={(criterion) => {
              change(i, { criterion });
            }}
          />
          <Field
            label="scores under"
            mode="decimal"
            value={cap.below}
            onChange={(below) => {
              change(i, { below });
            }}
            className="w-28"
          />
          <Field
            label="it is at most"
            mode="decimal"
            value={cap.max}
            onChange={(max) => {
              change(i, { max });
            }}
            className="w-28"
          />
          <Button
            look="small"
            className="mb-2"
            onClick={() => {
              onCaps(caps.filter((_, at) => at !== i));
            }}
          >
            take out
          </Button>
        </div>
      ))}
      <Button
        look="small"
        className="mt-2"
        disabled={criteria.length === 0}
        onClick={() => {
          onCaps([...caps, { criterion: criteria[0] ?? '', below: '2', max: '6' }]);
        }}
      >
        A cap more
      </Button>
    </section>
  );
}
