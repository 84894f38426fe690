import type { RunSheet } from '@bent-pail/contract';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';

interface MillivoltState {
  /** pH cells are typed in mV. */
  readonly on: boolean;
  /** Temperature of what the pen stands in, as typed, °C. */
  readonly temp: string;
  set: (patch: { readonly on?: boolean; readonly temp?: string }) => void;
}

/** How pH cells are typed stays as it was chosen, over a reload too; the temperature only from cell to cell. */
export const useMillivolts = create<MillivoltState>()(
  persist(
    (set) => ({
      on: false,
      temp: '',
      set: (patch) => {
        set(patch);
      },
    }),
    // The extract of another day has another temperature: it is asked for anew.
    { name: 'bent-pail-millivolts', version: 2, partialize: ({ on }) => ({ on }) },
  ),
);

/** Whether a run's pen shows mV and has a calibration to make a pH of them. */
export function takesMillivolts({ instruments }: Pick<RunSheet, 'instruments'>): boolean {
  return instruments.some(({ kind, showsMv, calibrations }) => kind === 'pH' && showsMv && calibrations.length > 0);
}
