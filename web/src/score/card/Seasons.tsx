import type { SeasonLot } from '@bent-pail/contract';
import type { ReactElement } from 'react';
import { Link } from 'react-router';
import { day, fixed } from '../../kit/format';
import { Rows } from '../../kit/Rows';
import { amount } from '../../shared/units/mine';
import { perVolume, priceAlone } from '../../shared/units/ofProperty';
import { useSession } from '../../shared/useSession';

interface SeasonsProps {
  readonly seasons: readonly SeasonLot[];
  readonly lotId: string;
  readonly currency: string;
}

/** The same product over the seasons, in a line: a changed mix or a shrunk bag is seen. */
export function Seasons({ seasons, lotId, currency }: SeasonsProps): ReactElement | null {
  const { notebook } = useSession();
  if (seasons.length < 2) return null;
  return (
    <section aria-label="The same product again" className="mt-6">
      <h2>The same product again</h2>
      {shrunk(seasons).map((sentence) => (
        <p key={sentence} className="text-small font-semibold">
          {sentence}
        </p>
      ))}
      <Rows className="mt-1 text-body">
        <thead>
          <tr>
            <th scope="col" className="text-left">
              Lot
            </th>
            <th scope="col">came</th>
            <th scope="col">label says</th>
            <th scope="col">price {perVolume()}</th>
            <th scope="col">air</th>
            <th scope="col">water</th>
            <th scope="col">pH</th>
            <th scope="col">of 10</th>
          </tr>
        </thead>
        <tbody>
          {seasons.map((lot) => (
            <tr key={lot.lotId} className={lot.lotId === lotId ? 'font-semibold' : ''}>
              <th scope="row">
                <Link to={lot.cardId === undefined ? `/shelf/lots/${lot.lotId}` : `/score/cards/${lot.cardId}`}>
                  {lot.code}
                </Link>
              </th>
              <td className="whitespace-nowrap">
                {lot.boughtOn === undefined ? '' : day(lot.boughtOn, notebook.zone)}
              </td>
              <td className="figure">{lot.pack_L === undefined ? '' : amount(lot.pack_L, 'L', 0)}</td>
              <td className="figure">{lot.pricePerL === undefined ? '' : priceAlone(lot.pricePerL, currency)}</td>
              <td className="figure">{lot.air === undefined ? '' : fixed(lot.air, 2)}</td>
              <td className="figure">{lot.water === undefined ? '' : fixed(lot.water, 2)}</td>
              <td className="figure">{lot.pH === undefined ? '' : fixed(lot.pH, 1)}</td>
              <td className="figure text-lead">{lot.overall === undefined ? '–' : fixed(lot.overall, 1)}</td>
            </tr>
          ))}
        </tbody>
      </Rows>
    </section>
  );
}

/** Where a bag holds less than the one before it. */
function shrunk(seasons: readonly SeasonLot[]): string[] {
  return seasons.flatMap((lot, i) => {
    const before = seasons[i - 1];
    if (before?.pack_L === undefined || lot.pack_L === undefined || lot.pack_L >= before.pack_L) return [];
    return [
      `The bag has shrunk from ${amount(before.pack_L, 'L', 0)} (${before.code}) to ${amount(lot.pack_L, 'L', 0)} (${lot.code}).`,
    ];
  });
}
