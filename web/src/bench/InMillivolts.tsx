import type { ReactElement } from 'react';
import { useMillivolts } from './millivolts';
import { OneOf } from '../kit/OneOf';

const UNITS = [
  { key: 'pH', words: 'pH' },
  { key: 'mV', words: 'mV' },
] as const;

interface InMillivoltsProps {
  /** The pen of this sheet shows mV and is calibrated. */
  readonly takesMv: boolean;
  readonly onEnter: () => void;
}

/** Under a pH cell: which of the two is typed, and how warm the extract is. */
export function InMillivolts({ takesMv, onEnter }: InMillivoltsProps): ReactElement {
  const { on, temp, set } = useMillivolts();
  return (
    <div className="flex flex-wrap items-center justify-end gap-x-4 gap-y-1 text-body">
      <OneOf
        label="How it is typed"
        unseen
        value={on ? 'mV' : 'pH'}
        options={UNITS}
        onChange={(unit) => {
          set({ on: unit === 'mV' });
        }}
      />
      {on && !takesMv && (
        <p className="text-left text-small" role="status">
          mV take a meter that shows them and its calibration: choose or add one above. Until then type pH.
        </p>
      )}
      {on && takesMv && (
        <label className="flex min-h-11 items-center gap-1.5">
          at
          <input
            className="figure w-16 border-[1.5px] border-ink bg-paper px-2 py-1.5"
            aria-label="Temperature of the extract, °C"
            inputMode="decimal"
            value={temp}
            onChange={(event) => {
              set({ temp: event.target.value });
            }}
            onKeyDown={(event) => {
              if (event.key !== 'Enter') return;
              event.preventDefault();
              onEnter();
            }}
          />
          °C
        </label>
      )}
    </div>
  );
}
