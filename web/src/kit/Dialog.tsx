import { Dialog as Primitive } from 'radix-ui';
import type { ReactElement, ReactNode } from 'react';
import { BUTTON } from './Button';
import { useFocusKept } from './useFocusKept';

interface DialogProps {
  readonly title: ReactNode;
  /** What it does, and what it leaves alone. */
  readonly line: ReactNode;
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  /** Words that open it; without any it is opened from elsewhere. */
  readonly opener?: string;
  readonly wide?: boolean;
  readonly children: ReactNode;
}

export const DIM = 'fixed inset-0 z-20 bg-ink/40';
export const SHEET =
  'fixed top-1/2 left-1/2 z-30 max-h-[94vh] -translate-x-1/2 -translate-y-1/2 overflow-auto border-[3px] border-ink bg-paper p-6';

/** A sheet laid over the page: what is under it waits. */
export function Dialog({ title, line, open, onOpenChange, opener, wide = false, children }: DialogProps): ReactElement {
  const focus = useFocusKept();
  return (
    <Primitive.Root open={open} onOpenChange={onOpenChange}>
      {opener !== undefined && <Primitive.Trigger className={BUTTON.tie}>{opener}</Primitive.Trigger>}
      <Primitive.Portal>
        <Primitive.Overlay className={DIM} />
        <Primitive.Content
          className={`${SHEET} ${wide ? 'w-[min(680px,94vw)]' : 'w-[min(440px,94vw)]'}`}
          // With a trigger of its own it gives the focus back by itself.
          {...(opener === undefined ? focus : {})}
        >
          <Primitive.Title className="text-lead">{title}</Primitive.Title>
          <Primitive.Description className="mb-3 text-small text-ink2">{line}</Primitive.Description>
          {children}
        </Primitive.Content>
      </Primitive.Portal>
    </Primitive.Root>
  );
}

/** Leaves the sheet as it was. */
export function DialogClose({ children }: { readonly children: ReactNode }): ReactElement {
  return <Primitive.Close className={BUTTON.alt}>{children}</Primitive.Close>;
}
