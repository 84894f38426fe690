import type { SessionState } from '@bent-pail/contract';
import { MutationCache, QueryCache, QueryClient, queryOptions } from '@tanstack/react-query';
import { api, ApiProblem, Unreachable } from '../api';
import { setServerNow } from '../serverClock';

/** Who was signed out meanwhile is shown the door; what was typed stays in this browser. */
export function noticeSignedOut(error: unknown): void {
  if (error instanceof ApiProblem && error.problem.code === 'signed-out')
    void queryClient.invalidateQueries({ queryKey: sessionQuery.queryKey });
}

export const queryClient = new QueryClient({
  queryCache: new QueryCache({ onError: noticeSignedOut }),
  mutationCache: new MutationCache({ onError: noticeSignedOut }),
  defaultOptions: {
    queries: {
      staleTime: 5000,
      retry: (count, error) => error instanceof Unreachable && count < 3,
      networkMode: 'always',
    },
    mutations: { networkMode: 'always' },
  },
});

/**
 * Asks again for what is shown under a key. What is on its way for the first time cannot be called back, and may have
 * been read before the change: it is asked for once more when it is there.
 */
export async function askAgain(queryKey: readonly unknown[]): Promise<void> {
  const first = queryClient
    .getQueryCache()
    .findAll({ queryKey, fetchStatus: 'fetching' })
    .filter(({ state }) => state.data === undefined);
  await queryClient.invalidateQueries({ queryKey });
  await Promise.all(first.map((query) => queryClient.invalidateQueries({ queryKey: query.queryKey, exact: true })));
}

/** Forgets what the person before saw; the session itself stays, for the shell is watching it. */
export function forgetAllButSession(): void {
  queryClient.removeQueries({ predicate: ({ queryKey }) => queryKey[0] !== sessionQuery.queryKey[0] });
}

export const sessionQuery = queryOptions({
  queryKey: ['session'],
  queryFn: async () => {
    const sentAt = Date.now();
    const state = await api.get<SessionState>('/session');
    setServerNow(state.now, sentAt, Date.now());
    return state;
  },
  staleTime: Infinity,
});
