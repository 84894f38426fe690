import type { ReactElement } from 'react';
import { Dialog, DialogClose } from '../kit/Dialog';
import { placeOf } from '../shared/view';
import { STATIONS } from './views';
import { Rows } from '../kit/Rows';

const KEYS: readonly (readonly [string, string])[] = [
  ['0', 'Today'],
  [STATIONS.map(({ word }) => placeOf(word)).join(' '), STATIONS.map(({ word }) => word).join(', ')],
  ['/ Ctrl-K', 'find anything'],
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
    <Dialog title="Keys" line="Single keys work when no field has the cursor." open={open} onOpenChange={onOpenChange}>
      <Rows>
        <tbody>
          {KEYS.map(([key, does]) => (
            <tr key={key}>
              <th scope="row" className="figure">
                {key}
              </th>
              <td>{does}</td>
            </tr>
          ))}
        </tbody>
      </Rows>
      <p className="mt-5">
        <DialogClose>Close</DialogClose>
      </p>
    </Dialog>
  );
}
