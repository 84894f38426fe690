import { create } from 'zustand';

/** Something that happened elsewhere, or that can still be undone; never that a reading was kept. */
export interface Told {
  readonly title: string;
  readonly line?: string;
  /** Where it happened. */
  readonly to?: { readonly address: string; readonly words: string };
  /** Brings back what was there. */
  readonly undo?: () => void;
}

interface ToastState {
  readonly toasts: readonly (Told & { readonly id: number })[];
  readonly tell: (told: Told) => void;
  readonly leave: (id: number) => void;
}

/** So many are shown at once, the newest. */
const MOST = 3;
let last = 0;

export const useToasts = create<ToastState>((set) => ({
  toasts: [],
  tell: (told) => {
    last += 1;
    const id = last;
    set(({ toasts }) => ({ toasts: [...toasts, { ...told, id }].slice(-MOST) }));
  },
  leave: (id) => {
    set(({ toasts }) => ({ toasts: toasts.filter((one) => one.id !== id) }));
  },
}));

export const { tell } = useToasts.getState();

/** Does what can be undone, and offers the way back for a while. */
export function undoable(title: string, undo: () => void): void {
  tell({ title, undo });
}
