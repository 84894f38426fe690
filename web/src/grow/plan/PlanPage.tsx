import type { TrialPage } from '@bent-pail/contract';
import { dayIn } from '@bent-pail/core';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { useNavigate, useParams, useSearchParams } from 'react-router';
import { v7 as uuidv7 } from 'uuid';
import { Button, ButtonLink } from '../../kit/Button';
import { Sorry } from '../../kit/Sorry';
import { Await } from '../../shared/Await';
import { api, sentenceOf } from '../../shared/api';
import { CautionStrip } from '../../shared/CautionStrip';
import { showTrial, trialQuery } from '../../shared/resources/trials';
import { serverNow } from '../../shared/serverClock';
import { TitleBlock } from '../../shared/TitleBlock';
import { useMe, useSession } from '../../shared/useSession';
import { cautionsAt } from '../cautionsAt';
import { usePlanDrafts } from './draftStore';
import { draftOf, emptyPlan, planOf, planSoFar, type PlanDraft } from './planDraft';
import { PlanAside } from './PlanAside';
import { PlanFields } from './PlanFields';

/** A trial before it is sown: a new one, one that is planned already, one like another, a second crop in its pots. */
export function PlanPage(): ReactElement {
  const { id } = useParams();
  const [params] = useSearchParams();
  const [like, second] = [params.get('like'), params.get('second')];
  const from = id ?? like ?? second;
  const { notebook } = useSession();
  const today = dayIn(notebook.zone, serverNow());
  const query = useQuery({ ...trialQuery(from ?? ''), enabled: from !== null });
  if (from === null) return <PlanOf key="new" start={emptyPlan(today)} />;
  return (
    <Await query={query}>
      {(page) =>
        id !== undefined && page.state !== 'planned' ? (
          <p className="p-5">
            This trial is laid out: its plan stands. <ButtonLink to={`/grow/${id}`}>Back to it</ButtonLink>
          </p>
        ) : id === undefined ? (
          <PlanOf key={from} start={anew(page, today)} {...(second === null ? {} : { secondOf: page.id })} />
        ) : (
          <PlanOf key={from} start={draftOf(page.name, page.plan)} trialId={page.id} secondOf={page.secondOf?.id} />
        )
      }
    </Await>
  );
}

/** The plan of another trial, to be sown today. */
function anew({ name, plan }: TrialPage, today: string): PlanDraft {
  const draft = draftOf(name, plan);
  return { ...draft, name: '', common: { ...draft.common, sownOn: today } };
}

interface PlanOfProps {
  readonly start: PlanDraft;
  /** Of a trial that is kept already. */
  readonly trialId?: string;
  readonly secondOf?: string | undefined;
}

function PlanOf({ start, trialId, secondOf }: PlanOfProps): ReactElement {
  const me = useMe();
  const navigate = useNavigate();
  const place = `${me.id} ${trialId ?? `new ${secondOf ?? ''}`}`;
  const { drafts, set, forget } = usePlanDrafts();
  const draft = drafts[place] ?? start;
  // A try that nobody answered is sent again as the same.
  const [newId] = useState(() => uuidv7());
  const keep = useMutation({
    mutationFn: async () => {
      const body = { name: draft.name, plan: planOf(draft) };
      return trialId === undefined
        ? api.post<TrialPage>('/trials', { id: newId, ...body, ...(secondOf === undefined ? {} : { secondOf }) })
        : api.put<TrialPage>(`/trials/${trialId}`, body);
    },
    onSuccess: async (page) => {
      forget(place);
      showTrial(page);
      await navigate(`/grow/${page.id}`);
    },
  });
  const plan = planSoFar(draft);
  return (
    <main>
      <TitleBlock
        title={draft.name === '' ? (secondOf === undefined ? 'Plan a trial' : 'Plan a second crop') : draft.name}
        tab="Plan a trial"
        line="Everything is decided before it is sown; what it can tell stands beside it."
      >
        <Button
          look="act"
          disabled={keep.isPending}
          onClick={() => {
            keep.mutate();
          }}
        >
          Keep the plan
        </Button>
      </TitleBlock>
      {keep.error !== null && <Sorry className="mx-5 mt-3">{sentenceOf(keep.error)}</Sorry>}
      {cautionsAt('plan').map((caution) => (
        <CautionStrip key={caution} caution={caution} />
      ))}
      <div className="grid grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-4 px-5 py-4 min-[1060px]:grid-cols-[minmax(0,1fr)_320px]">
        <PlanFields
          draft={draft}
          plan={plan}
          isSecond={secondOf !== undefined}
          onDraft={(next) => {
            set(place, next);
          }}
        />
        {plan === undefined ? (
          <p className="text-ink2">What it can tell stands here once it can be read.</p>
        ) : (
          <div className="min-[1060px]:sticky min-[1060px]:top-3 min-[1060px]:self-start">
            <PlanAside plan={plan} />
          </div>
        )}
      </div>
      {drafts[place] !== undefined && (
        <p className="px-5 pb-5">
          <Button
            look="small"
            onClick={() => {
              forget(place);
            }}
          >
            Begin anew
          </Button>
        </p>
      )}
    </main>
  );
}
