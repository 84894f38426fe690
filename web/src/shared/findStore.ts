import { create } from 'zustand';

interface FindState {
  readonly isOpen: boolean;
  setOpen: (isOpen: boolean) => void;
}

/** Whether the box that finds anything lies over the page. */
export const useFind = create<FindState>((set) => ({
  isOpen: false,
  setOpen: (isOpen) => {
    set({ isOpen });
  },
}));
