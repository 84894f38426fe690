import type { ScorecardPage } from '@bent-pail/contract';
import { queryClient } from '../../shared/resources/client';
import { scorecardQuery, scorecardsKey } from '../../shared/resources/scores';

/** A card as the server answered it; lists and the ranking may show another score now. */
export async function keptCard(page: ScorecardPage): Promise<void> {
  queryClient.setQueryData(scorecardQuery(page.row.id).queryKey, page);
  await queryClient.invalidateQueries({ queryKey: scorecardsKey, exact: false, refetchType: 'none' });
}
