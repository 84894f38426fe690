import type { BlendPage, Recipe, RecipeLine } from '@bent-pail/contract';
import { fillRest, type PropertyKey } from '@bent-pail/core';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useMemo, useRef, useState, type ReactElement } from 'react';
import { useNavigate, useParams, useSearchParams } from 'react-router';
import { keptPotName, potOfRecipe } from '../../shared/pot/pots';
import { sentenceOf } from '../../shared/api';
import { Await } from '../../shared/Await';
import { EmptyPail } from '../../shared/EmptyPail';
import { useHand } from '../../shared/handStore';
import { useLastPot } from '../../shared/pot/usePot';
import { blendQuery } from '../../shared/resources/blends';
import { profilesQuery } from '../../shared/resources/guides';
import { learningQuery } from '../../shared/resources/learning';
import { DeskFigures } from './DeskFigures';
import { DeskHead } from './DeskHead';
import { DeskTabs } from './DeskTabs';
import { meaningOf, type DeskView } from './deskView';
import { DoseLine } from './DoseLine';
import { aloneKey, NEW, useDrafts, type BlendDraft } from '../../shared/blends/draftStore';
import { PredictedPail } from './PredictedPail';
import { RecipeColumn } from '../recipe/RecipeColumn';
import { useLarder, type Larder } from '../larder/useLarder';
import { useDeskPrediction } from '../thinking/useDeskPrediction';
import { WaterInPot } from './WaterInPot';
import { Sorry } from '../../kit/Sorry';
import { undoable } from '../../kit/toasts';

/** The blend desk: a new recipe, a kept blend, or one kept version of it. */
export function BlendDeskPage(): ReactElement {
  const { id, n } = useParams();
  const [params] = useSearchParams();
  const hand = useHand((state) => state.hand);
  const alone = params.get('alone') ?? undefined;
  const draft = useDrafts((state) => state.drafts[id ?? (alone === undefined ? NEW : aloneKey(alone))]);
  const page = useQuery({ ...blendQuery(id ?? ''), enabled: id !== undefined });
  const learning = useQuery(learningQuery);
  const profiles = useQuery(profilesQuery);
  const lines = [...(draft?.recipe.lines ?? []), ...(page.data?.versions.flatMap(({ recipe }) => recipe.lines) ?? [])];
  const lotIds = [
    ...lotsAsked(params),
    ...(alone === undefined ? [] : [alone]),
    ...(hand?.kind === 'lot' ? [hand.id] : []),
  ];
  const { larder, error } = useLarder({ lines, lotIds });
  if (error !== null && larder === undefined)
    return (
      <p className="p-5 text-head font-semibold" role="alert">
        {sentenceOf(error)}
      </p>
    );
  // A figure that jumps as the bench's teaching, a lot or the use's windows arrive would be read too early.
  if (learning.isPending || profiles.isPending || larder === undefined)
    return <p className="text-ink2 p-5">One moment.</p>;
  if (id === undefined && alone !== undefined) return <LotAlone key={alone} lotId={alone} larder={larder} />;
  return id === undefined ? (
    <NewDesk larder={larder} />
  ) : (
    <KeptDesk key={`${id}:${n ?? ''}`} id={id} n={n} larder={larder} />
  );
}

/** The lots that an address puts on the desk. */
const lotsAsked = (params: URLSearchParams): readonly string[] =>
  (params.get('lot') ?? '').split(',').filter((id) => id !== '');

