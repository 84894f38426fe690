import type { ReactElement } from 'react';
import { later } from './later';
import { useOnceWanted } from './useOnceWanted';
import { useToasts } from './toasts';

const ToastSlips = later(async () => (await import('./ToastSlips')).ToastSlips, null);

/** What happened elsewhere, above the bench; the slips come with the first that there is, and stay to read out the next. */
export function Toasts(): ReactElement | null {
  return useOnceWanted(useToasts(({ toasts }) => toasts.length > 0)) ? <ToastSlips /> : null;
}

/** Asks for the slips while there is time: something may have to be told when the network is away. */
export const fetchToasts = ToastSlips.fetch;
