import { Dialog } from 'radix-ui';
import type { ReactElement } from 'react';

const KEYS: readonly (readonly [string, string])[] = [
  ['0', 'Today'],
  ['1 2 3 5', 'Shelf, Bench, Blend, Score'],
  ['/', 'find on the shelf'],
  ['Enter', 'keep the reading and go on'],
  ['↑ ↓ ← →', 'move in a run sheet'],
  ['Esc', 'leave the cell, keep its text; close'],
  ['W', 'working of the number in focus, or of the first one'],
  ['?', 'this sheet'],
];

interface KeySheetProps {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
}

/** Every key on one sheet. */
export function KeySheet({ open, onOpenChange }: KeySheetProps): ReactElement {
  return (
    <Dialog.Root open={open} onOpenChange={onOpenChange}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-20 bg-ink/40" />
        <Dialog.Content className="fixed top-1/2 left-1/2 z-30 w-[min(440px,94vw)] -translate-x-1/2 -translate-y-1/2 border-[3px] border-ink bg-paper p-6">
          <Dialog.Title className="text-lead">Keys</Dialog.Title>
          <Dialog.Description className="q mb-3 text-small">
            Single keys work when no field has the cursor.
          </Dialog.Description>
          <table className="rows">
            <tbody>
              {KEYS.map(([key, does]) => (
                <tr key={key}>
                  <th scope="row" className="f">
                    {key}
                  </th>
                  <td>{does}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <Dialog.Close className="alt mt-5">Close</Dialog.Close>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
