import type { ReactElement } from 'react';
import { BOX } from '../kit/box';

interface ReasonFieldProps {
  readonly reason: string;
  readonly onReason: (reason: string) => void;
  readonly onEnter?: () => void;
  /** What is corrected was typed just now. */
  readonly needless?: boolean;
}

/** Why a reading is corrected; the old one stays beside it. */
export function ReasonField({ reason, onReason, onEnter, needless = false }: ReasonFieldProps): ReactElement {
  return (
    <input
      className={`${BOX} mt-2 w-full text-left`}
      aria-label="Reason for the correction"
      placeholder={needless ? 'a slip of the finger; no reason needed' : 'why? the old value stays beside it'}
      value={reason}
      onChange={(event) => {
        onReason(event.target.value);
      }}
      onKeyDown={(event) => {
        if (event.key !== 'Enter') return;
        // Else the same press would reach what has the focus next.
        event.preventDefault();
        onEnter?.();
      }}
    />
  );
}

const LEAST_LETTERS = 3;

/** The sentence that asks for a reason; undefined where one was given. */
export function reasonRefusal(reason: string): string | undefined {
  return reason.trim().length < LEAST_LETTERS ? 'Say why it is corrected; the old value stays beside it.' : undefined;
}

/** The reason as it is kept: where none was asked for, it was a slip. */
export const reasonKept = (reason: string): string => (reason.trim() === '' ? 'slip of the finger' : reason.trim());
