import type { ReactElement } from 'react';
import { draftKey, useDrafts } from './draftStore';
import type { CellAt } from './cursor';
import { Button } from '../kit/Button';

const DIGITS = ['7', '8', '9', '4', '5', '6', '1', '2', '3', '.', '0'] as const;

interface KeypadProps {
  readonly runId: string;
  readonly cell: CellAt;
  /** What is typed may lie under zero. */
  readonly signed: boolean;
  readonly onKeep: () => void;
}

/** Keys of 60 px and more for wet hands, under the sheet so that the step's picture stays in view. */
export function Keypad({ runId, cell, signed, onKeep }: KeypadProps): ReactElement {
  const key = draftKey(runId, cell.replicate, cell.step);
  const text = useDrafts((state) => state.texts[key] ?? '');
  const type = useDrafts((state) => state.type);
  return (
    <div className="keypad" role="group" aria-label="Keypad">
      {DIGITS.map((digit) => (
        <button
          key={digit}
          type="button"
          className="figure"
          onClick={() => {
            type(key, text + digit);
          }}
        >
          {digit}
        </button>
      ))}
      {signed && (
        <button
          type="button"
          className="figure"
          aria-label="minus"
          onClick={() => {
            type(key, text.startsWith('-') ? text.slice(1) : `-${text}`);
          }}
        >
          −
        </button>
      )}
      <button
        type="button"
        className="words"
        onClick={() => {
          type(key, text.slice(0, -1));
        }}
      >
        Rub out
      </button>
      <Button look="act" onClick={onKeep}>
        {text === '' ? 'Keep' : `Keep ${text}`}
      </Button>
    </div>
  );
}
