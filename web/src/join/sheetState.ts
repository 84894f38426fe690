import type { GroupPage, GroupReading } from '@bent-pail/contract';
import { pupilSheetCalled, stepsFor, type PupilFigure, type PupilSheet } from '@bent-pail/core';
import { useMemo } from 'react';
import { useWaitingOfGroup } from '../shared/outbox/useOutbox';

/** A step of one of the times that a group measures. */
export interface Cell {
  readonly repeat: number;
  readonly step: PupilSheet['steps'][number];
}

/** A group's sheet of one sample as it stands in this phone: what was kept, and what waits to be. */
export interface SheetState {
  readonly sheet: PupilSheet;
  readonly sampleId: string;
  readonly guessed: ReadonlyMap<string, { readonly value: number; readonly margin: number }>;
  /** What is guessed before the sheet opens. */
  readonly toGuess: readonly PupilFigure[];
  readonly readings: readonly GroupReading[];
  readonly cells: readonly Cell[];
  /** The first cell that is empty; undefined when all are filled. */
  readonly next: Cell | undefined;
  readonly waiting: number;
  /** Sentences of the server about what it would not keep. */
  readonly refused: readonly string[];
}

export const readingIn = (
  { readings }: Pick<SheetState, 'readings'>,
  repeat: number,
  step: string,
): GroupReading | undefined => readings.findLast((one) => one.repeat === repeat && one.step === step);

export function useSheetState(page: GroupPage, sampleId: string): SheetState | undefined {
  const waiting = useWaitingOfGroup(page.groupId);
  return useMemo(() => {
    const sheet = pupilSheetCalled(page.sheet);
    if (sheet === undefined) return undefined;
    const unsent = waiting.filter((entry) => entry.problem === undefined);
    const guesses = [...page.guesses, ...unsent.flatMap((entry) => ('guess' in entry ? entry.guess : []))];
    const known = new Set(page.readings.map(({ id }) => id));
    const queued = unsent.flatMap((entry) => ('groupReading' in entry ? entry.groupReading : []));
    const readings = [...page.readings, ...queued.filter(({ id }) => !known.has(id))].filter(
      (one) => one.sampleId === sampleId,
    );
    const steps = stepsFor(sheet, page.pot?.volume_mL);
    const cells = Array.from({ length: page.repeats }, (_, repeat) =>
      steps.map((step): Cell => ({ repeat, step })),
    ).flat();
    return {
      sheet,
      sampleId,
      guessed: new Map(guesses.filter((one) => one.sampleId === sampleId).map((one) => [one.figure, one])),
      toGuess: sheet.figures.filter(({ guess }) => guess !== undefined),
      readings,
      cells,
      next: cells.find(({ repeat, step }) => readingIn({ readings }, repeat, step.key) === undefined),
      waiting: unsent.length,
      refused: waiting.flatMap(({ problem }) => problem ?? []),
    };
  }, [page, sampleId, waiting]);
}
