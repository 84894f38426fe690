import type { ReactElement } from 'react';
import { Button } from './Button';

const DIGITS = ['7', '8', '9', '4', '5', '6', '1', '2', '3', '.', '0'] as const;

const KEY = 'bg-paper text-title font-medium';
const KEY_WORDS = 'bg-paper text-head font-semibold';

interface KeypadProps {
  /** What is typed into the lit cell. */
  readonly text: string;
  readonly onText: (text: string) => void;
  readonly onKeep: () => void;
  /** What is typed may lie below nothing. */
  readonly isSigned?: boolean;
}

/** Keys of 60 px and more for wet hands, under the sheet so that the step's picture stays in view. */
export function Keypad({ text, onText, onKeep, isSigned = false }: KeypadProps): ReactElement {
  return (
    <div
      className="hidden auto-rows-[64px] max-[520px]:auto-rows-[52px] grid-cols-3 content-start gap-0.5 bg-zinc2 max-[900px]:grid"
      role="group"
      aria-label="Keypad"
    >
      {DIGITS.map((digit) => (
        <button
          key={digit}
          type="button"
          className={`figure ${KEY}`}
          onClick={() => {
            onText(text + digit);
          }}
        >
          {digit}
        </button>
      ))}
      {isSigned && (
        <button
          type="button"
          className={`figure ${KEY}`}
          aria-label="minus"
          onClick={() => {
            onText(text.startsWith('-') ? text.slice(1) : `-${text}`);
          }}
        >
          −
        </button>
      )}
      <button
        type="button"
        className={KEY_WORDS}
        onClick={() => {
          onText(text.slice(0, -1));
        }}
      >
        Delete
      </button>
      <Button look="act" className="col-span-full rounded-none" onClick={onKeep}>
        {text === '' ? 'Keep' : `Keep ${text}`}
      </Button>
    </div>
  );
}
