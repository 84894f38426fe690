import type { RankedProduct } from '@bent-pail/contract';
import { inSentence, tellApart, type Ranked, type Rubric } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { Link } from 'react-router';
import { fixed, listed } from '../../kit/format';
import { Rows } from '../../kit/Rows';

interface RankTableProps {
  readonly ranking: readonly Ranked[];
  readonly products: readonly RankedProduct[];
  readonly rubric: Rubric;
}

/** Criteria that are named of what tells two products apart. */
const NAMED = 2;

/** What puts a product under the one above it, the most telling first. */
function behindWords(one: Ranked, above: Ranked | undefined, { products, rubric }: RankTableProps): string {
  const known = (name: string) => products.find((product) => product.name === name)?.criteria ?? [];
  if (above === undefined) return '';
  const told = tellApart(rubric.criteria, known(above.name), known(one.name))
    .filter(({ points }) => points > 0.05)
    .slice(0, NAMED)
    .map(({ criterion, points }) => {
      const label = rubric.criteria.find(({ name }) => name === criterion)?.label ?? criterion;
      return `${inSentence(label)} (−${fixed(points, 1)})`;
    });
  return told.length === 0 ? '' : `behind by ${listed(told)}`;
}

/** Products in their order: the overall with its band, how often each is first, whom it is level with. */
export function RankTable(props: RankTableProps): ReactElement {
  const { ranking, products } = props;
  return (
    <Rows className="mt-3 text-body">
      <thead>
        <tr>
          <th scope="col" className="text-left">
            Product
          </th>
          <th scope="col">overall</th>
          <th scope="col" className="w-[220px] pl-4 text-left max-[760px]:hidden">
            0 to 10, 5–95 %
          </th>
          <th scope="col">first in</th>
          <th scope="col" className="max-[760px]:hidden">
            in the first three
          </th>
          <th scope="col" className="pl-4 text-left">
            level with
          </th>
        </tr>
      </thead>
      <tbody>
        {ranking.map((one, i) => (
          <tr key={one.name}>
            <th scope="row">
              <span className="figure mr-2 text-ink2">{i + 1}</span>
              <CardLink name={one.name} cardId={products.find(({ name }) => name === one.name)?.cardId} />
              <small className="block pl-5 text-ink2">{behindWords(one, ranking[i - 1], props)}</small>
            </th>
            <td>
              <span className="figure text-lead">{one.overall === undefined ? '–' : fixed(one.overall, 1)}</span>
              {one.onCommon !== undefined && (
                <small className="figure block">{fixed(one.onCommon, 1)} on what all have</small>
              )}
            </td>
            <td className="w-[220px] pl-4 text-left max-[760px]:hidden">
              <Band one={one} />
            </td>
            <td className="figure pl-2 whitespace-nowrap">{percent(one.firstShare)}</td>
            <td className="figure max-[760px]:hidden">{percent(one.topThreeShare)}</td>
            <td className="pl-4 text-left text-small">
              {one.levelWith.length === 0 ? (
                <span className="text-ink2">nobody</span>
              ) : (
                listed(one.levelWith.map((name) => name.split(',')[0] ?? name))
              )}
            </td>
          </tr>
        ))}
      </tbody>
    </Rows>
  );
}

/** A name with its card behind it; without one for whoever judges it blind. */
function CardLink({ name, cardId }: { readonly name: string; readonly cardId: string | undefined }): ReactElement {
  if (cardId === undefined) return <b>{name}</b>;
  return (
    <Link to={`/score/cards/${cardId}`} className="font-semibold">
      {name}
    </Link>
  );
}

const percent = (share: number): string => `${fixed(100 * share, 0)} %`;

const WIDTH = 200;

/** The band on a rule from 0 to 10. */
function Band({ one: { name, overall, band } }: { readonly one: Ranked }): ReactElement | null {
  if (overall === undefined || band === undefined) return null;
  const at = (score: number): number => (score / 10) * WIDTH;
  return (
    <svg
      className="block h-6 w-full"
      viewBox={`0 0 ${String(WIDTH)} 24`}
      role="img"
      aria-label={`${name}: ${fixed(overall, 1)}, ${fixed(band[0], 1)} to ${fixed(band[1], 1)}`}
    >
      <path d={`M0 12H${String(WIDTH)}`} stroke="var(--zinc-3)" />
      <rect x={at(band[0])} y={8} width={Math.max(1.5, at(band[1]) - at(band[0]))} height={8} fill="var(--zinc-4)" />
      <path d={`M${String(at(overall))} 3V21`} stroke="var(--ink)" strokeWidth={3} />
    </svg>
  );
}
