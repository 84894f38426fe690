import type { ReactElement, ReactNode } from 'react';

interface SidewaysProps {
  /** What is in it, for those who hear it. */
  readonly label: string;
  readonly className?: string;
  readonly children: ReactNode;
}

/** What is wider than a narrow screen moves sideways by itself, by a finger or by the arrow keys. */
export const Sideways = ({ label, className = '', children }: SidewaysProps): ReactElement => (
  // A keyboard moves only what can have the focus.
  // oxlint-disable-next-line jsx-a11y/no-noninteractive-tabindex
  <div className={`overflow-x-auto ${className}`} role="region" aria-label={label} tabIndex={0}>
    {children}
  </div>
);
