import type { ReactElement } from 'react';
import { Button } from './Button';

/** Where a part of a page would stand whose script did not come: the network is away, or the product was updated. */
export function DidNotCome(): ReactElement {
  return (
    <div className="flex flex-wrap items-center gap-3 p-5" role="alert">
      <p>This part did not come over the network. What was kept is kept.</p>
      <Button
        onClick={() => {
          window.location.reload();
        }}
      >
        Load the page again
      </Button>
    </div>
  );
}