/** "Put into a blend" adds the lots to what is being composed, once: taken out again, they stay out. */
function useAddAsked(draftKey: string, draft: BlendDraft | undefined): void {
  const [params, setParams] = useSearchParams();
  const change = useDrafts((state) => state.change);
  const done = useRef<URLSearchParams>(undefined);
  useEffect(() => {
    const asked = lotsAsked(params);
    // The address follows when the page has time for it; what it asked for is added only once.
    if (draft === undefined || asked.length === 0 || done.current === params) return;
    done.current = params;
    const { recipe } = draft;
    const added = asked
      .filter((id) => !recipe.lines.some(({ lotId }) => lotId === id))
      .map((lotId) => ({ lotId, parts: 1 }));
    if (added.length > 0) change(draftKey, { ...draft, recipe: { ...recipe, lines: [...recipe.lines, ...added] } });
    setParams(
      (before) => {
        before.delete('lot');
        return before;
      },
      { replace: true },
    );
  }, [params, change, draft, draftKey, setParams]);
}

function NewDesk({ larder }: { readonly larder: Larder }): ReactElement {
  const { lots } = larder;
  const [params] = useSearchParams();
  const shape = useLastPot((state) => state.shape);
  const hand = useHand((state) => state.hand);
  const started = useMemo((): BlendDraft => {
    const inHand = hand?.kind === 'lot' ? [hand.id] : [];
    const asked = lotsAsked(params);
    const first = (asked.length > 0 ? asked : inHand).filter((id) =>
      lots.some((lot) => lot.id === id && lot.component !== undefined && lot.kind === 'material'),
    );
    const lines = first.map((lotId) => ({ lotId, parts: first.length === 1 ? 3 : 1 }));
    return {
      name: '',
      recipe: { lines, potName: keptPotName(shape), pot: { ...shape }, model: 'packing', lime_meqPerL: 0 },
    };
  }, [params, hand, lots, shape]);
  useAddAsked(
    NEW,
    useDrafts((state) => state.drafts[NEW]),
  );
  return <Desk draftKey={NEW} start={started} larder={larder} page={undefined} />;
}

/** One lot by itself, as it is: how much of it fills a bed or so many pots. */
function LotAlone({ lotId, larder }: { readonly lotId: string; readonly larder: Larder }): ReactElement {
  const shape = useLastPot((state) => state.shape);
  const start = useMemo((): BlendDraft => {
    const lines = [{ lotId, parts: 1 }];
    return {
      name: '',
      recipe: { lines, potName: keptPotName(shape), pot: { ...shape }, model: 'packing', lime_meqPerL: 0 },
    };
  }, [lotId, shape]);
  return <Desk draftKey={aloneKey(lotId)} start={start} larder={larder} page={undefined} />;
}

function KeptDesk({
  id,
  n,
  larder,
}: {
  readonly id: string;
  readonly n: string | undefined;
  readonly larder: Larder;
}): ReactElement {
  const query = useQuery(blendQuery(id));
  useAddAsked(
    id,
    useDrafts((state) => state.drafts[id]),
  );
  return (
    <Await query={query}>
      {(page) => {
        const version = n === undefined ? page.versions[0] : page.versions.find((one) => String(one.n) === n);
        if (version === undefined) return <EmptyPail whole question="This blend has no such version." />;
        return (
          <Desk
            draftKey={id}
            start={{ name: page.name, recipe: version.recipe }}
            larder={larder}
            page={page}
            shown={n === undefined ? undefined : version.n}
          />
        );
      }}
    </Await>
  );
}

/** Recipe, pail and pot side by side where there is room, else one below the other. */
const COLUMNS =
  'grid *:min-w-0 border-ink min-[1001px]:grid-cols-2 min-[1181px]:grid-cols-[368px_minmax(0,1fr)_366px] [&>section]:min-w-0 [&>section]:px-4.5 [&>section]:py-3 max-[1000px]:[&>section+section]:border-t-[3px] min-[1001px]:[&>section+section]:border-l min-[1001px]:[&>section+section]:border-l-zinc3 min-[1001px]:max-[1180px]:[&>section:last-child]:col-span-full min-[1001px]:max-[1180px]:[&>section:last-child]:border-t-[3px] min-[1001px]:max-[1180px]:[&>section:last-child]:border-l-0';

