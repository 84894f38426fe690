import type { DeskLot } from '@bent-pail/contract';
import {
  type FoundRecipe,
  type PropertyKey,
  type RecipeSearchResult,
  type TargetProfile,
  type WeakestWindow,
  type LookedAt,
  deskSearchInput,
  inSentence,
  property,
} from '@bent-pail/core';
import { useMemo, useState, type ReactElement } from 'react';
import { inMine } from '../../shared/units/mine';
import { perVolume, priceSaid } from '../../shared/units/ofProperty';
import { Chart } from '../../shared/chart/Chart';
import { fixed } from '../../kit/format';
import { PailMark } from '../../shared/pail/PailMark';
import { shapeOf } from '../../shared/pail/pailGeometry';
import { useSession } from '../../shared/useSession';
import type { DeskView } from '../desk/deskView';
import { useThought, type Question } from '../../shared/thinking/useThought';
import { frontChart } from './frontChart';
import { limitsOf, type Limits } from './partLimits';
import { SearchLimits } from './SearchLimits';
import { typedNumber } from '../../shared/pot/standStore';
import { useSearch } from './useSearch';
import { Choice } from '../../kit/Choice';
import { FindAmong } from '../../kit/FindAmong';
import { Button } from '../../kit/Button';
import { LOW_BOX } from '../../kit/box';
import { Sorry } from '../../kit/Sorry';
import { Progress } from '../../kit/Progress';

interface NearestRecipesProps {
  readonly view: DeskView;
  /** What is aimed at: the desk's use, or a product's own figures. */
  readonly aim: TargetProfile | undefined;
}

const PARTS = [6, 8, 10, 12, 16] as const;
const SHOWN = 6;
/** A chance above this is as good as certain. */
const SURE = 0.99;
const KEPT = 20;

/** Every way to share whole parts among the chosen lots, held against the use: the best as pails, price against fit. */
export function NearestRecipes({ view, aim: profile }: NearestRecipesProps): ReactElement {
  const { lots, pot, learnt, used } = view;
  const { state, start, cancel } = useSearch();
  const [parts, setParts] = useState(8);
  const [more, setMore] = useState<readonly string[]>([]);
  const [limits, setLimits] = useState<Limits>({});
  const [inStock, setInStock] = useState('');
  const batch_L = typedNumber(inStock);
  const chosen = useMemo(
    () =>
      [...new Set([...used.map((line) => line.lotId), ...more])].flatMap((id) =>
        lots.filter((lot) => lot.id === id && lot.component !== undefined),
      ),
    [used, more, lots],
  );
  const [searched, setSearched] = useState<readonly DeskLot[]>([]);
  const search = (): void => {
    if (profile === undefined) return;
    setSearched(chosen);
    start(
      deskSearchInput({
        lots: chosen.flatMap((lot) =>
          lot.component === undefined ? [] : [{ lot: lot.component, ...limitsOf(lot, limits[lot.id], parts, batch_L) }],
        ),
        parts,
        container: pot.shape,
        profile,
        keep: KEPT,
        dosed: view.input,
        ...(learnt === undefined ? {} : { learnt }),
      }),
    );
  };
  const take = (recipe: FoundRecipe): void => {
    view.setLines(
      searched.map((lot, i) => ({ lotId: lot.id, parts: recipe.parts[i] ?? 0 })).filter((line) => line.parts > 0),
    );
  };
  return (
    <section aria-label="Nearest whole-part recipes">
      <h2 className="flex flex-wrap items-baseline justify-between gap-2">
        Nearest whole-part recipes
        <small>
          {state.kind === 'done'
            ? `${String(parts)} parts of ${searched.map((lot) => lot.name.split(',')[0]).join(', ')}; all ${fixed(state.result.evaluated, 0)} tried`
            : '0 means every target met'}
        </small>
      </h2>
      <div className="mt-1 flex flex-wrap items-center gap-3 text-small">
        <span className="inline-flex items-center gap-2">
          Share
          <Choice
            label="Whole parts"
            look="unseen"
            value={String(parts)}
            options={PARTS.map((count) => ({ key: String(count), words: String(count) }))}
            onChange={(count) => {
              setParts(Number(count));
            }}
          />
          parts
        </span>
        <FindAmong
          label="Search among another lot too"
          look="unseen"
          value=""
          unchosen="among another lot too"
          placeholder="name, code"
          options={lots
            .filter((lot) => lot.component !== undefined && lot.kind === 'material' && !chosen.includes(lot))
            .map((lot) => ({ key: lot.id, words: `${lot.name}, ${lot.code}` }))}
          onChange={(id) => {
            setMore([...more, id]);
          }}
        />
        {state.kind === 'running' ? (
          <Progress label="Trying recipes" share={state.share} onStop={cancel} />
        ) : (
          <Button look="low" disabled={profile === undefined || chosen.length < 2} onClick={search}>
            Search {chosen.length} lots
          </Button>
        )}
        <label className="flex items-center gap-2">
          from stock for
          <input
            className={`${LOW_BOX} figure w-16`}
            inputMode="decimal"
            aria-label="Litres that the stock must reach for"
            placeholder="any"
            value={inStock}
            onChange={(event) => {
              setInStock(event.target.value);
            }}
          />
          L
        </label>
        {profile === undefined && <span className="text-ink2">Choose a target above first.</span>}
        {more.length > 0 && <small>also {more.map((id) => lots.find((lot) => lot.id === id)?.name).join(', ')}</small>}
      </div>
      <SearchLimits lots={chosen} parts={parts} limits={limits} onLimits={setLimits} />
      {state.kind === 'failed' && <Sorry className="mt-2">{state.sentence}</Sorry>}
      {state.kind === 'done' && (
        <Found result={state.result} searched={searched} view={view} aim={profile} onTake={take} />
      )}
    </section>
  );
}

