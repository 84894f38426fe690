import type { BlendPage, SellingPage } from '@bent-pail/contract';
import { marginOf, packCost } from '@bent-pail/core';
import { useQuery } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { Link } from 'react-router';
import { Button } from '../../kit/Button';
import { day, fixed } from '../../kit/format';
import { Rows } from '../../kit/Rows';
import { Await } from '../../shared/Await';
import { sellingQuery } from '../../shared/resources/selling';
import { amount } from '../../shared/units/mine';
import { useSession, useWorks } from '../../shared/useSession';
import { ComplaintForm } from './ComplaintForm';
import { LabelToPrint } from './LabelToPrint';
import { SaleForm } from './SaleForm';
import { TermsForm } from './TermsForm';

/** The mix as a product: cost and margin of a pack, what its label can say, who bought it, what they did not like. */
export function SellingPanel({ page }: { readonly page: BlendPage }): ReactElement {
  const query = useQuery(sellingQuery(page.id));
  return <Await query={query}>{(selling) => <Selling page={page} selling={selling} />}</Await>;
}

interface SellingProps {
  readonly page: BlendPage;
  readonly selling: SellingPage;
}

type Doing = 'terms' | 'sale' | 'complaint';

function Selling({ page, selling }: SellingProps): ReactElement {
  const works = useWorks();
  const [doing, setDoing] = useState<Doing>();
  const leave = (): void => {
    setDoing(undefined);
  };
  const { terms } = selling;
  return (
    <section className="px-5 py-3" aria-label="Sell it">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <h2>
          A product of our own{' '}
          <small>
            {terms === undefined ? 'say first how it is packed' : `packs of ${amount(terms.pack_L, 'L', 0)}`}
          </small>
        </h2>
        {works && doing === undefined && (
          <span className="flex flex-wrap gap-3">
            {(
              [
                ['terms', terms === undefined ? 'How it is packed' : 'Change pack and prices'],
                ['sale', 'Packs were sold'],
                ['complaint', 'Somebody complains'],
              ] as const
            ).map(([key, words]) => (
              <Button
                key={key}
                look="low"
                onClick={() => {
                  setDoing(key);
                }}
              >
                {words}
              </Button>
            ))}
          </span>
        )}
      </div>
      {doing === 'terms' && <TermsForm blendId={page.id} selling={selling} onDone={leave} />}
      {doing === 'sale' && <SaleForm blendId={page.id} selling={selling} onDone={leave} />}
      {doing === 'complaint' && <ComplaintForm blendId={page.id} selling={selling} onDone={leave} />}
      <div className="mt-3 grid gap-8 min-[1000px]:grid-cols-2">
        <Money selling={selling} />
        <LabelToPrint page={page} selling={selling} />
      </div>
      <div className="mt-4 grid gap-8 min-[1000px]:grid-cols-2">
        <Sold selling={selling} />
        <Complaints page={page} selling={selling} />
      </div>
    </section>
  );
}

/** What a pack costs to make, and what is left of each price. */
function Money({ selling: { terms, costPerL, currency } }: { readonly selling: SellingPage }): ReactElement {
  if (terms === undefined || costPerL === undefined)
    return (
      <p className="text-small text-ink2">
        {costPerL === undefined
          ? 'One of its parts has no price yet: the cost of a pack is not known.'
          : 'The cost of a pack is known once it is said how it is packed.'}
      </p>
    );
  const cost = packCost({ costPerL, ...terms });
  const prices = [
    ['To the trade', terms.tradePrice],
    ['To private buyers', terms.privatePrice],
  ] as const;
  return (
    <div>
      <p className="text-head font-semibold">
        A pack costs {currency}
        <span className="figure">{fixed(cost, 2)}</span> to make.
      </p>
      <Rows className="mt-1 text-body">
        <thead>
          <tr>
            <th scope="col" className="text-left">
              Price
            </th>
            <th scope="col">{currency}</th>
            <th scope="col">left</th>
            <th scope="col">of the price</th>
          </tr>
        </thead>
        <tbody>
          {prices.map(([words, price]) => {
            const margin = price === undefined || price === 0 ? undefined : marginOf(cost, price);
            return (
              <tr key={words}>
                <th scope="row">{words}</th>
                <td className="figure">{price === undefined ? 'not said' : fixed(price, 2)}</td>
                <td className="figure">{margin === undefined ? '' : fixed(margin.left, 2)}</td>
                <td className="figure">{margin === undefined ? '' : `${fixed(100 * margin.share, 0)} %`}</td>
              </tr>
            );
          })}
        </tbody>
      </Rows>
      <p className="mt-1 text-small text-ink2">
        Mix, packaging and work; no rent, no tax, no delivery. Costs go by the newest version.
      </p>
    </div>
  );
}

function Sold({ selling: { sales, batches, currency } }: { readonly selling: SellingPage }): ReactElement {
  const { notebook } = useSession();
  const packs = sales.reduce((sum, one) => sum + one.packs, 0);
  return (
    <div>
      <h3 className="text-body">
        Sold <small>{packs === 0 ? 'nothing yet' : `${String(packs)} packs`}</small>
      </h3>
      <Rows>
        <tbody>
          {sales.map(({ id, on, packs: sold, kind, price, code, by }) => (
            <tr key={id}>
              <th scope="row" className="pr-3 whitespace-nowrap">
                {day(on, notebook.zone)}
              </th>
              <td className="text-left">
                {kind === 'trade' ? 'trade' : 'private'}
                {code === undefined ? '' : `, batch ${code}`} <small>{by}</small>
              </td>
              <td className="figure">
                {sold} × {currency}
                {fixed(price, 2)}
              </td>
            </tr>
          ))}
        </tbody>
      </Rows>
      {batches.length > 0 && (
        <p className="mt-1 text-small">
          Batches:{' '}
          {batches.map(({ lotId, code, n, sold }, i) => (
            <span key={lotId}>
              {i > 0 && ', '}
              <Link to={`/shelf/lots/${lotId}`}>{code}</Link> of version {n} ({sold} sold)
            </span>
          ))}
          .
        </p>
      )}
    </div>
  );
}

/** What somebody did not like; a further version can be kept because of it. */
function Complaints({ page, selling: { complaints } }: SellingProps): ReactElement {
  const { notebook } = useSession();
  const works = useWorks();
  return (
    <div>
      <h3 className="text-body">
        Complaints <small>{complaints.length === 0 ? 'none' : String(complaints.length)}</small>
      </h3>
      <ul>
        {complaints.map(({ id, on, words, code, by }) => {
          const answered = page.versions.find(({ reason }) => reason?.includes(words.slice(0, 40)) === true);
          return (
            <li key={id} className="border-b border-zinc2 py-1.5">
              “{words}”{' '}
              <small>
                {day(on, notebook.zone)}
                {code === undefined ? '' : `, batch ${code}`}; {by}
              </small>
              <span className="block text-small">
                {answered !== undefined ? (
                  `version ${String(answered.n)} was kept because of it`
                ) : works ? (
                  <Link to={`/blend/${page.id}?because=${encodeURIComponent(`somebody said: ${words}`.slice(0, 200))}`}>
                    Change the mix because of it
                  </Link>
                ) : (
                  'not answered by a version yet'
                )}
              </span>
            </li>
          );
        })}
      </ul>
    </div>
  );
}
