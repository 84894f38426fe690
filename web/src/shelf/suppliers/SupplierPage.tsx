import type { DeliveryLine, SupplierPage as Page } from '@bent-pail/contract';
import { judgeAtGate, property } from '@bent-pail/core';
import { useQuery } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { Link, useParams } from 'react-router';
import { Button, ButtonLink } from '../../kit/Button';
import { counted, day, fixed } from '../../kit/format';
import { Notice } from '../../kit/Notice';
import { Rows } from '../../kit/Rows';
import { Await } from '../../shared/Await';
import { supplierQuery } from '../../shared/resources/suppliers';
import { TitleBlock } from '../../shared/TitleBlock';
import { ofProperty, perVolume, priceAlone } from '../../shared/units/ofProperty';
import { mySign } from '../../shared/units/mine';
import { useSession, useWorks } from '../../shared/useSession';
import { DeliveryForm } from './DeliveryForm';
import { SupplierForm } from './SupplierForm';
import { DECISION_WORDS, SUPPLIER_WORDS } from './words';

/** One supplier: every load with its price and what was seen, and how even the loads of one product were. */
export function SupplierPage(): ReactElement {
  const { id = '' } = useParams();
  const query = useQuery(supplierQuery(id));
  return <Await query={query}>{(page) => <Supplier key={page.id} page={page} />}</Await>;
}

function Supplier({ page }: { readonly page: Page }): ReactElement {
  const works = useWorks();
  const { notebook } = useSession();
  const [doing, setDoing] = useState<'change' | 'delivery'>();
  const { name, kind, permission, permissionUntil, note, came, outOfStock } = page;
  const leave = (): void => {
    setDoing(undefined);
  };
  return (
    <main>
      <TitleBlock
        title={name}
        line={note ?? SUPPLIER_WORDS[kind]}
        cells={[
          { term: 'Loads', value: String(came) },
          { term: 'Out of stock', value: counted(outOfStock, 'time', 'times') },
          ...(permission === undefined
            ? []
            : [
                {
                  term: 'May be taken',
                  value: `${permission}${permissionUntil === undefined ? '' : `, until ${day(permissionUntil, notebook.zone)}`}`,
                },
              ]),
        ]}
      >
        <ButtonLink to="/shelf/suppliers">All suppliers</ButtonLink>
        {works && doing === undefined && (
          <>
            <Button
              onClick={() => {
                setDoing('change');
              }}
            >
              Change
            </Button>
            <Button
              look="act"
              onClick={() => {
                setDoing('delivery');
              }}
            >
              Something came
            </Button>
          </>
        )}
      </TitleBlock>
      {doing === 'change' && <SupplierForm of={page} onKept={leave} onLeave={leave} />}
      {doing === 'delivery' && <DeliveryForm supplierId={page.id} onKept={leave} onLeave={leave} />}
      <Expired page={page} />
      <div className="grid grid-cols-[minmax(0,1fr)] gap-8 px-5 py-3 min-[1000px]:grid-cols-[minmax(0,1.6fr)_minmax(0,1fr)]">
        <section aria-label="What came">
          <h2>What came</h2>
          {page.deliveries.length === 0 ? (
            <p className="mt-2 text-small text-ink2">Nothing is noted yet.</p>
          ) : (
            <Rows className="mt-2 text-body">
              <thead>
                <tr>
                  <th scope="col" className="text-left">
                    On
                  </th>
                  <th scope="col" className="text-left">
                    what
                  </th>
                  <th scope="col">price {perVolume()}</th>
                  <th scope="col" className="pl-4 text-left">
                    at the gate
                  </th>
                </tr>
              </thead>
              <tbody>
                {page.deliveries.map((one) => (
                  <Delivery key={one.id} one={one} currency={page.currency} />
                ))}
              </tbody>
            </Rows>
          )}
        </section>
        <Even page={page} />
      </div>
    </main>
  );
}

/** A word that something may be taken holds to a day. */
function Expired({ page: { permissionUntil } }: { readonly page: Page }): ReactElement | null {
  const [today] = useState(() => new Date().toISOString().slice(0, 10));
  if (permissionUntil === undefined || permissionUntil >= today) return null;
  return (
    <Notice className="mx-5 mt-3 p-2">
      The word that it may be taken has run out: ask again before the next load.
    </Notice>
  );
}

interface DeliveryProps {
  readonly one: DeliveryLine;
  readonly currency: string;
}

function Delivery({ one: { on, lot, outOfStock, gate, decision, words, by }, currency }: DeliveryProps): ReactElement {
  const { notebook } = useSession();
  const reasons = gate === undefined ? [] : judgeAtGate(gate).reasons;
  return (
    <tr>
      <th scope="row" className="pr-4 whitespace-nowrap">
        {day(on, notebook.zone)}
      </th>
      <td className="text-left">
        {lot === undefined ? (
          <span className="text-ink2">{outOfStock}, out of stock</span>
        ) : (
          <Link to={`/shelf/lots/${lot.id}`}>
            {lot.name}, {lot.code}
          </Link>
        )}
        <small className="block">{[words, by].filter(Boolean).join('; ')}</small>
      </td>
      <td className="figure">{lot?.pricePerL === undefined ? '' : priceAlone(lot.pricePerL, currency)}</td>
      <td className="pl-4 text-left">
        {decision !== undefined && <b>{DECISION_WORDS[decision]}</b>}
        {reasons.map(({ because }) => (
          <small key={because} className="block">
            {because}
          </small>
        ))}
      </td>
    </tr>
  );
}

/** How much the loads of one product differ; from load to load, with replicates taken out. */
function Even({ page: { even } }: { readonly page: Page }): ReactElement {
  return (
    <section aria-label="How even it is">
      <h2>
        How even it is <small>loads of one product, measured alike</small>
      </h2>
      {even.length === 0 ? (
        <p className="mt-2 text-small text-ink2">Measure two loads of one product by the same method to see it.</p>
      ) : (
        even.map(({ name, spreads }) => (
          <Rows key={name} className="mt-2 text-body">
            <caption className="text-left font-semibold">{name}</caption>
            <tbody>
              {spreads.map(({ property: key, method, lots }) => {
                const means = lots.map(({ mean }) => mean);
                const { label, digits, unit } = property(key);
                return (
                  <tr key={`${key} ${method}`}>
                    <th scope="row">
                      {label} <small>{counted(lots.length, 'load', 'loads')}</small>
                    </th>
                    <td className="figure">
                      {ofProperty(key, Math.min(...means), digits)} to {ofProperty(key, Math.max(...means), digits)}{' '}
                      {mySign(unit)}
                    </td>
                    <td className="figure">
                      ±{fixed((100 * (Math.max(...means) - Math.min(...means))) / (2 * Math.abs(means[0] ?? 1)), 0)} %
                    </td>
                  </tr>
                );
              })}
            </tbody>
          </Rows>
        ))
      )}
    </section>
  );
}
