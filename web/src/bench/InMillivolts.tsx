import type { ReactElement } from 'react';
import { useMillivolts } from './millivolts';

/** Under a pH cell whose pen shows mV: which of the two is typed, and how warm the extract is. */
export function InMillivolts(): ReactElement {
  const { on, temp, set } = useMillivolts();
  return (
    <div className="in-mv" role="group" aria-label="How it is typed">
      {(['pH', 'mV'] as const).map((unit) => (
        <label key={unit}>
          <input
            type="radio"
            name="ph-typed-in"
            checked={on === (unit === 'mV')}
            onChange={() => {
              set({ on: unit === 'mV' });
            }}
          />
          {unit}
        </label>
      ))}
      {on && (
        <label>
          at
          <input
            className="f"
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
