import { create } from 'zustand';

/** Whether the bench computer tells of changes by itself; while it does not, open sheets are asked for. */
export const useLive = create<{ readonly connected: boolean }>(() => ({ connected: false }));
