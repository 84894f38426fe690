import type { ReactElement } from 'react';
import { sentenceOf } from '../api';
import { Sorry } from '../../kit/Sorry';
import { Button } from '../../kit/Button';

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
      {error !== null && <Sorry className="mt-2">{sentenceOf(error)}</Sorry>}
      <p className="mt-3 flex gap-3">
        <Button type="submit" look="act" disabled={waits}>
          Keep it
        </Button>
        <Button onClick={onLeave}>Cancel</Button>
        {onDrop !== undefined && <Button onClick={onDrop}>Take it off the list</Button>}
      </p>
    </>
  );
}
