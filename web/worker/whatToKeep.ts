/** How a request is answered while the bench computer may be away. */
export type Keeping =
  /** The page itself: fresh if possible, else the last one. */
  | 'page'
  /** Built files never change under their name: kept ones first. */
  | 'asset'
  /** What an open run, sheet or diary needs: fresh if possible, else as it last was. */
  | 'open-run'
  /** Not ours to keep. */
  | 'pass';

const KEPT_ANSWERS = /^\/api\/(session|today|group|(runs|sheets|pots)\/[0-9a-f-]{36})$/;

/** What to do with a request, by method, kind and address. Nothing that writes is ever touched. */
export function whatToKeep(request: {
  readonly method: string;
  readonly mode: string;
  readonly pathname: string;
}): Keeping {
  if (request.method !== 'GET') return 'pass';
  if (request.mode === 'navigate' || request.pathname === '/') return 'page';
  if (request.pathname.startsWith('/assets/')) return 'asset';
  return KEPT_ANSWERS.test(request.pathname) ? 'open-run' : 'pass';
}
