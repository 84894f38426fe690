import type { BlendPage, Recipe, RecipeLine } from '@bent-pail/contract';
import { fillRest, type PropertyKey } from '@bent-pail/core';
import { useQuery } from '@tanstack/react-query';
import { useMemo, useState, type ReactElement } from 'react';
import { useNavigate } from 'react-router';
import { potOfRecipe } from '../../shared/pot/pots';
import { EmptyPail } from '../../shared/EmptyPail';
import { WasPutAway } from '../../shared/putAway/PutAway';
import { blendsKey } from '../../shared/resources/blends';
import { profilesQuery } from '../../shared/resources/guides';
import { learningQuery } from '../../shared/resources/learning';
import { DeskFigures } from './DeskFigures';
import { DeskHead } from './DeskHead';
import { DeskTabs } from './DeskTabs';
import { meaningOf, type DeskView } from './deskView';
import { DoseLine } from './DoseLine';
import { useDrafts, type BlendDraft } from '../../shared/blends/draftStore';
import { PredictedPail } from './PredictedPail';
import { RecipeColumn } from '../recipe/RecipeColumn';
import { type Larder } from '../../shared/larder/useLarder';
import { useDeskPrediction } from '../thinking/useDeskPrediction';
import { WaterInPot } from './WaterInPot';
import { Sorry } from '../../kit/Sorry';
import { GrownIn } from '../../shared/trials/GrownIn';
import { undoable } from '../../kit/toasts';

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

/** The desk itself: the recipe that is composed, its pail, its pot, and what one asks of it. */
export function Desk({ draftKey, start, larder, page, shown }: DeskProps): ReactElement {
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
      {page !== undefined && (
        <WasPutAway
          address={`/blends/${page.id}`}
          queryKey={blendsKey}
          name={page.name}
          archived={page.archived === true}
        />
      )}
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
              {page !== undefined && <GrownIn of={{ blend: page.id }} />}
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
