import type { RankingPage as Ranking, RubricRow } from '@bent-pail/contract';
import { ENOUGH_WEIGHT, RANK_DEFAULTS, type RankInput } from '@bent-pail/core';
import { useQuery } from '@tanstack/react-query';
import { useMemo, useState, type ReactElement } from 'react';
import { Link, useSearchParams } from 'react-router';
import { Choice } from '../../kit/Choice';
import { Notice } from '../../kit/Notice';
import { Slider } from '../../kit/Slider';
import { Sorry } from '../../kit/Sorry';
import { Await } from '../../shared/Await';
import { EmptyPail } from '../../shared/EmptyPail';
import { rankingQuery, rubricsQuery } from '../../shared/resources/rubrics';
import { TitleBlock } from '../../shared/TitleBlock';
import { useSettled } from '../../shared/useSettled';
import { PriceAgainstScore } from './PriceAgainstScore';
import { RankTable } from './RankTable';
import { shareIn, TakingPart } from './TakingPart';
import { useRank } from './useRank';

/** Every judged product in order, by any rubric, and how sure that order is. */
export function RankingPage(): ReactElement {
  const rubrics = useQuery(rubricsQuery);
  return (
    <main>
      <TitleBlock
        title="Ranking"
        line="Every product that has a card, by one rubric; how sure its place is when others weigh a little differently."
      />
      <Await query={rubrics}>{(rows) => <ByRubric rows={rows} />}</Await>
    </main>
  );
}

function ByRubric({ rows }: { readonly rows: readonly RubricRow[] }): ReactElement {
  const [params, setParams] = useSearchParams();
  const key = params.get('by') ?? rows[0]?.rubric.key ?? '';
  const ranking = useQuery(rankingQuery(key));
  return (
    <>
      <div className="flex flex-wrap items-end gap-6 px-5 pt-4">
        <Choice
          label="By"
          value={key}
          options={rows.map(({ rubric }) => ({ key: rubric.key, words: `${rubric.label}: ${rubric.use}` }))}
          onChange={(by) => {
            setParams({ by }, { replace: true });
          }}
        />
      </div>
      <Await query={ranking}>
        {(page) =>
          page.products.length === 0 ? (
            <EmptyPail question="No product has a card yet.">
              <Link to="/score?start">Judge one</Link>, and it stands here beside the next.
            </EmptyPail>
          ) : (
            <Ranked page={page} />
          )
        }
      </Await>
    </>
  );
}

/** From "others weigh quite differently" to "as the rubric says": the powers of ten of the concentration. */
const SLIDER = Object.freeze({ most: 30, tens: 10 });

/** Weightings that are drawn while the slider moves. */
const WHILE_MOVING = 1000;

function Ranked({ page }: { readonly page: Ranking }): ReactElement {
  const [at, setAt] = useState(SLIDER.tens * Math.log10(RANK_DEFAULTS.concentration));
  // While the slider moves the order follows at once, from fewer weightings; once it rests, from all of them.
  const isMoving = useSettled(at) !== at;
  const { rubric, currency } = page;
  const [changed, setChanged] = useState<ReadonlySet<string>>(new Set());
  const shares = useMemo(() => new Map(page.products.map((one) => [one.name, shareIn(one, rubric)])), [page, rubric]);
  const isIn = (name: string): boolean => (shares.get(name) ?? 0) >= ENOUGH_WEIGHT !== changed.has(name);
  const products = useMemo(
    () => page.products.filter(({ name }) => (shares.get(name) ?? 0) >= ENOUGH_WEIGHT !== changed.has(name)),
    [page, shares, changed],
  );
  const input = useMemo(
    (): RankInput | undefined =>
      products.length === 0
        ? undefined
        : {
            rubric: {
              criteria: rubric.criteria.map(({ name, weight, kind, function: fn }) => ({
                name,
                weight,
                kind,
                function: fn,
              })),
              aggregate: rubric.aggregate,
              caps: rubric.caps,
            },
            products: products.map(({ name, criteria }) => ({ name, criteria })),
            concentration: 10 ** (at / SLIDER.tens),
            draws: isMoving ? WHILE_MOVING : RANK_DEFAULTS.draws,
          },
    [rubric, products, at, isMoving],
  );
  const { result, problem } = useRank(input);
  return (
    <div className="px-5 py-4">
      <p className="flex max-w-[640px] flex-wrap items-center gap-3 text-small">
        <span>Others weigh quite differently</span>
        <Slider
          label="How near others weigh to the rubric"
          value={at}
          most={SLIDER.most}
          step={1}
          onChange={setAt}
          className="min-w-40 flex-1"
        />
        <span>as the rubric does</span>
      </p>
      <TakingPart
        products={page.products}
        shares={shares}
        isIn={isIn}
        onChange={(name) => {
          setChanged(new Set(changed.has(name) ? [...changed].filter((one) => one !== name) : [...changed, name]));
        }}
      />
      {problem !== undefined && <Sorry className="mt-3">{problem}</Sorry>}
      {result === undefined ? (
        problem === undefined && input !== undefined && <p className="text-ink2 mt-4">Weighing five thousand times.</p>
      ) : (
        <>
          <RankTable ranking={result.ranking} products={products} rubric={rubric} />
          {result.checks.map(({ code, message }) => (
            <Notice key={code} className="mt-3 max-w-[70ch] p-2">
              {inLabels(message, rubric)}
            </Notice>
          ))}
          <PriceAgainstScore ranking={result.ranking} products={products} rubric={rubric} currency={currency} />
        </>
      )}
    </div>
  );
}

/** Keys of criteria in a sentence as they are called. */
const inLabels = (sentence: string, { criteria }: Ranking['rubric']): string =>
  criteria.reduce((said, { name, label }) => said.replace(new RegExp(`\\b${name}\\b`), label.toLowerCase()), sentence);
