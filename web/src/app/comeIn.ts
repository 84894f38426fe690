import type { SessionState } from '@bent-pail/contract';
import { forgetAllButSession, queryClient, sessionQuery } from '../shared/resources/client';

/** Who is signed in now; what another saw at this computer is forgotten. */
export async function comeIn(state: SessionState): Promise<void> {
  forgetAllButSession();
  // An answer that is still on its way says that nobody is signed in, and would show the door again.
  await queryClient.cancelQueries({ queryKey: sessionQuery.queryKey });
  queryClient.setQueryData(sessionQuery.queryKey, state);
}
