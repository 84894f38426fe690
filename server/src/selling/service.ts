import type { Me, NewComplaint, NewSale, SellingPage, SellingTerms } from '@bent-pail/contract';
import type { EntityManager } from 'typeorm';
import { namesOf } from '../accounts/repository';
import { versionsOf } from '../blends/repository';
import type { Context } from '../context';
import { keepOnce } from '../database/keepOnce';
import { optional } from '../database/optional';
import { notFound, refused } from '../http/problems';
import { notebookRow } from '../notebook/repository';
import { lotsNamed } from '../shelf/repository';
import { batchesOf, complaintsOf, insertComplaint, insertSale, insertTerms, salesOf, termsOf } from './repository';

async function requireBlend(manager: EntityManager, blendId: string): Promise<void> {
  if ((await versionsOf(manager, blendId)).length === 0) throw notFound('blend');
}

/** A batch that packs were filled from has to be one of this blend. */
async function requireBatch(manager: EntityManager, blendId: string, lotId: string | undefined): Promise<void> {
  if (lotId === undefined) return;
  const batches = await batchesOf(manager, blendId);
  if (!batches.some((batch) => batch.lotId === lotId)) throw refused('lotId', 'This is no batch of this blend.');
}

/** Terms, sales and complaints of a mix of one's own, with its batches. */
export async function sellingPage({ db }: Context, blendId: string): Promise<SellingPage> {
  const { manager } = db;
  const [newest] = await versionsOf(manager, blendId);
  if (newest === undefined) throw notFound('blend');
  const [terms, sales] = [await termsOf(manager, blendId), await salesOf(manager, blendId)];
  const [complaints, batches] = [await complaintsOf(manager, blendId), await batchesOf(manager, blendId)];
  const lots = await lotsNamed(
    manager,
    batches.map(({ lotId }) => lotId),
  );
  const people = [...sales, ...complaints, ...(terms === null ? [] : [terms])].map(({ byUser }) => byUser);
  const names = await namesOf(manager, people);
  const codeOf = (lotId: string | null): string | undefined => batches.find((one) => one.lotId === lotId)?.code;
  const { currency } = await notebookRow(manager);
  return {
    currency,
    ...(terms === null
      ? {}
      : { terms: { ...terms.body, by: names.get(terms.byUser) ?? '', keptAt: terms.keptAt.toISOString() } }),
    ...optional('costPerL', newest.result.pricePerL),
    batches: batches.map(({ lotId, code, n, sold, madeOn }) => {
      const lot = lots.find(({ id }) => id === lotId);
      const pail = lot?.pail?.kind === 'measured' ? lot.pail : undefined;
      return {
        lotId,
        code,
        n,
        sold,
        ...(pail === undefined ? {} : { air: pail.air, water: pail.water, height_cm: pail.height_cm }),
        ...(lot?.pH?.measured === true ? { pH: lot.pH.value } : {}),
        ...optional('madeOn', madeOn),
      };
    }),
    sales: sales.map(({ id, on, packs, kind, price, lotId, byUser }) => ({
      id,
      on,
      packs,
      kind,
      price,
      by: names.get(byUser) ?? '',
      ...optional('code', codeOf(lotId)),
    })),
    complaints: complaints.map(({ id, on, words, lotId, byUser }) => ({
      id,
      on,
      words,
      by: names.get(byUser) ?? '',
      ...optional('code', codeOf(lotId)),
    })),
  };
}

export async function keepTerms(
  context: Context,
  me: Me,
  blendId: string,
  { id, ...body }: SellingTerms,
): Promise<SellingPage> {
  await context.db.transaction((manager) =>
    keepOnce(manager, { id, what: 'terms', said: { blendId, ...body } }, async () => {
      await requireBlend(manager, blendId);
      await insertTerms(manager, { id, blendId, body, byUser: me.id, keptAt: new Date(context.clock.now()) });
    }),
  );
  return sellingPage(context, blendId);
}

export async function addSale(context: Context, me: Me, blendId: string, body: NewSale): Promise<SellingPage> {
  await context.db.transaction((manager) =>
    keepOnce(manager, { id: body.id, what: 'sale', said: { blendId, ...body } }, async () => {
      await requireBlend(manager, blendId);
      await requireBatch(manager, blendId, body.lotId);
      const keptAt = new Date(context.clock.now());
      await insertSale(manager, { ...body, blendId, lotId: body.lotId ?? null, byUser: me.id, keptAt });
    }),
  );
  return sellingPage(context, blendId);
}

export async function addComplaint(
  context: Context,
  me: Me,
  blendId: string,
  body: NewComplaint,
): Promise<SellingPage> {
  await context.db.transaction((manager) =>
    keepOnce(manager, { id: body.id, what: 'complaint', said: { blendId, ...body } }, async () => {
      await requireBlend(manager, blendId);
      await requireBatch(manager, blendId, body.lotId);
      const keptAt = new Date(context.clock.now());
      await insertComplaint(manager, { ...body, blendId, lotId: body.lotId ?? null, byUser: me.id, keptAt });
    }),
  );
  return sellingPage(context, blendId);
}
