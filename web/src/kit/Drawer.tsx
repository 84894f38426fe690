import type { ReactElement, ReactNode } from 'react';

interface DrawerProps {
  readonly label: string;
  readonly children: ReactNode;
}

/** A strip at the right edge, above the bench; what is under it stays in reach. */
export function Drawer({ label, children }: DrawerProps): ReactElement {
  return (
    <aside
      aria-label={label}
      className="fixed top-0 right-0 bottom-[72px] z-12 w-[min(380px,100vw)] overflow-y-auto border-l-[6px] border-slab bg-zinc1 px-4.5 pt-3.5 pb-5 motion-safe:animate-[drawer-in_var(--t-drawer)_var(--ease-settle)]"
    >
      {children}
    </aside>
  );
}
