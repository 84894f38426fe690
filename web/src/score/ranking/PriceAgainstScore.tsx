import type { RankedProduct } from '@bent-pail/contract';
import type { Ranked, Rubric } from '@bent-pail/core';
import { useMemo, type ReactElement } from 'react';
import { fixed, listed } from '../../kit/format';
import { Chart } from '../../shared/chart/Chart';
import { perVolume } from '../../shared/units/ofProperty';
import { priceChart, worthwhile, type Judged } from './priceChart';

interface PriceAgainstScoreProps {
  readonly ranking: readonly Ranked[];
  readonly products: readonly RankedProduct[];
  readonly rubric: Rubric;
  readonly currency: string;
}

/** What each is worth beside what it costs; those on the edge are the only ones that nobody beats in both. */
export function PriceAgainstScore({
  ranking,
  products,
  rubric,
  currency,
}: PriceAgainstScoreProps): ReactElement | null {
  const judged = useMemo((): Judged[] => {
    const price = rubric.criteria.find(({ kind }) => kind === 'price')?.name;
    return ranking.flatMap(({ name, overall }, i) => {
      const value = products.find((one) => one.name === name)?.criteria.find((one) => one.name === price)?.value;
      return overall === undefined || value === undefined ? [] : [{ name, place: i + 1, pricePerL: value, overall }];
    });
  }, [ranking, products, rubric]);
  const options = useMemo(() => priceChart(judged, currency), [judged, currency]);
  if (judged.length < 2) return null;
  const edge = listed(worthwhile(judged).map(({ name }) => name.split(',')[0] ?? name));
  return (
    <div className="mt-6 max-w-[760px]">
      <Chart
        title={
          <>
            <b>Score and price</b>{' '}
            <span className="text-ink2">
              0 to 10 up, {currency} {perVolume()} across; numbers as in the table
            </span>
          </>
        }
        says={`Worth their price: ${edge}. ${judged.map(({ name, overall }) => `${name} ${fixed(overall, 1)}`).join(', ')}.`}
        height={260}
        options={options}
      />
      <p className="text-small">Nobody is cheaper and better at once than {edge}.</p>
    </div>
  );
}
