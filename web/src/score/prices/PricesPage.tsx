import { Sideways } from '../../kit/Sideways';
import type { PriceBoardPage } from '@bent-pail/contract';
import { alikeGroups, CoreError, priceBoard, spoken, type PriceBoardResult } from '@bent-pail/core';
import { useQuery } from '@tanstack/react-query';
import { useMemo, useState, type ReactElement } from 'react';
import { Link } from 'react-router';
import { Button, ButtonLink } from '../../kit/Button';
import { listed } from '../../kit/format';
import { Notice } from '../../kit/Notice';
import { Sorry } from '../../kit/Sorry';
import { Await } from '../../shared/Await';
import { EmptyPail } from '../../shared/EmptyPail';
import { useFirstLot } from '../../shared/lots/LotChoice';
import { priceBoardQuery } from '../../shared/resources/prices';
import { TitleBlock } from '../../shared/TitleBlock';
import { told, typedAmount } from '../../shared/units/mine';
import { useWorks } from '../../shared/useSession';
import { firstNeed, litresWanted } from './need';
import { NeedFields } from './NeedFields';
import { NotePrice } from './NotePrice';
import { PriceTable } from './PriceTable';

/** What a real litre costs: every pack with a price, and every blend that is made here, in one list. */
export function PricesPage(): ReactElement {
  const query = useQuery(priceBoardQuery);
  const works = useWorks();
  const [noting, setNoting] = useState(false);
  const { first } = useFirstLot(undefined, { kind: 'product' });
  return (
    <main>
      <TitleBlock title="Price board" line="By the litre that is really in a pack, loose.">
        <ButtonLink to="/shop">In the shop</ButtonLink>
        {works && !noting && first !== undefined && (
          <Button
            look="act"
            onClick={() => {
              setNoting(true);
            }}
          >
            Note a price
          </Button>
        )}
      </TitleBlock>
      <Await query={query}>
        {(page) => (
          <>
            {noting && first !== undefined && (
              <NotePrice
                product={first}
                currency={page.currency}
                onDone={() => {
                  setNoting(false);
                }}
              />
            )}
            {page.packs.length === 0 ? (
              <EmptyPail question="Nothing has a price yet.">
                <Link to="/shelf/new">Put a bag on the shelf</Link> with what it cost and what it says that it holds.
              </EmptyPail>
            ) : (
              <Board page={page} />
            )}
          </>
        )}
      </Await>
    </main>
  );
}

function Board({ page }: { readonly page: PriceBoardPage }): ReactElement {
  const [need, setNeed] = useState(firstNeed);
  const [hour, setHour] = useState('0');
  const need_L = litresWanted(need);
  const hourPrice = typedAmount(hour, '') ?? 0;
  const board = useMemo((): PriceBoardResult | string => {
    const packs = page.packs.map(
      ({ lotId: _lot, blendId: _blend, on: _on, place: _place, noted: _noted, ...pack }) => pack,
    );
    try {
      return priceBoard({ packs, hourPrice, ...(need_L === undefined ? {} : { need_L }) });
    } catch (error) {
      if (error instanceof CoreError) return spoken(error);
      throw error;
    }
  }, [page, need_L, hourPrice]);
  return (
    <>
      <NeedFields need={need} onNeed={setNeed} hour={hour} onHour={setHour} currency={page.currency} />
      <Sideways label="Prices" className="px-5 py-3">
        {typeof board === 'string' ? (
          <Sorry>{board}</Sorry>
        ) : (
          <>
            <PriceTable
              packs={page.packs}
              lines={board.lines}
              currency={page.currency}
              isWanted={need_L !== undefined}
            />
            {board.checks.map(({ code, message }) => (
              <Notice key={code} className="mt-3 max-w-[70ch] p-2">
                {told(message)}
              </Notice>
            ))}
            {alikeGroups(page.measured).map((names) => (
              <p key={names.join('; ')} className="mt-3 max-w-[80ch] text-small font-semibold">
                Nobody can tell them apart by what was measured, whatever their names say: {listed(names)}.
              </p>
            ))}
            <p className="mt-2 max-w-[80ch] text-small text-ink2">
              A filled dot was poured out and measured; a dotted ring goes by the label, and its band is as wide as
              bags, bales and blocks usually miss theirs. Work and delivery are in the price of a litre.
            </p>
          </>
        )}
      </Sideways>
    </>
  );
}
