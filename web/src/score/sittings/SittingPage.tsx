import type { SittingPage as Page, SittingRater } from '@bent-pail/contract';
import { useQuery } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import { Link, useParams } from 'react-router';
import { ButtonLink } from '../../kit/Button';
import { counted, fixed } from '../../kit/format';
import { Rows } from '../../kit/Rows';
import { Await } from '../../shared/Await';
import { panelQuery } from '../../shared/resources/scores';
import { sittingQuery } from '../../shared/resources/sittings';
import { TitleBlock } from '../../shared/TitleBlock';
import { useMe, useWorks } from '../../shared/useSession';
import { Series } from '../panel/Series';
import { Excuse } from './Excuse';
import { LateRater } from './LateRater';

/** A panel at work: whose sheets are in, live; what is behind the codes for whoever may know. Never a mark. */
export function SittingPage(): ReactElement {
  const { id = '' } = useParams();
  const query = useQuery(sittingQuery(id));
  return <Await query={query}>{(sitting) => <Sitting sitting={sitting} />}</Await>;
}

/** Sheets that are in, and all that are waited for. */
function sheetsOf({ raters, samples }: Page): readonly [number, number] {
  const inAlready = raters.reduce((sum, one) => sum + one.handedIn.length, 0);
  const closed = raters.reduce(
    (sum, one) => sum + (one.excused === undefined ? 0 : samples.length - one.handedIn.length),
    0,
  );
  return [inAlready, raters.length * samples.length - closed];
}

function Sitting({ sitting }: { readonly sitting: Page }): ReactElement {
  const works = useWorks();
  const { id } = useMe();
  const { label, rubricLabel, samples, raters, revealed, openedBy, warmUp } = sitting;
  const [inAlready, all] = sheetsOf(sitting);
  const own = raters.find((one) => one.id === id);
  const ownNext = own === undefined ? undefined : samples.find(({ cardId }) => !own.handedIn.includes(cardId));
  return (
    <main>
      <TitleBlock
        title={label}
        line={
          revealed
            ? 'All are in; the marks are open.'
            : `Blind: ${String(inAlready)} of ${counted(all, 'sheet is', 'sheets are')} in. The marks of all samples open together.`
        }
        cells={[
          { term: 'Rubric', value: rubricLabel },
          { term: 'Opened by', value: openedBy ?? 'nobody known' },
          ...(warmUp === undefined ? [] : [{ term: 'Warm-up', value: `${warmUp.sampleCode}, ${warmUp.what}` }]),
        ]}
      >
        {ownNext !== undefined && own?.excused === undefined && (
          <ButtonLink look="act" to={`/score/sheets/${ownNext.cardId}`}>
            Your sheets
          </ButtonLink>
        )}
      </TitleBlock>
      <div className="grid grid-cols-[minmax(0,1fr)] gap-8 px-5 py-3 min-[1000px]:grid-cols-[minmax(0,1fr)_minmax(0,1.3fr)]">
        <section aria-label="Samples">
          <h2>
            What is behind the codes{' '}
            {!revealed && <small>for whoever fills the cups; raters see the codes alone</small>}
          </h2>
          <Rows className="mt-2 text-body">
            <tbody>
              {samples.map((sample) => (
                <Sample key={sample.cardId} sample={sample} revealed={revealed} />
              ))}
            </tbody>
          </Rows>
          {!revealed && (
            <p className="mt-3 max-w-[60ch] text-small text-ink2">
              Same cups, same fill, same damp and the same light for all; close them between raters. Open bags away from
              the face.
            </p>
          )}
        </section>
        <section aria-label="Raters">
          <h2>Who is how far</h2>
          <Rows className="mt-2 text-body" aria-live="polite">
            <thead>
              <tr>
                <th scope="col" className="text-left">
                  Rater
                </th>
                {samples.map(({ cardId, sampleCode }) => (
                  <th key={cardId} scope="col" className="figure">
                    {sampleCode}
                  </th>
                ))}
                <th scope="col">marked</th>
                {works && !revealed && (
                  <th scope="col">
                    <span className="sr-only">What to do</span>
                  </th>
                )}
              </tr>
            </thead>
            <tbody>
              {raters.map((rater) => (
                <Rater key={rater.id} rater={rater} sitting={sitting} mayExcuse={works && !revealed} />
              ))}
            </tbody>
          </Rows>
          {works && !revealed && <LateRater sitting={sitting} />}
        </section>
      </div>
      {revealed && <Marks sitting={sitting} />}
    </main>
  );
}

