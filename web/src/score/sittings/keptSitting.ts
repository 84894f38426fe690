import type { SittingPage } from '@bent-pail/contract';
import { queryClient } from '../../shared/resources/client';
import { scorecardsKey } from '../../shared/resources/scores';
import { sheetsKey, sittingQuery } from '../../shared/resources/sittings';

/** A sitting as the server answered it; cards and sheets may be open now. */
export async function keptSitting(sitting: SittingPage): Promise<void> {
  queryClient.setQueryData(sittingQuery(sitting.id).queryKey, sitting);
  await queryClient.invalidateQueries({ queryKey: scorecardsKey });
  await queryClient.invalidateQueries({ queryKey: sheetsKey });
}
