import type { Me, Measures, SessionState } from '@bent-pail/contract';
import { useQuery } from '@tanstack/react-query';
import { sessionQuery } from './resources/client';

/** The session, once the shell has loaded it. */
export function useSession(): SessionState {
  const { data } = useQuery(sessionQuery);
  if (data === undefined) throw new Error('used outside the shell');
  return data;
}

/** Who is signed in; only inside the shell. */
export function useMe(): Me {
  const { me } = useSession();
  if (me === undefined) throw new Error('used before signing in');
  return me;
}

/** What a scoop, a bucket and the like hold at this bench. */
export const useMeasures = (): Measures => useSession().notebook.measures;

/** Whether this person may write on shelf, bench, blend and score. */
export function useWorks(): boolean {
  const { role } = useMe();
  return role === 'lead' || role === 'tester';
}
