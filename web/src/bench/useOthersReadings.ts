import type { RunSheet } from '@bent-pail/contract';
import { replicateName } from '@bent-pail/core';
import { useEffect, useRef } from 'react';
import { amount } from '../shared/units/mine';
import { tell } from '../kit/toasts';

/** Readings that somebody else keeps while one has the sheet open are told of: one’s own stand in their cells. */
export function useOthersReadings({ readings, protocol }: RunSheet, me: string): void {
  const seen = useRef<number>(undefined);
  useEffect(() => {
    const last = readings.at(-1)?.seq ?? 0;
    const before = seen.current;
    seen.current = last;
    // What stood there when the sheet was opened is no news.
    if (before === undefined) return;
    for (const { seq, by, step: key, replicate, value } of readings) {
      if (seq <= before || by === undefined || by === me) continue;
      const step = protocol.steps.find((one) => one.key === key);
      const said = step?.classes?.[value] ?? amount(value, step?.unit ?? '', Number.isInteger(value) ? 0 : 2);
      tell({
        title: `${by} read ${step?.kind === 'time' ? 'the time' : said.trim()}`,
        line: `${step?.label ?? key}, ${replicateName(replicate)}`,
      });
    }
  }, [readings, protocol, me]);
}