/** Every mark of the sitting, once it is open. */
function Marks({ sitting: { samples } }: { readonly sitting: Page }): ReactElement | null {
  const { data } = useQuery(panelQuery);
  const items = data?.items.filter(({ cardId }) => samples.some((sample) => sample.cardId === cardId)) ?? [];
  return data === undefined || items.length === 0 ? null : <Series page={{ raters: data.raters, items }} />;
}

interface SampleProps {
  readonly sample: Page['samples'][number];
  readonly revealed: boolean;
}

function Sample({ sample: { cardId, sampleCode, product, toAgree, overall }, revealed }: SampleProps): ReactElement {
  return (
    <tr>
      <th scope="row" className="figure w-16 text-lead">
        {sampleCode}
      </th>
      <td className="text-left">
        {product === undefined ? (
          <span className="text-ink2">covered while you judge it</span>
        ) : (
          <Link to={`/score/cards/${cardId}`}>
            {product.name}, {product.lotCode}
          </Link>
        )}
      </td>
      <td>{revealed && toAgree > 0 && <b>{counted(toAgree, 'mark', 'marks')} to agree on</b>}</td>
      <td className="w-24">
        {overall !== undefined && (
          <>
            <span className="figure text-lead">{fixed(overall, 1)}</span> <small>of 10</small>
          </>
        )}
      </td>
    </tr>
  );
}

interface RaterProps {
  readonly rater: SittingRater;
  readonly sitting: Page;
  readonly mayExcuse: boolean;
}

function Rater({ rater, sitting, mayExcuse }: RaterProps): ReactElement {
  const { id, name, handedIn, marked, toMark, knows, excused, warmUp } = rater;
  const isOut = excused === undefined && handedIn.length < sitting.samples.length;
  return (
    <tr>
      <th scope="row">
        {name}
        {excused !== undefined && <small className="block">closed without them: {excused}</small>}
        {knows.length > 0 && (
          <small className="block">
            not blind{knows.length < sitting.samples.length ? ` on ${String(knows.length)}` : ''}:{' '}
            {[...new Set(knows.map(({ reason }) => reason))].join(', ')}
          </small>
        )}
        {warmUp !== undefined && (
          <small className="block">
            warm-up: {fixed(warmUp.off, 1)} from what is known
            {Math.abs(warmUp.lean) > 0.25 ? `, ${warmUp.lean > 0 ? 'higher' : 'lower'}` : ''}
          </small>
        )}
      </th>
      {sitting.samples.map(({ cardId, sampleCode }) => {
        const isIn = handedIn.includes(cardId);
        const said = isIn ? 'in' : excused === undefined ? 'out' : 'closed';
        return (
          <td key={cardId}>
            <span
              role="img"
              aria-label={`${sampleCode}: ${said}`}
              className={`inline-block size-4 rounded-full border-[1.5px] border-ink align-middle ${isIn ? 'bg-ink' : ''} ${said === 'closed' ? 'border-dotted' : ''}`}
            />
          </td>
        );
      })}
      <td className="figure whitespace-nowrap">
        {marked} of {toMark}
      </td>
      {mayExcuse && <td>{isOut && <Excuse sittingId={sitting.id} raterId={id} name={name} />}</td>}
    </tr>
  );
}
