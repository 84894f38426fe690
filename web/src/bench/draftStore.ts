import { create } from 'zustand';
import { persist } from 'zustand/middleware';

interface DraftState {
  /** Text typed into a cell and not kept yet, by run, replicate and step. */
  readonly texts: Readonly<Record<string, string>>;
  type: (key: string, text: string) => void;
}

export const draftKey = (runId: string, replicate: number, step: string): string =>
  `${runId}:${String(replicate)}:${step}`;

/** Leaving a cell, a reload or a closed tab loses no typed text. */
export const useDrafts = create<DraftState>()(
  persist(
    (set) => ({
      texts: {},
      type: (key, text) => {
        set(({ texts }) => {
          const { [key]: _old, ...others } = texts;
          return { texts: text === '' ? others : { ...others, [key]: text } };
        });
      },
    }),
    { name: 'bent-pail-cells', version: 1, migrate: () => ({ texts: {} }) },
  ),
);
