import type { ReactElement, ReactNode } from 'react';
import { Link } from 'react-router';

interface RowNameProps {
  readonly to: string;
  readonly name: ReactNode;
  /** What else tells it from others, in a line of its own. */
  readonly line?: ReactNode;
}

/** How a row is called; it leads to its page. */
export function RowName({ to, name, line }: RowNameProps): ReactElement {
  return (
    <Link className="flex min-h-11 flex-col justify-center leading-tight no-underline hover:underline" to={to}>
      <b className="text-head font-semibold">{name}</b>
      {line !== undefined && line !== '' && <small>{line}</small>}
    </Link>
  );
}
