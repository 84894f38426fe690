import { bagOf, type DeskBatch } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { litres } from '../../shared/units/litres';
import { amount, told } from '../../shared/units/mine';
import { fixed } from '../../kit/format';
import { useMeasures, useSession } from '../../shared/useSession';
import type { DeskView } from '../desk/deskView';
import { Rows } from '../../kit/Rows';

interface TakeTableProps {
  readonly view: DeskView;
  readonly batch: DeskBatch;
}

/** What goes in of each lot, what that takes of stock, what is bought as whole bags, and what is left. */
export function TakeTable({ view, batch }: TakeTableProps): ReactElement {
  const { notebook } = useSession();
  const { quantity } = batch;
  return (
    <>
      <Rows className="mt-2">
        <thead>
          <tr>
            <th scope="col">Lot</th>
            <th scope="col">goes in</th>
            <th scope="col">take</th>
            <th scope="col">there</th>
            <th scope="col">as bought</th>
            <th scope="col">costs</th>
          </tr>
        </thead>
        <tbody>
          {quantity.lines.map((line, i) => {
            const lot = view.used[i]?.lot;
            const short = lot?.stock_L !== undefined && lot.stock_L < line.take_L - 1e-6;
            return (
              <tr key={lot?.id ?? line.name} className={short ? 'font-semibold' : ''}>
                <th scope="row">
                  {line.name}, {lot?.code}
                </th>
                <td className="figure">{litres(line.loose_L)}</td>
                <td className="figure">{litres(line.take_L)}</td>
                <td className="figure">
                  {lot?.stock_L === undefined ? <span className="text-ink2">not counted</span> : litres(lot.stock_L)}
                </td>
                <td className="figure">
                  {line.units === undefined
                    ? ''
                    : `${String(line.units)} × ${amount(lot === undefined ? 0 : (bagOf(lot) ?? 0), 'L', 0)}, ${litres(line.leftover_L ?? 0)} over`}
                </td>
                <td className="figure">
                  {line.cost === undefined ? '' : `${notebook.currency}${fixed(line.cost, 2)}`}
                </td>
              </tr>
            );
          })}
        </tbody>
      </Rows>
      <p className="mt-2 text-small">
        Used: <span className="figure">{notebook.currency + fixed(quantity.costUsed, 2)}</span>; as whole bags{' '}
        <span className="figure">{notebook.currency + fixed(quantity.costBought, 2)}</span>.{' '}
        {quantity.checks.map(({ message }) => told(message)).join(' ')}
      </p>
      <Scoops view={view} />
    </>
  );
}

/** The recipe by the scoop, for a barrow. */
function Scoops({ view }: { readonly view: DeskView }): ReactElement {
  const { barrow, scoop } = useMeasures();
  const whole = view.used.reduce((sum, { parts }) => sum + parts, 0);
  return (
    <p className="text-ink2 text-small">
      To a barrow of {litres(barrow)}, in scoops of {litres(scoop)}:{' '}
      {view.used
        .map(({ lot, parts }) => {
          const scoops = ((parts / whole) * barrow) / scoop;
          return `${fixed(scoops, scoops < 10 ? 1 : 0)} of ${lot.name}`;
        })
        .join(', ')}
      .
    </p>
  );
}
