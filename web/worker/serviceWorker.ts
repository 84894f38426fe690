import { whatToKeep } from './whatToKeep';

declare const self: ServiceWorkerGlobalScope;

/** The page and its built files; and what the person who is signed in had open. Signing out empties the second. */
const SHELL = 'bent-pail-shell';
const OPEN = 'bent-pail-open';
const PAGE = '/';
/** Built files beyond this are dropped, the oldest first: a whole version has room, and much of the one before. */
const MOST_FILES = 700;

self.addEventListener('install', () => {
  void self.skipWaiting();
});
self.addEventListener('activate', (event) => {
  event.waitUntil(self.clients.claim());
});

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const { origin, pathname } = new URL(request.url);
  if (origin !== self.location.origin) return;
  switch (whatToKeep({ method: request.method, mode: request.mode, pathname })) {
    case 'page':
      event.respondWith(freshElse(request, SHELL, PAGE));
      return;
    case 'asset':
      event.respondWith(keptElse(request));
      return;
    case 'open-run':
      event.respondWith(freshElse(request, OPEN, pathname));
      return;
    case 'pass':
  }
});

const isAway = (status: number): boolean => status === 502 || status === 503 || status === 504;

/** The network's answer, kept for later; without one, what was kept. */
async function freshElse(request: Request, cacheName: string, key: string): Promise<Response> {
  const cache = await caches.open(cacheName);
  const kept = (): Promise<Response | undefined> => cache.match(key);
  try {
    const answer = await fetch(request);
    if (answer.ok) await cache.put(key, answer.clone());
    return isAway(answer.status) ? ((await kept()) ?? answer) : answer;
  } catch (error) {
    const last = await kept();
    if (last === undefined) throw error;
    return last;
  }
}

/** A built file as it was kept, else from the network. */
async function keptElse(request: Request): Promise<Response> {
  const cache = await caches.open(SHELL);
  const known = await cache.match(request);
  if (known !== undefined) return known;
  const answer = await fetch(request);
  if (answer.ok) {
    await cache.put(request, answer.clone());
    const keys = await cache.keys();
    for (const old of keys.slice(0, Math.max(0, keys.length - MOST_FILES))) {
      if (new URL(old.url).pathname !== PAGE) await cache.delete(old);
    }
  }
  return answer;
}
