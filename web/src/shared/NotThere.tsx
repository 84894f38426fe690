import type { ReactElement } from 'react';
import { ButtonLink } from '../kit/Button';
import { EmptyPail } from './EmptyPail';

interface NotThereProps {
  readonly says: string;
  /** Where the others of its kind are; Today where it has no kind. */
  readonly on?: { readonly to: string; readonly name: string };
}

/** The whole of a page whose thing is gone or never was: says so, and leads on. */
export function NotThere({ says, on = { to: '/', name: 'Back to Today' } }: NotThereProps): ReactElement {
  return (
    <main>
      <EmptyPail whole question={says}>
        <ButtonLink look="act" to={on.to}>
          {on.name}
        </ButtonLink>
      </EmptyPail>
    </main>
  );
}
