import type { ReactElement } from 'react';
import { BUTTON } from '../kit/Button';

/** The first thing that Tab comes to: straight to the bench edge, past everything on the page. */
export function SkipLink(): ReactElement {
  return (
    <button
      type="button"
      className={`${BUTTON.act} fixed top-2 left-2 z-40 not-focus:sr-only`}
      onClick={() => {
        document.querySelector<HTMLElement>('nav[aria-label="Order of the work"] a')?.focus();
      }}
    >
      Skip to the stations
    </button>
  );
}
