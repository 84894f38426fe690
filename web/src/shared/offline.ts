/** What the person who is signed in had open; kept by the service worker for a reload while the server is away. */
const OPEN_CACHE = 'bent-pail-open';

/** A reload while the bench computer is away opens the page and the run that was open. */
export function keepForReload(): void {
  if (!import.meta.env.PROD || !('serviceWorker' in navigator)) return;
  // What was loaded before the worker was there is asked for again, through it.
  navigator.serviceWorker.addEventListener('controllerchange', warm);
  navigator.serviceWorker.register('/sw.js').catch(() => {
    // Without it everything works but a reload while the server is away.
  });
}

function warm(): void {
  const built = performance
    .getEntriesByType('resource')
    .map(({ name }) => new URL(name).pathname)
    .filter((pathname) => pathname.startsWith('/assets/'));
  for (const address of ['/', '/api/session', ...new Set(built)]) {
    fetch(address, { credentials: 'same-origin' }).catch(() => undefined);
  }
}

/** Whoever signs out leaves nothing behind for the next person. */
export async function forgetOpen(): Promise<void> {
  if ('caches' in window) await caches.delete(OPEN_CACHE);
}
