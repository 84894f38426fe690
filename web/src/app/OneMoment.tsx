import type { ReactElement } from 'react';

/** Before the first page is there. */
export function OneMoment(): ReactElement {
  return <main className="p-8">One moment.</main>;
}
