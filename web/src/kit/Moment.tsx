import type { ReactElement } from 'react';

/** What stands where something will stand as soon as it has come. */
export function Moment({ className = 'p-5' }: { readonly className?: string }): ReactElement {
  return (
    <p data-moment className={`text-ink2 ${className}`}>
      One moment.
    </p>
  );
}
