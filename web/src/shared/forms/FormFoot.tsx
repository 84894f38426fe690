import type { ReactElement } from 'react';
import { Button } from '../../kit/Button';

interface FormFootProps {
  readonly waits: boolean;
  readonly onLeave: () => void;
}

/** The foot of a form that keeps something on a list: keep it, or leave it. */
export function FormFoot({ waits, onLeave }: FormFootProps): ReactElement {
  return (
    <p className="mt-3 flex gap-3">
      <Button type="submit" look="act" disabled={waits}>
        Keep it
      </Button>
      <Button onClick={onLeave}>Cancel</Button>
    </p>
  );
}
