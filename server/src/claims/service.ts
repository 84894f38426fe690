import type { ClaimsAsked, ClaimsPage, ClaimsRow, Me, NewClaimsSheet, Page } from '@bent-pail/contract';
import { claimsShare, productKind, silences, type ClaimsShare } from '@bent-pail/core';
import { namesOf } from '../accounts/repository';
import type { Context } from '../context';
import { keepOnce } from '../database/keepOnce';
import { optional } from '../database/optional';
import { conflict, notFound } from '../http/problems';
import { notebookRow } from '../notebook/repository';
import { lotOf } from '../shelf/lotRepository';
import { lotsNamed } from '../shelf/repository';
import type { ClaimsSheetEntity, SheetBody } from './entities';
import { insertSheet, pageOfProducts, sheetOfSibling, sheetsOf, type ProductRow } from './repository';

/** How far a product's words can be relied on, by its sheet. */
export function shareOf({ productKind: key, text, claims, answers }: SheetBody): ClaimsShare | undefined {
  const kind = productKind(key);
  if (kind === undefined) return undefined;
  const answered = new Set(answers.filter(({ said }) => said !== undefined).map((one) => one.key));
  return claimsShare(claims, silences(kind, text, answered));
}

function toRow({ lotId, name, code, version, body }: ProductRow): ClaimsRow {
  const judged = (verdict: string): number => body?.claims.filter((one) => one.verdict === verdict).length ?? 0;
  return {
    lotId,
    name,
    code,
    ...optional('version', version),
    claims: body?.claims.length ?? 0,
    supported: judged('supported'),
    notSupported: judged('notSupported') + judged('misleading'),
    untested: judged('cannotTest'),
    open: body?.claims.filter(({ verdict }) => verdict === undefined).length ?? 0,
    ...optional('said', body === null ? undefined : shareOf(body)?.said),
    ...optional('interest', body?.interest),
  };
}

/** Products with what became of their claims. */
export async function listClaims({ db }: Context, asked: ClaimsAsked): Promise<Page<ClaimsRow>> {
  const { zone } = await notebookRow(db.manager);
  const page = await pageOfProducts(db.manager, asked, zone);
  return { ...page, rows: page.rows.map(toRow) };
}

/** What is claimed of one product. */
export async function claimsPage({ db }: Context, lotId: string): Promise<ClaimsPage> {
  const [lot] = (await lotOf(db.manager, lotId)) === null ? [] : await lotsNamed(db.manager, [lotId]);
  if (lot === undefined) throw notFound('lot');
  const sheets = await sheetsOf(db.manager, lotId);
  const people = await namesOf(
    db.manager,
    sheets.map(({ byUser }) => byUser),
  );
  const stamp = ({ version, byUser, keptAt }: ClaimsSheetEntity) => ({
    version,
    by: people.get(byUser) ?? '',
    keptAt: keptAt.toISOString(),
  });
  const [newest, ...before] = sheets;
  const other = await sheetOfSibling(db.manager, lotId);
  return {
    lotId,
    name: lot.name,
    code: lot.code,
    ...(newest === undefined
      ? {}
      : { sheet: { ...newest.body, ...stamp(newest) }, ...optional('share', shareOf(newest.body)) }),
    before: before.map(stamp),
    ...optional('other', other),
  };
}

/** Keeps the next version of a sheet; one that somebody else changed meanwhile is not lost. */
export async function keepClaims(
  context: Context,
  me: Me,
  lotId: string,
  { id, version, ...body }: NewClaimsSheet,
): Promise<ClaimsPage> {
  await context.db.transaction((manager) =>
    keepOnce(manager, { id, what: 'claims sheet', said: { lotId, version, ...body } }, async () => {
      if ((await lotOf(manager, lotId)) === null) throw notFound('lot');
      const [newest] = await sheetsOf(manager, lotId);
      if ((newest?.version ?? 0) !== version)
        throw conflict('Somebody else changed this sheet meanwhile; look at it again before you change it.');
      const keptAt = new Date(context.clock.now());
      await insertSheet(manager, { lotId, version: version + 1, body, byUser: me.id, keptAt });
    }),
  );
  return claimsPage(context, lotId);
}
