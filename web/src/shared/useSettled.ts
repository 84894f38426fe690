import { useEffect, useState } from 'react';

/** A word is asked for once its typing has paused so long. */
export const PAUSE_MS = 60;

/** A value as it was when it last stood still for a moment. */
export function useSettled<T>(value: T): T {
  const [settled, setSettled] = useState(value);
  useEffect(() => {
    const pause = setTimeout(() => {
      setSettled(value);
    }, PAUSE_MS);
    return () => {
      clearTimeout(pause);
    };
  }, [value]);
  return settled;
}
