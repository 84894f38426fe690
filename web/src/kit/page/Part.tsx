import type { ReactElement, ReactNode } from 'react';

interface PartProps {
  readonly name: string;
  readonly children: ReactNode;
}

/** One part of the kit with its states in a row. */
export function Part({ name, children }: PartProps): ReactElement {
  return (
    <div className="border-t border-zinc3 py-4">
      <h3 className="mb-2 text-small text-ink2">{name}</h3>
      <div className="flex flex-wrap items-end gap-6">{children}</div>
    </div>
  );
}
