import type { ReactElement } from 'react';
import { useParams } from 'react-router';
import { ManyOnPaper, onPaper, OwnPage, useAskedIds } from '../../shared/ManyOnPaper';
import { blendQuery } from '../../shared/resources/blends';
import { BlendPaper } from './BlendPaper';

/** A blend on paper, or several, each on its page. */
export function PrintBlendPage(): ReactElement {
  const { id } = useParams();
  const asked = useAskedIds('blends');
  return (
    <ManyOnPaper
      ids={id === undefined ? asked : [id]}
      query={blendQuery}
      back={id === undefined ? '/blend' : `/blend/${id}`}
      backWords={id === undefined ? 'Back to the blends' : 'Back to the desk'}
      label={(pages) =>
        onPaper(
          pages.map(({ name }) => name),
          'blends',
        )
      }
      each={(page) => (
        <OwnPage key={page.id} label={page.name}>
          <BlendPaper page={page} />
        </OwnPage>
      )}
    />
  );
}
