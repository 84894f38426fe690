import { Sideways } from '../../kit/Sideways';
import type { PriceNote } from '@bent-pail/contract';
import { PRICE_WORDS } from '@bent-pail/core';
import { useQuery } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { Link, useParams } from 'react-router';
import { Button, ButtonLink } from '../../kit/Button';
import { day, fixed } from '../../kit/format';
import { Rows } from '../../kit/Rows';
import { Await } from '../../shared/Await';
import { lotQuery } from '../../shared/resources/lots';
import { lotPricesQuery } from '../../shared/resources/prices';
import { TitleBlock } from '../../shared/TitleBlock';
import { litres } from '../../shared/units/litres';
import { useSession, useWorks } from '../../shared/useSession';
import { NotePrice } from './NotePrice';

/** What was seen of one product's price, from season to season. */
export function LotPricesPage(): ReactElement {
  const { id = '' } = useParams();
  const lot = useQuery(lotQuery(id));
  const prices = useQuery(lotPricesQuery(id));
  const works = useWorks();
  const [noting, setNoting] = useState(false);
  return (
    <main>
      <Await query={lot}>
        {({ lot: product, currency }) => (
          <>
            <TitleBlock
              title={`Prices of ${product.name}, ${product.code}`}
              line={<Link to={`/shelf/lots/${product.id}`}>Its card</Link>}
            >
              <ButtonLink to="/score/prices">The price board</ButtonLink>
              {works && !noting && (
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
            {noting && (
              <NotePrice
                product={product}
                currency={currency}
                onDone={() => {
                  setNoting(false);
                }}
              />
            )}
            <Await query={prices}>{(notes) => <Notes notes={notes} currency={currency} paid={product.price} />}</Await>
          </>
        )}
      </Await>
    </main>
  );
}

interface NotesProps {
  readonly notes: readonly PriceNote[];
  readonly currency: string;
  readonly paid: number | undefined;
}

function Notes({ notes, currency, paid }: NotesProps): ReactElement {
  const { notebook } = useSession();
  if (notes.length === 0)
    return (
      <p className="p-5">
        {paid === undefined
          ? 'No price of it is noted yet.'
          : `Paid for this lot: ${currency}${fixed(paid, 2)} a pack. Nothing else was noted yet.`}
      </p>
    );
  return (
    <Sideways label="Prices" className="px-5 py-3">
      <Rows>
        <thead>
          <tr>
            <th scope="col" className="text-left">
              Seen
            </th>
            <th scope="col" className="text-left">
              kind
            </th>
            <th scope="col">one pack</th>
            <th scope="col">on the label</th>
            <th scope="col" className="pl-5 text-left">
              where
            </th>
            <th scope="col" className="text-left">
              by
            </th>
          </tr>
        </thead>
        <tbody>
          {notes.map((note) => (
            <tr key={note.id}>
              <th scope="row" className="figure">
                {day(note.on, notebook.zone)} {note.on.slice(0, 4)}
              </th>
              <td className="text-left">{PRICE_WORDS[note.kind]}</td>
              <td className="figure">
                {currency}
                {fixed(note.price, 2)}
              </td>
              <td className="figure">{note.pack_L === undefined ? '' : litres(note.pack_L)}</td>
              <td className="pl-5 text-left">{note.place ?? ''}</td>
              <td className="text-left">{note.by}</td>
            </tr>
          ))}
        </tbody>
      </Rows>
    </Sideways>
  );
}
