import { AlertDialog } from 'radix-ui';
import type { ReactElement, ReactNode } from 'react';
import { DIM, SHEET } from './Dialog';
import { BUTTON } from './Button';

interface AskTwiceProps {
  /** Words that ask. */
  readonly opener: string;
  readonly title: string;
  /** What cannot be brought back. */
  readonly line: ReactNode;
  readonly no: string;
  readonly yes: string;
  readonly onYes: () => void;
}

/** What cannot be undone is asked a second time. */
export function AskTwice({ opener, title, line, no, yes, onYes }: AskTwiceProps): ReactElement {
  return (
    <AlertDialog.Root>
      <AlertDialog.Trigger className={BUTTON.tie}>{opener}</AlertDialog.Trigger>
      <AlertDialog.Portal>
        <AlertDialog.Overlay className={DIM} />
        <AlertDialog.Content className={`${SHEET} flex w-[min(440px,94vw)] flex-col gap-4`}>
          <AlertDialog.Title className="text-lead">{title}</AlertDialog.Title>
          <AlertDialog.Description>{line}</AlertDialog.Description>
          <p className="flex flex-wrap justify-end gap-3">
            <AlertDialog.Cancel className={BUTTON.alt}>{no}</AlertDialog.Cancel>
            <AlertDialog.Action className={BUTTON.slab} onClick={onYes}>
              {yes}
            </AlertDialog.Action>
          </p>
        </AlertDialog.Content>
      </AlertDialog.Portal>
    </AlertDialog.Root>
  );
}
