import type { ReactElement } from 'react';
import { useParams } from 'react-router';
import { ManyOnPaper, onPaper, OwnPage, useAskedIds } from '../../shared/ManyOnPaper';
import { scorecardQuery } from '../../shared/resources/scores';
import { ScorecardPaper } from './ScorecardPaper';

/** A scorecard on paper, or several, each on its page. */
export function PrintScorecardPage(): ReactElement {
  const { id } = useParams();
  const asked = useAskedIds('cards');
  return (
    <ManyOnPaper
      ids={id === undefined ? asked : [id]}
      query={scorecardQuery}
      back={id === undefined ? '/score' : `/score/cards/${id}`}
      backWords={id === undefined ? 'Back to the scorecards' : 'Back to the card'}
      label={(pages) =>
        onPaper(
          pages.map(({ row }) => `${row.product.name}, ${row.product.lotCode}`),
          'scorecards',
        )
      }
      each={(page) => (
        <OwnPage key={page.row.id} label={`${page.row.product.name}, ${page.row.product.lotCode}`}>
          <ScorecardPaper page={page} />
        </OwnPage>
      )}
    />
  );
}
