import { blendQuery } from '../../shared/resources/blends';
import { queryClient } from '../../shared/resources/client';
import { profilesQuery } from '../../shared/resources/guides';
import { learningQuery } from '../../shared/resources/learning';
import { deskLotsQuery } from '../../shared/resources/lots';

/** What a desk's prediction waits for; what cannot be had is told by the page, which asks for it again. */
export function askForDesk(id: string | undefined): void {
  const asked = [
    queryClient.query(learningQuery),
    queryClient.query(profilesQuery),
    queryClient.query(deskLotsQuery([])),
    ...(id === undefined ? [] : [queryClient.query(blendQuery(id))]),
  ];
  for (const one of asked) one.catch(() => undefined);
}