interface DeskProps {
  readonly draftKey: string;
  /** What the desk shows before anything is changed. */
  readonly start: BlendDraft;
  readonly larder: Larder;
  readonly page: BlendPage | undefined;
  /** One kept version is looked at, whatever is being drafted. */
  readonly shown?: number | undefined;
}

function Desk({ draftKey, start, larder, page, shown }: DeskProps): ReactElement {
  const { lots, blends } = larder;
  const navigate = useNavigate();
  const kept = useDrafts((state) => state.drafts[draftKey]);
  const change = useDrafts((state) => state.change);
  const drop = useDrafts((state) => state.drop);
  const draft = shown === undefined ? (kept ?? start) : start;
  const { recipe } = draft;
  const [asked, setAsked] = useState<PropertyKey>('air');
  const profiles = useQuery(profilesQuery).data;
  const profile = useMemo(() => profiles?.find(({ id }) => id === recipe.target), [profiles, recipe.target]);
  const learnt = useQuery(learningQuery).data?.learning.use;
  const meaning = useMemo(() => meaningOf(recipe, lots, blends, learnt), [recipe, lots, blends, learnt]);
  const { input } = meaning;
  const { likeliest, result, bands, problem } = useDeskPrediction(input, profile, asked);
  const trouble = meaning.problem ?? problem;
  const pot = potOfRecipe(recipe);
  const version = page?.versions.find((one) => one.n === (shown ?? page.versions[0]?.n));
  const onChange = (next: BlendDraft): void => {
    change(draftKey, next);
    if (shown !== undefined) void navigate(`/blend/${draftKey}`, { replace: true });
  };
  const setRecipe = (next: Recipe): void => {
    onChange({ ...draft, recipe: next });
  };
  const view: DeskView | undefined =
    input === undefined || result === undefined || likeliest === undefined
      ? undefined
      : {
          recipe,
          name: draft.name,
          pot,
          used: meaning.used,
          input,
          result,
          likeliest,
          bands,
          lots,
          blends: blends,
          profiles: profiles ?? [],
          profile,
          learnt,
          setRecipe,
          setLines: (lines: readonly RecipeLine[]) => {
            setRecipe({ ...recipe, lines: fillRest(lines, recipe.whole) });
            undoable('Another recipe is on the desk.', () => {
              if (kept === undefined) drop(draftKey);
              else change(draftKey, kept);
            });
          },
        };
  return (
    <main>
      <DeskHead
        draft={draft}
        draftKey={draftKey}
        changed={kept !== undefined && shown === undefined}
        page={page}
        shown={shown}
        result={result}
        likeliest={likeliest}
        profiles={profiles ?? []}
        onChange={onChange}
      />
      {trouble !== undefined && <Sorry>{trouble}</Sorry>}
      <div className={COLUMNS}>
        <RecipeColumn draft={draft} draftKey={draftKey} larder={larder} result={result} onRecipe={setRecipe} />
        {result === undefined ? (
          <section className="md:col-span-2">
            <EmptyPail question={recipe.lines.length === 0 ? 'What goes in first?' : 'Give one of them a part.'} />
          </section>
        ) : (
          <>
            <PredictedPail result={result} pot={pot}>
              <DeskFigures
                figures={result.figures}
                bands={bands}
                profile={profile}
                asked={asked}
                onAsk={(key) => {
                  setAsked(key as PropertyKey);
                }}
              />
              <DoseLine
                result={result}
                target={profile?.targets.find((target) => target.property === 'pH')}
                lime_meqPerL={recipe.lime_meqPerL}
                onLime={(lime_meqPerL) => {
                  setRecipe({ ...recipe, lime_meqPerL });
                }}
              />
            </PredictedPail>
            <WaterInPot result={result} pot={pot} />
          </>
        )}
      </div>
      {view !== undefined && (
        <DeskTabs
          view={view}
          asked={asked}
          blendId={draftKey}
          page={page}
          version={kept === undefined || shown !== undefined ? version : undefined}
        />
      )}
    </main>
  );
}
