import { bagOf, type DeskBatch } from '@bent-pail/core';
import { useState, type ReactElement } from 'react';
import { litres } from '../../shared/units/litres';
import { Field } from '../../kit/Field';
import { fixed, counted } from '../../kit/format';
import { useSession } from '../../shared/useSession';
import type { DeskView } from '../desk/deskView';
import { typedNumber } from '../../shared/pot/standStore';
import { Rows } from '../../kit/Rows';

interface MakeOrBuyProps {
  readonly view: DeskView;
  readonly batch: DeskBatch;
}

/** What the batch costs as used, as bought, and with the minutes; and the same volume of each product on the shelf. */
export function MakeOrBuy({ view, batch }: MakeOrBuyProps): ReactElement | null {
  const { notebook } = useSession();
  const [minutes, setMinutes] = useState('60');
  const [hour, setHour] = useState('15');
  const bags = view.lots.flatMap((lot) => {
    const pack_L = bagOf(lot);
    return lot.kind === 'product' && lot.price !== undefined && pack_L !== undefined
      ? [{ lot, price: lot.price, pack_L }]
      : [];
  });
  const { costUsed, costBought, finished_L } = batch.quantity;
  const work = ((typedNumber(minutes) ?? 0) / 60) * (typedNumber(hour) ?? 0);
  const money = (value: number): string => notebook.currency + fixed(value, 2);
  return (
    <>
      <h2 className="mt-4">
        Make or buy <small>{litres(finished_L)}</small>
      </h2>
      <div className="mt-1 flex flex-wrap items-end gap-3">
        <Field label="Minutes of work" mode="numeric" value={minutes} onChange={setMinutes} className="w-32" />
        <Field label="An hour costs" mode="decimal" value={hour} onChange={setHour} className="w-32" />
      </div>
      <Rows className="mt-2">
        <thead>
          <tr>
            <th scope="col">Way</th>
            <th scope="col">as used</th>
            <th scope="col">as whole bags</th>
            <th scope="col">with the work</th>
          </tr>
        </thead>
        <tbody>
          <tr className="font-semibold">
            <th scope="row">Made here</th>
            <td className="figure">{money(costUsed)}</td>
            <td className="figure">{money(costBought)}</td>
            <td className="figure">{money(costBought + work)}</td>
          </tr>
          {bags.map(({ lot, price, pack_L }) => {
            const count = Math.ceil(finished_L / pack_L - 1e-9);
            return (
              <tr key={lot.id}>
                <th scope="row">
                  {lot.name}, {counted(count, 'bag', 'bags')}
                </th>
                <td className="figure">{money((finished_L / pack_L) * price)}</td>
                <td className="figure">{money(count * price)}</td>
                <td className="figure">{money(count * price)}</td>
              </tr>
            );
          })}
        </tbody>
      </Rows>
      <p className="text-ink2 mt-1 text-small">A bag counts with its true litres where they were measured.</p>
    </>
  );
}
