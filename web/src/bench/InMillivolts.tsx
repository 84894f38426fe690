import type { ReactElement } from 'react';
import { useMillivolts } from './millivolts';
import { OneOf } from '../kit/OneOf';

const UNITS = [
  { key: 'pH', words: 'pH' },
  { key: 'mV', words: 'mV' },
] as const;

/** Under a pH cell whose pen shows mV: which of the two is typed, and how warm the extract is. */
export function InMillivolts(): ReactElement {
  const { on, temp, set } = useMillivolts();
  return (
    <div className="in-mv">
      <OneOf
        label="How it is typed"
        unseen
        value={on ? 'mV' : 'pH'}
        options={UNITS}
        onChange={(unit) => {
          set({ on: unit === 'mV' });
        }}
      />
      {on && (
        <label>
          at
          <input
            className="figure"
            aria-label="Temperature of the extract, °C"
            inputMode="decimal"
            value={temp}
            onChange={(event) => {
              set({ temp: event.target.value });
            }}
          />
          °C
        </label>
      )}
    </div>
  );
}
