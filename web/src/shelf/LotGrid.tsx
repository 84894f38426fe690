import type { ReactElement, ReactNode } from 'react';

interface LotGridProps {
  readonly children: ReactNode;
}

/** A lot's page: what it looks like at the left, what is known of it at the right. */
export function LotGrid({ children }: LotGridProps): ReactElement {
  return <div className="grid *:min-w-0 min-[901px]:grid-cols-[350px_minmax(0,1fr)]">{children}</div>;
}

interface SideProps extends LotGridProps {
  readonly label: string;
}

export function LotLeft({ label, children }: SideProps): ReactElement {
  return (
    <section
      aria-label={label}
      className="border-ink px-4.5 py-3 max-[900px]:border-b-[3px] min-[901px]:border-r min-[901px]:border-zinc3"
    >
      {children}
    </section>
  );
}

export function LotMain({ label, children }: SideProps): ReactElement {
  return (
    <section aria-label={label} className="@container min-w-0 px-5 pt-2.5 pb-3.5">
      {children}
    </section>
  );
}
