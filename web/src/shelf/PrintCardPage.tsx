import type { ReactElement } from 'react';
import { useParams } from 'react-router';
import { ManyOnPaper, onPaper, OwnPage, useAskedIds } from '../shared/ManyOnPaper';
import { lotQuery } from '../shared/resources/lots';
import { CardPaper } from './CardPaper';

/** The card of a lot on paper, or the cards of several, each on its page. */
export function PrintCardPage(): ReactElement {
  const { id } = useParams();
  const asked = useAskedIds('lots');
  return (
    <ManyOnPaper
      ids={id === undefined ? asked : [id]}
      query={lotQuery}
      back={id === undefined ? '/shelf' : `/shelf/lots/${id}`}
      backWords={id === undefined ? 'Back to the shelf' : 'Back to the card'}
      label={(pages) =>
        onPaper(
          pages.map(({ lot }) => `${lot.name}, lot ${lot.code}`),
          'cards',
        )
      }
      each={(page) => (
        <OwnPage key={page.lot.id} label={`${page.lot.name}, ${page.lot.code}`}>
          <CardPaper page={page} />
        </OwnPage>
      )}
    />
  );
}
