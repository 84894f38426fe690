import type { NewReading } from '@bent-pail/contract';
import type { Cell, Reading, Step } from '@bent-pail/core';
import type { CellEntry } from './useCellEntry';

export interface LitCellProps {
  readonly step: Step;
  readonly replicate: number;
  /** What was read for it so far. */
  readonly cell: Cell;
  readonly entry: CellEntry;
  readonly mayWrite: boolean;
  /** Something before the sheet has the cursor: its vessels are not measured yet. */
  readonly waits?: boolean;
  readonly onKeep: (reading: NewReading) => void;
  readonly onMove: (key: string) => void;
  /** Several cells were pasted from a spreadsheet; without it they cannot be. */
  readonly onPaste?: (block: readonly (readonly string[])[]) => void;
}

export interface FilledProps extends LitCellProps {
  /** The reading that a new one would correct. */
  readonly standing: Reading | undefined;
}
