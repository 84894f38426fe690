import type { ReactElement } from 'react';
import { Link } from 'react-router';
import { EmptyPail } from '../shared/EmptyPail';

export function NothingHere(): ReactElement {
  return (
    <main>
      <EmptyPail question="There is nothing at this address.">
        <Link className="act" to="/">
          Back to Today
        </Link>
      </EmptyPail>
    </main>
  );
}
