import { Toast } from 'radix-ui';
import type { ReactElement } from 'react';
import { Button, ButtonLink } from './Button';
import { useToasts } from './toasts';

/** How long one stays, ms; longer while a pointer or the focus is on it. */
const STAYS_MS = 9000;

/** Slips of paper above the bench, each read out once: what happened elsewhere, and what can be undone. */
export function ToastSlips(): ReactElement {
  const { toasts, leave } = useToasts();
  return (
    <Toast.Provider duration={STAYS_MS} label="Messages">
      {toasts.map(({ id, title, line, to, undo }) => (
        <Toast.Root
          key={id}
          onOpenChange={(open) => {
            if (!open) leave(id);
          }}
          className="flex items-center gap-4 border-[1.5px] border-ink bg-paper py-2 pr-2 pl-4 text-small text-ink"
        >
          <div className="min-w-0 flex-1">
            <Toast.Title className="font-semibold">{title}</Toast.Title>
            {line !== undefined && <Toast.Description className="text-ink2">{line}</Toast.Description>}
          </div>
          {undo !== undefined && (
            <Toast.Action altText="Undo it" asChild>
              <Button look="low" onClick={undo}>
                Undo
              </Button>
            </Toast.Action>
          )}
          {to !== undefined && (
            <Toast.Action altText={to.words} asChild>
              <ButtonLink look="low" to={to.address}>
                {to.words}
              </ButtonLink>
            </Toast.Action>
          )}
          <Toast.Close asChild>
            <Button look="small" className="px-2">
              Close
            </Button>
          </Toast.Close>
        </Toast.Root>
      ))}
      <Toast.Viewport
        label="Messages ({hotkey})"
        className="fixed right-3 bottom-[84px] z-20 flex w-[min(460px,calc(100vw-24px))] flex-col gap-2 print:hidden"
      />
    </Toast.Provider>
  );
}
