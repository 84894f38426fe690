import { create } from 'zustand';

interface FindState {
  readonly isOpen: boolean;
  /** What had the focus when it was opened. */
  readonly from: Element | null;
  /** What is typed into it. */
  readonly text: string;
  /** Opens it empty, or closes it. */
  setOpen: (isOpen: boolean) => void;
  setText: (text: string) => void;
}

/** Whether the box that finds anything lies over the page, and what is looked for. */
export const useFind = create<FindState>((set) => ({
  isOpen: false,
  from: null,
  text: '',
  setOpen: (isOpen) => {
    set({ isOpen, text: '', ...(isOpen ? { from: document.activeElement } : {}) });
  },
  setText: (text) => {
    set({ text });
  },
}));
