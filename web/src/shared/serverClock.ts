import { useEffect, useState } from 'react';
import { readClock } from '../kit/format';
import { api } from './api';

/** How often the offset is measured again while the page is awake. */
const MEASURE_EVERY_MS = 60000;

/** Server's clock less the browser's, ms. Due times go by the server's, whatever the tablet believes. */
let offset_ms = 0;

export function serverNow(): number {
  return Date.now() + offset_ms;
}

export function setServerNow(now: number, sentAt: number, answeredAt: number): void {
  offset_ms = now - (sentAt + answeredAt) / 2;
}

async function measure(): Promise<void> {
  const sentAt = Date.now();
  const { now } = await api.get<{ now: number }>('/time');
  setServerNow(now, sentAt, Date.now());
}

/** Keeps the offset right through sleep: measured again on waking, and every minute. */
export function keepServerClock(): () => void {
  readClock(serverNow);
  const again = (): void => {
    measure().catch(() => undefined);
  };
  const onVisible = (): void => {
    if (document.visibilityState === 'visible') again();
  };
  const timer = setInterval(again, MEASURE_EVERY_MS);
  document.addEventListener('visibilitychange', onVisible);
  window.addEventListener('online', again);
  return () => {
    clearInterval(timer);
    document.removeEventListener('visibilitychange', onVisible);
    window.removeEventListener('online', again);
  };
}

/** The server's time, again every so often: a clock on the wall, not a counter. */
export function useServerNow(every_ms: number): number {
  const [now, setNow] = useState(serverNow);
  useEffect(() => {
    const timer = setInterval(() => {
      setNow(serverNow());
    }, every_ms);
    return () => {
      clearInterval(timer);
    };
  }, [every_ms]);
  return now;
}
