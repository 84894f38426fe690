import type { Working } from '@bent-pail/core';
import { create } from 'zustand';

/** One number whose working can be opened. */
export interface OpenNumber {
  readonly label: string;
  readonly shown: string;
  readonly unit: string;
  readonly working: Working;
}

interface WorkingState {
  /** The number last opened on top; those that it was reached from below it. */
  readonly stack: readonly OpenNumber[];
  /** What had the focus when it was opened. */
  readonly opener: HTMLElement | null;
  open: (number: OpenNumber) => void;
  /** Goes into a number that this one was made of. */
  enter: (number: OpenNumber) => void;
  back: () => void;
  close: () => void;
}

export const useWorking = create<WorkingState>((set) => ({
  stack: [],
  opener: null,
  open: (number) => {
    const { activeElement: opener } = document;
    set({ stack: [number], opener: opener instanceof HTMLElement ? opener : null });
  },
  enter: (number) => {
    set(({ stack }) => ({ stack: [...stack, number] }));
  },
  back: () => {
    set(({ stack }) => ({ stack: stack.slice(0, -1) }));
  },
  close: () => {
    set({ stack: [] });
  },
}));