interface FoundProps {
  readonly result: RecipeSearchResult;
  readonly searched: readonly DeskLot[];
  readonly view: DeskView;
  readonly aim: TargetProfile | undefined;
  readonly onTake: (recipe: FoundRecipe) => void;
}

/** The best ones looked at again with all that is uncertain: as the desk will show them, and their weakest window. */
function useLookedAt({ result, searched, view: { input }, aim }: FoundProps): readonly LookedAt[] {
  const ask = useMemo((): Question<LookedAt[]> | undefined => {
    if (aim === undefined) return undefined;
    const desks = result.recipes.slice(0, SHOWN).map(({ parts }) => {
      const lines = searched.flatMap(({ component }, i) => {
        const own = parts[i] ?? 0;
        return component === undefined || own === 0 ? [] : [{ parts: own, lot: component }];
      });
      return { ...input, lines };
    });
    return (thinker) => thinker.lookAgain(desks, aim);
  }, [result, searched, input, aim]);
  return useThought(ask).answer ?? [];
}

function Found(props: FoundProps): ReactElement {
  const { result, view, onTake } = props;
  const { pot } = view;
  const lookedAt = useLookedAt(props);
  const { notebook } = useSession();
  const options = useMemo(() => frontChart(result, notebook.currency), [result, notebook.currency]);
  const shape = shapeOf(pot.shape, 'pot');
  return (
    <div className="mt-2 grid gap-3.5 min-[1181px]:has-[>figure]:grid-cols-[minmax(0,1fr)_236px]">
      <ol className="grid grid-cols-6 max-[760px]:grid-cols-2">
        {result.recipes
          .slice(0, SHOWN)
          .map((found, i) => ({ ...found, ...lookedAt[i] }))
          .map((recipe) => (
            <li key={recipe.parts.join(':')} className="border-zinc3 not-first:border-l">
              <button
                type="button"
                className="w-full px-2 py-1 text-left hover:bg-zinc1"
                onClick={() => {
                  onTake(recipe);
                }}
                aria-label={`Take ${recipe.parts.join(' to ')}: air ${fixed(recipe.air, 2)}, off by ${fixed(recipe.loss, 2)}`}
              >
                <PailMark
                  shape={shape}
                  fill={{ kind: 'parted', solid: 1 - recipe.totalPorosity, water: recipe.water, air: recipe.air }}
                  state="predicted"
                  tier="medium"
                  k={54 / Math.max(shape.height_cm, shape.topDiameter_cm)}
                />
                <span className="figure block text-head font-medium">
                  {recipe.parts.map((own) => (own === 0 ? '·' : String(own))).join(' ')}
                </span>
                <span className="figure block text-small">
                  air {fixed(recipe.air, 2)}
                  {recipe.pH === undefined ? '' : `  pH ${fixed(recipe.pH, 1)}`}
                </span>
                <span className="figure block text-small">
                  {recipe.pricePerL === undefined ? 'no price' : priceSaid(recipe.pricePerL, notebook.currency)}
                </span>
                <span className="my-[3px] block h-[5px] bg-zinc2">
                  <span
                    className="block h-full bg-ink"
                    style={{ width: `${String(Math.min(100, 100 * recipe.loss))}%` }}
                  />
                </span>
                <span className="figure block text-small">off by {fixed(recipe.loss, 2)}</span>
                <small className="block leading-tight">{weakestSaid(recipe.weakest)}</small>
              </button>
            </li>
          ))}
      </ol>
      {result.front.length > 1 && (
        <Chart
          title={
            <>
              <b>Price against fit</b>{' '}
              <span className="text-ink2">
                {notebook.currency} {perVolume()} made; nothing is cheaper and better than the line
              </span>
            </>
          }
          says={`Price against fit: from ${frontEnd(result.front[0])} to ${frontEnd(result.front.at(-1))}.`}
          height={150}
          options={options}
        />
      )}
    </div>
  );
}

const frontEnd = (end: { readonly price: number; readonly loss: number } | undefined): string =>
  end === undefined ? 'nothing' : `${inMine(end.price, 'per L', 2)} off by ${fixed(end.loss, 2)}`;

function weakestSaid(weakest: WeakestWindow | undefined): string {
  if (weakest === undefined) return '';
  if (weakest.chance > SURE) return 'every target almost sure';
  const { label } = property(weakest.property as PropertyKey);
  return `least likely met: ${inSentence(label.split(',')[0] ?? label)}, ${String(Math.round(100 * weakest.chance))} %`;
}
