import type { ReactElement } from 'react';
import { sentenceOf } from '../shared/api';

interface FormFootProps {
  readonly error: Error | null;
  readonly waits: boolean;
  readonly onLeave: () => void;
  /** Takes what is edited away; absent where it is not there yet. */
  readonly onDrop?: (() => void) | undefined;
}

/** The foot of a form that keeps something on a list: keep it, leave it, take it off. */
export function FormFoot({ error, waits, onLeave, onDrop }: FormFootProps): ReactElement {
  return (
    <>
      {error !== null && (
        <p className="sorry mt-2" role="alert">
          {sentenceOf(error)}
        </p>
      )}
      <p className="mt-3 flex gap-3">
        <button type="submit" className="act" disabled={waits}>
          Keep it
        </button>
        <button type="button" className="alt" onClick={onLeave}>
          Leave it
        </button>
        {onDrop !== undefined && (
          <button type="button" className="alt" onClick={onDrop}>
            Take it off the list
          </button>
        )}
      </p>
    </>
  );
}
