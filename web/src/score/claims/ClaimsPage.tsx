import type { ClaimsPage as Page } from '@bent-pail/contract';
import { useQuery } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import { Link, useParams } from 'react-router';
import { ButtonLink } from '../../kit/Button';
import { fixed } from '../../kit/format';
import { Await } from '../../shared/Await';
import { claimsQuery } from '../../shared/resources/claims';
import { lotQuery } from '../../shared/resources/lots';
import { TitleBlock } from '../../shared/TitleBlock';
import { ClaimsSheet } from './ClaimsSheet';

/** What one product claims, judged claim by claim beside what the bench found. */
export function ClaimsPage(): ReactElement {
  const { id = '' } = useParams();
  const claims = useQuery(claimsQuery(id));
  const lot = useQuery(lotQuery(id));
  return (
    <main>
      <Await query={claims}>
        {(page) => (
          <>
            <Head page={page} />
            {/* A version that came meanwhile is a new sheet to write on. */}
            <Await query={lot}>{(card) => <ClaimsSheet key={page.sheet?.version ?? 0} page={page} lot={card} />}</Await>
          </>
        )}
      </Await>
    </main>
  );
}

function Head({ page: { lotId, name, code, sheet, share } }: { readonly page: Page }): ReactElement {
  return (
    <TitleBlock
      title={`What ${name}, ${code} claims`}
      line={
        sheet === undefined ? (
          'Nothing is noted yet: paste the words of its label or page.'
        ) : (
          <>
            Version {sheet.version}, by {sheet.by}. <Link to={`/shelf/lots/${lotId}`}>Its card</Link>
          </>
        )
      }
      cells={
        share === undefined
          ? []
          : [
              {
                term: 'Claims that stand',
                value:
                  share.borneOut === undefined
                    ? 'none judged'
                    : `${fixed(100 * share.borneOut, 0)} % of ${String(share.judged)}`,
              },
              { term: 'Says of what it should', value: `${fixed(100 * share.said, 0)} %` },
            ]
      }
    >
      <ButtonLink to="/score/claims">All sheets</ButtonLink>
    </TitleBlock>
  );
}
