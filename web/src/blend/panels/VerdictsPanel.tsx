import { foundOnCard, mixVerdicts, VERDICT_USE_WORDS, verdictUseOf, type MixVerdicts } from '@bent-pail/core';
import { useQueries, useQuery } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import { lotQuery } from '../../shared/resources/lots';
import { verdictsQuery } from '../../shared/resources/verdicts';
import { Grade } from '../../shared/verdicts/Grade';
import { PurposeChoice, PurposeConditions } from '../../shared/verdicts/PurposeChoice';
import { usePurpose } from '../../shared/verdicts/usePurpose';
import { foundWords, judgedName, limitWords, tooMuchWords } from '../../shared/verdicts/verdictWords';
import { VerdictRows } from '../../shared/verdicts/VerdictRows';
import { OnWhat } from '../../shared/verdicts/OnWhat';
import type { DeskView } from '../desk/deskView';
import { Moment } from '../../kit/Moment';

/** Whether the blend is fit for its use beside the windows: its salt, the weeds it sows, and what of its parts stays. */
export function VerdictsPanel({ view }: { readonly view: DeskView }): ReactElement | null {
  const { used, profile, result } = view;
  const purpose = usePurpose();
  const { data: lines } = useQuery(verdictsQuery);
  const cards = useQueries({ queries: used.map(({ lotId }) => lotQuery(lotId)) });
  if (lines === undefined || cards.some(({ isPending }) => isPending)) return <Moment className="px-5 py-3" />;
  const put = used.reduce((sum, { parts }) => sum + parts, 0);
  const ec = result.figures.find(({ property }) => property === 'ec_dSm')?.value;
  const use =
    profile === undefined ? purpose.use : verdictUseOf({ id: profile.id, height_cm: profile.container.height_cm });
  const judged = mixVerdicts({
    lines,
    use,
    conditions: purpose.conditions,
    predicted: ec === undefined ? [] : [{ property: 'ec_dSm', mean: ec }],
    parts: used.map(({ lot, parts }, i) => ({
      name: `${lot.name}, ${lot.code}`,
      share: parts / put,
      materialClass: lot.classId,
      found: foundOnCard(cards[i]?.data?.card.figures ?? []),
    })),
  });
  return (
    <section aria-label="Fit for its use" className="px-5 py-3">
      <div className="flex flex-wrap items-center justify-between gap-x-4">
        <h2>
          Fit for {VERDICT_USE_WORDS[use]}?{' '}
          <small>{profile === undefined ? 'no target is chosen' : `the use of ${profile.label}`}</small>
        </h2>
        {profile === undefined && <PurposeChoice />}
      </div>
      <div className="grid gap-x-8 md:grid-cols-2">
        <div>
          <h3 className="mt-2">The blend</h3>
          {judged.whole.verdicts.length === 0 ? (
            <p className="text-small text-ink2">Its salt is not known: an EC of each lot would tell.</p>
          ) : (
            <VerdictRows verdicts={judged.whole.verdicts} />
          )}
          {judged.weedsUnknown.length > 0 && (
            <p className="mt-1 text-small text-ink2">
              Weeds were not counted, and are taken for none, in {judged.weedsUnknown.join(', ')}.
            </p>
          )}
        </div>
        <div>
          <h3 className="mt-2">Its parts</h3>
          <Parts judged={judged} />
        </div>
      </div>
      <PurposeConditions verdicts={[...judged.whole.verdicts, ...judged.parts.flatMap(({ verdicts }) => verdicts)]} />
      <OnWhat use={use} />
    </section>
  );
}

/** What stays in the pot however little there is of it. */
function Parts({ judged }: { readonly judged: MixVerdicts }): ReactElement {
  if (judged.parts.length === 0)
    return (
      <p className="text-small text-ink2">
        Nobody smelt its parts, looked for pests or tried whether a compost is ripe; each takes minutes on the bench.
      </p>
    );
  return (
    <ul className="mt-1.5 border-t border-zinc2">
      {judged.parts.flatMap(({ name, share, verdicts }) =>
        verdicts.map((verdict) => (
          <li key={`${name}${verdict.property}`} className="flex gap-3 border-b border-zinc2 py-1.5 text-small">
            <span className="shrink-0">
              <Grade says={verdict.says} />
            </span>
            <span className="min-w-0">
              <b>{name}</b>: {judgedName(verdict.property).toLowerCase()} {foundWords(verdict)}.{' '}
              {verdict.tooMuch === true ? tooMuchWords(verdict, share) : verdict.line.because} {limitWords(verdict)}
            </span>
          </li>
        )),
      )}
    </ul>
  );
}
