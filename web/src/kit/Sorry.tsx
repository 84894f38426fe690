import type { ReactElement, ReactNode } from 'react';

interface SorryProps {
  readonly children: ReactNode;
  readonly id?: string;
  /** It stands there from the first: nothing is read out. */
  readonly quiet?: boolean;
  readonly className?: string;
}

/** Why something cannot be done, where it was asked for. It is read out as it comes. */
export function Sorry({ children, id, quiet = false, className = '' }: SorryProps): ReactElement {
  return (
    <span
      id={id}
      role={quiet ? undefined : 'alert'}
      className={`block bg-slab px-2.5 py-1.5 text-small leading-[1.3] font-normal text-inverse ${className}`}
    >
      {children}
    </span>
  );
}
