import type { BoardPack, Me, NewPrice, PriceBoardPage, PriceNote } from '@bent-pail/contract';
import { PRICE_WORDS, TOLD_APART_BY } from '@bent-pail/core';
import { namesOf } from '../accounts/repository';
import { pricesOfBlends } from '../blends/repository';
import type { Context } from '../context';
import { keepOnce } from '../database/keepOnce';
import { optional } from '../database/optional';
import { notFound, refused } from '../http/problems';
import { notebookRow } from '../notebook/repository';
import { lotOf } from '../shelf/lotRepository';
import type { PriceEntity } from './entities';
import { insertPrice, measuredProducts, packsOnBoard, pricesOfLot, type PackRow } from './repository';

const packName = ({ name, code, kind, noted }: PackRow): string =>
  noted === 0 || kind === 'paid' ? `${name}, ${code}` : `${name}, ${code}, ${PRICE_WORDS[kind]}`;

function toPack(row: PackRow): BoardPack {
  return {
    name: packName(row),
    lotId: row.lotId,
    price: row.price,
    kind: row.kind,
    form: row.form,
    noted: row.noted,
    ...optional('on', row.on),
    ...optional('place', row.place),
    ...optional('pack_L', row.pack_L),
    ...optional('factor', row.factor),
    ...optional('weight_kg', row.pack_kg),
    ...optional('delivery', row.delivery),
    ...optional('minutes', row.minutes),
    ...optional('true_L', row.true_L),
    ...optional('true_L_se', row.true_L_se),
    ...optional('density_kgL', row.density_kgL),
  };
}

/** Whether its litres are known at all; what has no volume stands nowhere in the order. */
const hasVolume = ({ true_L, pack_L, form, weight_kg, density_kgL }: BoardPack): boolean =>
  true_L !== undefined ||
  (form === 'byWeight' ? weight_kg !== undefined && density_kgL !== undefined : pack_L !== undefined);

/** Products with a price, and every kept blend at the price of a litre made, in one list. */
export async function priceBoardPage({ db }: Context): Promise<PriceBoardPage> {
  const { currency } = await notebookRow(db.manager);
  const packs = (await packsOnBoard(db.manager)).map(toPack).filter(hasVolume);
  const made = (await pricesOfBlends(db.manager)).map(({ id, name, pricePerL }): BoardPack => ({
    name: `${name}, made here`,
    blendId: id,
    kind: 'made',
    price: pricePerL,
    noted: 0,
  }));
  const measured = await measuredProducts(db.manager, Object.keys(TOLD_APART_BY));
  return {
    currency,
    packs: [...packs, ...made],
    measured: measured.map(({ name, code, figures }) => ({ name: `${name}, ${code}`, figures })),
  };
}

/** What was seen of a lot's price over time, newest first. */
export async function listPrices({ db }: Context, lotId: string): Promise<PriceNote[]> {
  if ((await lotOf(db.manager, lotId)) === null) throw notFound('lot');
  const prices = await pricesOfLot(db.manager, lotId);
  const names = await namesOf(
    db.manager,
    prices.map(({ byUser }) => byUser),
  );
  return prices.map((one): PriceNote => {
    const { id, kind, price, on, form, keptAt, byUser } = one;
    return {
      id,
      lotId,
      kind,
      price,
      on,
      form,
      by: names.get(byUser) ?? '',
      keptAt: keptAt.toISOString(),
      ...optional('pack_L', one.pack_L),
      ...optional('factor', one.factor),
      ...optional('pack_kg', one.pack_kg),
      ...optional('delivery', one.delivery),
      ...optional('minutes', one.minutes),
      ...optional('place', one.place),
    };
  });
}

/** Notes a price; the same note sent again changes nothing. */
export async function addPrice(context: Context, me: Me, body: NewPrice): Promise<PriceNote[]> {
  const { db, clock } = context;
  await db.transaction((manager) =>
    keepOnce(manager, { id: body.id, what: 'price', said: body }, async () => {
      if ((await lotOf(manager, body.lotId)) === null) throw refused('lotId', 'There is no such lot.');
      if (body.form === 'byWeight' && body.pack_kg === undefined)
        throw refused('pack_kg', 'What is sold by weight needs the weight of a pack.');
      const row: PriceEntity = {
        pack_L: null,
        factor: null,
        pack_kg: null,
        delivery: null,
        minutes: null,
        place: null,
        ...body,
        byUser: me.id,
        keptAt: new Date(clock.now()),
      };
      await insertPrice(manager, row);
    }),
  );
  return listPrices(context, body.lotId);
}
