import type { SessionState } from '@bent-pail/contract';
import { forgetAllButSession, queryClient, sessionQuery } from '../shared/resources/client';

/** Who is signed in now; what another saw at this computer is forgotten. */
export function comeIn(state: SessionState): void {
  forgetAllButSession();
  queryClient.setQueryData(sessionQuery.queryKey, state);
}
