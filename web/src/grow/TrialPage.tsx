import type { TrialPage as Page } from '@bent-pail/contract';
import { dayIn, nextDay, notTheMedium } from '@bent-pail/core';
import { useQuery } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import { useParams, useSearchParams } from 'react-router';
import { Button, ButtonLink } from '../kit/Button';
import { day, listed } from '../kit/format';
import { later } from '../kit/later';
import { Sorry } from '../kit/Sorry';
import { Tabs } from '../kit/Tabs';
import { Await } from '../shared/Await';
import { sentenceOf } from '../shared/api';
import { CautionStrip } from '../shared/CautionStrip';
import { WasPutAway } from '../shared/putAway/PutAway';
import { trialQuery, trialsKey } from '../shared/resources/trials';
import { serverNow } from '../shared/serverClock';
import { TitleBlock } from '../shared/TitleBlock';
import { useSession, useWorks } from '../shared/useSession';
import { cautionsAt } from './cautionsAt';
import { useTrialActs } from './useTrialActs';
import { STATE_WORDS } from './words';

// One part is open at a time.
const DiaryPart = later(async () => (await import('./diary/DiaryPart')).DiaryPart);
const FoundPart = later(async () => (await import('./found/FoundPart')).FoundPart);
const MapPart = later(async () => (await import('./layout/MapPart')).MapPart);
const PlanShown = later(async () => (await import('./plan/PlanShown')).PlanShown);

/** A trial: what was found, where everything stands, what happened, what was planned. */
export function TrialPage(): ReactElement {
  const { id = '' } = useParams();
  const query = useQuery(trialQuery(id));
  return <Await query={query}>{(page) => <Trial page={page} />}</Await>;
}

function Trial({ page }: { readonly page: Page }): ReactElement {
  const { notebook } = useSession();
  const { zone } = notebook;
  const [params, setParams] = useSearchParams();
  const isPlanned = page.state === 'planned';
  const part = params.get('part') ?? (isPlanned ? 'plan' : 'found');
  return (
    <main>
      <TitleBlock
        title={page.name}
        line={page.plan.question}
        cells={[
          { term: 'Media', value: page.plan.arms.length },
          { term: 'Species', value: listed(page.plan.species.map(({ name }) => name)) },
          { term: 'Sown', value: day(page.plan.common.sownOn, zone) },
          { term: 'It is', value: STATE_WORDS[page.state] },
        ]}
      >
        <NextAct page={page} />
      </TitleBlock>
      <WasPutAway
        address={`/trials/${page.id}`}
        queryKey={trialsKey}
        name={page.name}
        archived={page.archived === true}
      />
      {isPlanned ? (
        <Planned page={page} />
      ) : (
        <Tabs
          label="Parts of the trial"
          open={part}
          onOpen={(next) => {
            setParams(next === 'found' ? {} : { part: next }, { replace: true });
          }}
          tabs={[
            { key: 'found', words: 'What was found', content: <FoundPart page={page} /> },
            { key: 'map', words: 'Where it stands', content: <MapPart page={page} /> },
            { key: 'diary', words: 'What happened', content: <DiaryPart page={page} /> },
            { key: 'plan', words: 'What was planned', content: <PlanShown page={page} /> },
          ]}
        />
      )}
    </main>
  );
}

/** The one thing to do next. */
function NextAct({ page }: { readonly page: Page }): ReactElement | null {
  const { notebook } = useSession();
  const works = useWorks();
  const acts = useTrialActs(page.id);
  const { state, id, plan } = page;
  if (state === 'finished') return <ButtonLink to={`/grow/${id}/report`}>Report</ButtonLink>;
  if (!works) return null;
  if (state === 'planned')
    return (
      <>
        <ButtonLink to={`/grow/${id}/plan`}>Change the plan</ButtonLink>
        <Button
          look="act"
          disabled={acts.isBusy}
          onClick={() => {
            acts.layOut();
          }}
        >
          Draw the layout
        </Button>
      </>
    );
  const today = dayIn(notebook.zone, serverNow());
  const next = nextDay(plan, today);
  return next === undefined ? (
    <Button look="act" disabled={acts.isBusy} onClick={acts.finish}>
      Finish it
    </Button>
  ) : (
    <ButtonLink look={next === today ? 'act' : 'alt'} to={`/grow/${id}/day`}>
      {next === today ? 'Today’s readings' : `Next readings ${day(next, notebook.zone)}`}
    </ButtonLink>
  );
}

/** Before it is laid out: the plan, and what is still open in it. */
function Planned({ page }: { readonly page: Page }): ReactElement {
  const acts = useTrialActs(page.id);
  const open = notTheMedium(page.plan);
  return (
    <>
      {acts.error !== null && <Sorry className="mx-5 mt-3">{sentenceOf(acts.error)}</Sorry>}
      {cautionsAt('plan').map((caution) => (
        <CautionStrip key={caution} caution={caution} />
      ))}
      {open !== undefined && <p className="mx-5 mt-4 border-l-4 border-caution bg-paper py-2 pl-3">{open}</p>}
      <PlanShown page={page} />
    </>
  );
}
