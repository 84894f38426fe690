import type { BlendRow, BlendsAsked } from '@bent-pail/contract';
import { BLEND_SORTS } from '@bent-pail/contract/choices';
import { useInfiniteQuery } from '@tanstack/react-query';
import { useState, type ReactElement, type ReactNode } from 'react';
import { Link } from 'react-router';
import { Await } from '../shared/Await';
import { EmptyPail } from '../shared/EmptyPail';
import { fixed } from '../shared/format';
import { PailMark } from '../shared/pail/PailMark';
import { shapeOf } from '../shared/pail/pailGeometry';
import { AskedBy, ListBar } from '../shared/lists/ListBar';
import { More, rowsOf, totalOf } from '../shared/lists/More';
import { useAsked } from '../shared/lists/useAsked';
import { blendPagesQuery, type Asked } from '../shared/queries';
import { TitleBlock } from '../shared/TitleBlock';
import { useSession, useWorks } from '../shared/useSession';
import { MOST_COMPARED } from './compare/compared';
import { recipeText } from './recipeText';
import { Check } from '../kit/Check';

const SORT_WORDS: Readonly<Record<(typeof BLEND_SORTS)[number], string>> = {
  newest: 'newest first',
  name: 'by name',
  air: 'most air first',
  water: 'most water first',
  ph: 'lowest pH first',
  price: 'cheapest litre first',
};

/** Every kept blend with its pail in its own pot. */
export function BlendListPage(): ReactElement {
  const works = useWorks();
  const [asked, ask] = useAsked(['find', 'sort']);
  const query = useInfiniteQuery(blendPagesQuery(asked as Asked<BlendsAsked>));
  const isAsked = Object.keys(asked).length > 0;
  return (
    <main>
      <TitleBlock title="Blend" line="What a mix will do, before a barrow of it is mixed. Dashes are predicted.">
        <Link className="alt" to="/blend/plants">
          Plants
        </Link>
        <Link className="alt" to="/blend/uses">
          Uses
        </Link>
        <Link className="alt" to="/blend/bench">
          What the bench taught
        </Link>
        {works ? (
          <Link className="act" to="/blend/desk">
            Compose a blend
          </Link>
        ) : undefined}
      </TitleBlock>
      <Await query={query}>
        {(data) =>
          totalOf(data) === 0 && !isAsked ? (
            <EmptyPail question="What would you mix?">
              {works && (
                <Link className="alt" to="/blend/desk">
                  Take two lots from the shelf
                </Link>
              )}
            </EmptyPail>
          ) : (
            <>
              <ListBar
                find={asked.find ?? ''}
                placeholder="name, pot, person"
                onFind={(text) => {
                  ask('find', text);
                }}
              >
                <AskedBy
                  label="Sorted"
                  value={asked.sort ?? 'newest'}
                  options={BLEND_SORTS.map((key) => ({ key, words: SORT_WORDS[key] }))}
                  onChange={(key) => {
                    ask('sort', key === 'newest' ? '' : key);
                  }}
                />
              </ListBar>
              <BlendTable blends={rowsOf(data)}>
                <More query={query} what="blends" />
              </BlendTable>
              {totalOf(data) === 0 && <p className="q p-5">No blend is like that.</p>}
            </>
          )
        }
      </Await>
    </main>
  );
}

interface BlendTableProps {
  readonly blends: readonly BlendRow[];
  readonly children: ReactNode;
}

function BlendTable({ blends, children }: BlendTableProps): ReactElement {
  const [chosen, setChosen] = useState<readonly string[]>([]);
  return (
    <section className="px-5 pt-3" aria-label="Blends">
      <table className="rows">
        <thead>
          <tr>
            <th scope="col" colSpan={2}>
              Blend
            </th>
            <th scope="col" className="!text-left">
              in
            </th>
            <th scope="col">air</th>
            <th scope="col">water</th>
            <th scope="col">pH</th>
            <th scope="col">shrinks</th>
            <th scope="col" className="max-sm:hidden">
              compare
            </th>
            <th scope="col">made</th>
          </tr>
        </thead>
        <tbody>
          {blends.map((blend) => (
            <BlendLine
              key={blend.id}
              blend={blend}
              chosen={chosen.includes(blend.id)}
              onChoose={(id, is) => {
                setChosen(is ? [...chosen, id].slice(-MOST_COMPARED) : chosen.filter((one) => one !== id));
              }}
            />
          ))}
        </tbody>
      </table>
      {children}
      <p className="py-3">
        {chosen.length < 2 ? (
          <span className="q text-small">Tick two to six to see them side by side in one pot.</span>
        ) : (
          <Link className="alt" to={`/blend/compare?with=${chosen.map((id) => `blend:${id}`).join(',')}`}>
            Put these {chosen.length} side by side
          </Link>
        )}
      </p>
    </section>
  );
}

interface BlendLineProps {
  readonly blend: BlendRow;
  readonly chosen: boolean;
  readonly onChoose: (id: string, chosen: boolean) => void;
}

function BlendLine({ blend, chosen, onChoose }: BlendLineProps): ReactElement {
  const { notebook } = useSession();
  const { recipe, result, n } = blend.latest;
  const shape = shapeOf(recipe.pot, 'pot');
  const { air, water, totalPorosity, pH, shrink, pricePerL } = result;
  return (
    <tr>
      <td className="w-16 align-bottom">
        <PailMark
          shape={shape}
          fill={{ kind: 'parted', solid: 1 - totalPorosity, water, air }}
          state="predicted"
          tier="tiny"
          k={30 / recipe.pot.height_cm}
        />
      </td>
      <td className="!text-left">
        <Link className="inline-flex min-h-11 items-center text-head font-semibold" to={`/blend/${blend.id}`}>
          {blend.name}
        </Link>
        <small className="block pb-1">
          {recipeText(blend.latest)}; version {n}
        </small>
      </td>
      <td className="!text-left">{recipe.potName}</td>
      <td>
        <span className="fig worked-out">{fixed(air, 2)}</span>
      </td>
      <td>
        <span className="fig worked-out">{fixed(water, 2)}</span>
      </td>
      <td>
        {pH === undefined ? (
          <span className="q">not known</span>
        ) : (
          <span className="fig worked-out">{fixed(pH, 1)}</span>
        )}
      </td>
      <td className="f">{fixed(100 * shrink, 1)} %</td>
      <td className="max-sm:hidden">
        <Check
          label={`Compare ${blend.name}`}
          unseen
          checked={chosen}
          onChange={(checked) => {
            onChoose(blend.id, checked);
          }}
        />
      </td>
      <td className="f">{pricePerL === undefined ? '' : `${notebook.currency}${fixed(pricePerL, 2)}/L`}</td>
    </tr>
  );
}
