import { cellReplicate, isAsked, stepsShown, type Protocol, type Sheet, type Step } from '@bent-pail/core';

/** A cell of the sheet: which replicate, which step. */
export interface CellAt {
  readonly replicate: number;
  readonly step: string;
}

/** Whether a step takes a number: a timer is started and a class is chosen. */
export function isTyped(step: Step | undefined): boolean {
  return step !== undefined && step.kind !== 'time' && step.classes === undefined;
}

interface SheetShape {
  readonly protocol: Protocol;
  readonly replicateCount: number;
  readonly excluded: ReadonlySet<number>;
}

/** All cells in the order of the work: a step across the replicates, then the next step. */
export function cellsInOrder(
  { protocol, replicateCount, excluded }: SheetShape,
  sheet: Sheet,
): (CellAt & { readonly optional: boolean })[] {
  return protocol.steps
    .filter((step) => step.onDemand !== true)
    .flatMap((step) =>
      Array.from({ length: step.once === true ? 1 : replicateCount }, (_, replicate) => replicate)
        .filter((replicate) => !excluded.has(replicate) || (step.once === true && replicate === 0))
        .filter((replicate) => isAsked(step, sheet, replicate))
        .map((replicate) => ({ replicate, step: step.key, optional: step.optional === true })),
    );
}

/**
 * The next cell to fill after `from` (or from the top): the first empty one in the order of the work, coming round to
 * what was passed over. Optional cells behind us are not gone back to.
 */
export function nextEmpty(shape: SheetShape, sheet: Sheet, from?: CellAt): CellAt | undefined {
  const cells = cellsInOrder(shape, sheet);
  const at =
    from === undefined ? -1 : cells.findIndex((cell) => cell.replicate === from.replicate && cell.step === from.step);
  const isEmpty = (cell: CellAt): boolean => sheet.cell(cell.replicate, cell.step).standing.length === 0;
  const later = (cell: CellAt & { optional: boolean }): boolean =>
    !cell.optional || !cells.slice(cells.indexOf(cell) + 1).some((one) => !isEmpty(one));
  const ahead = cells.slice(at + 1).find((cell) => isEmpty(cell) && later(cell));
  return ahead ?? cells.slice(0, Math.max(at, 0)).find((cell) => isEmpty(cell) && !cell.optional);
}

/** Where an arrow key leads. */
export function moved(shape: SheetShape, sheet: Sheet, from: CellAt, key: string): CellAt | undefined {
  const steps = stepsShown(shape.protocol, sheet, shape.replicateCount);
  const row = steps.findIndex((step) => step.key === from.step);
  const across = key === 'ArrowLeft' ? -1 : key === 'ArrowRight' ? 1 : 0;
  const down = key === 'ArrowUp' ? -1 : key === 'ArrowDown' ? 1 : 0;
  const step = steps[row + down];
  if (step === undefined) return undefined;
  const replicate = from.replicate + across;
  if (replicate < 0 || replicate >= shape.replicateCount) return undefined;
  if (across !== 0 && (steps[row] as Step).once === true) return undefined;
  return { replicate: cellReplicate(step, replicate), step: step.key };
}
