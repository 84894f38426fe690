/** How long a lease lasts without locks, and how often it is renewed or asked for, ms. */
const LEASE = Object.freeze({ lasts: 4000, every: 1000, settle: 60 });

interface Lease {
  readonly tab: string;
  readonly until: number;
}

function leaseAt(key: string): Lease | undefined {
  try {
    return (JSON.parse(localStorage.getItem(key) ?? 'null') as Lease | null) ?? undefined;
  } catch {
    // Somebody else's words under our name count as none.
    return undefined;
  }
}

/**
 * Takes turns where the browser has no locks (a page that is not served securely): a lease in the browser's store,
 * renewed while the tab lives. Two tabs can hold it for a moment; whatever is done under it must bear that.
 */
function takeTurns(key: string, lead: () => () => void): () => void {
  const tab = String(Math.random());
  let stopLeading: (() => void) | undefined;
  const isMine = (): boolean => leaseAt(key)?.tab === tab;
  const write = (): void => {
    localStorage.setItem(key, JSON.stringify({ tab, until: Date.now() + LEASE.lasts }));
  };
  const giveUp = (): void => {
    stopLeading?.();
    stopLeading = undefined;
  };
  const look = (): void => {
    const lease = leaseAt(key);
    const isFree = lease === undefined || lease.until < Date.now();
    if (isMine()) write();
    else if (isFree) {
      write();
      // Whoever wrote last in a race has it.
      setTimeout(() => {
        if (isMine()) stopLeading ??= lead();
      }, LEASE.settle);
    } else giveUp();
  };
  look();
  const timer = setInterval(look, LEASE.every);
  const leave = (): void => {
    clearInterval(timer);
    giveUp();
    if (isMine()) localStorage.removeItem(key);
  };
  window.addEventListener('pagehide', leave);
  return () => {
    window.removeEventListener('pagehide', leave);
    leave();
  };
}

/** Whether this page has what only securely served pages have. */
export const hasLocks = (): boolean => 'locks' in navigator;

/**
 * Does something in one tab of this browser at a time: `lead` begins it and returns how to end it; when the tab goes,
 * another one takes over. Returns how to stop.
 */
export function inOneTab(name: string, lead: () => () => void): () => void {
  if (!hasLocks()) return takeTurns(name, lead);
  const given = new AbortController();
  let stopLeading: (() => void) | undefined;
  let release: () => void = () => undefined;
  const released = new Promise<void>((resolve) => {
    release = resolve;
  });
  navigator.locks
    .request(name, { signal: given.signal }, async () => {
      stopLeading = lead();
      await released;
    })
    // Stopped while another tab still had it.
    .catch(() => undefined);
  return () => {
    stopLeading?.();
    release();
    given.abort();
  };
}
