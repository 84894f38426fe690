import type { LearningPage } from '@bent-pail/contract';
import { sameContent } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';
import { askKin, ownOf, readingsKept } from './kinRepository';
import { METHODS_STAMP } from './methods';
import type { WorkedOut } from './workedOut';

/** A card that is asked for: which lot's, and how often by now. */
export interface Wanted {
  readonly lotId: string;
  readonly wanted: number;
}

/** Cards that do not follow yet, those named before others, at most so many. */
export async function wantedCards(
  manager: EntityManager,
  first: readonly string[],
  most: number,
): Promise<readonly Wanted[]> {
  return manager.query<Wanted[]>(
    `select lot_id as "lotId", wanted from lot_cards where wanted <> made
     order by (lot_id = any($1)) desc, made, lot_id limit $2`,
    [first, most],
  );
}

/** How often a lot's card was asked for by now. */
export async function wantedOf(manager: EntityManager, lotId: string): Promise<Wanted> {
  const [row] = await manager.query<{ wanted: number }[]>('select wanted from lot_cards where lot_id = $1', [lotId]);
  return { lotId, wanted: row?.wanted ?? 1 };
}

/** Which of some lots have cards that do not follow yet. */
export async function unfollowed(manager: EntityManager, lotIds: readonly string[]): Promise<readonly string[]> {
  const rows = await manager.query<{ id: string }[]>(
    'select lot_id as id from lot_cards where lot_id = any($1) and wanted <> made',
    [lotIds],
  );
  return rows.map(({ id }) => id);
}

/** Asks anew for all that was worked out by other methods than today's. */
export async function wantOldMethods(manager: EntityManager): Promise<void> {
  await manager.query('update lot_cards set wanted = wanted + 1 where made > 0 and methods <> $1', [METHODS_STAMP]);
  await manager.query('update learnt set wanted = wanted + 1 where made > 0 and methods <> $1', [METHODS_STAMP]);
}

/** Asks for everything as if it had never been made; what is kept stays until it is replaced. */
export async function wantEverything(manager: EntityManager): Promise<void> {
  await manager.query('update lot_cards set made = 0');
  await manager.query('update learnt set made = 0');
  await manager.query(`update run_states set methods = ''`);
  await manager.query(`update run_figures set method = ''`);
}

/** Keeps a card as rows, all or nothing; one that a later question has overtaken is dropped. */
export async function writeCard(
  manager: EntityManager,
  { lotId, wanted }: Wanted,
  { card, head, figures, trouble }: WorkedOut,
): Promise<void> {
  const { pail, component, ...rest } = card;
  const asJson = (value: unknown): string | null => (value === undefined ? null : JSON.stringify(value));
  const before = await readingsKept(manager, lotId);
  const written = await manager.query<unknown[]>(
    `with kept as (
       update lot_cards set made = $2, methods = $3, trouble = $4, air = $5, water = $6, density = $7, density_measured = $8,
         ph = $9, ph_measured = $10, price_per_l = $11, pail = $12, component = $13, card = $14
       where lot_id = $1 and made < $2 returning lot_id)
     select lot_id from kept`,
    [
      lotId,
      wanted,
      METHODS_STAMP,
      trouble,
      head.air,
      head.water,
      head.density,
      head.densityMeasured,
      head.ph,
      head.phMeasured,
      head.pricePerL,
      asJson(pail),
      asJson(component),
      asJson(rest),
    ],
  );
  if (written.length === 0) return;
  if (!sameContent(before, ownOf(card.curve?.readings))) await askKin(manager, lotId);
  await manager.query('delete from lot_figures where lot_id = $1', [lotId]);
  await manager.query(
    `insert into lot_figures (lot_id, place, property, method_key, method, origin, mean, sd, se, n, counted, words, one_grab, trouble, run_ids)
     select $1, place, property, "methodKey", method, origin, mean, sd, se, n, counted, words, "oneGrab", trouble, "runIds"
     from rows from (jsonb_to_recordset($2) as (property text, "methodKey" text, method text, origin text, mean float8, sd float8,
         se float8, n int, counted float8[], words text, "oneGrab" boolean, trouble jsonb, "runIds" uuid[]))
       with ordinality as f (property, "methodKey", method, origin, mean, sd, se, n, counted, words, "oneGrab", trouble, "runIds", place)`,
    [lotId, JSON.stringify(figures)],
  );
  await manager.query(
    `update learnt set wanted = wanted + 1 where exists (
       select 1 from lots l join blend_versions v on v.id = l.blend_version_id
       where l.id = $1::uuid or v.flat @> jsonb_build_array(jsonb_build_object('lotId', ($1::uuid)::text)))`,
    [lotId],
  );
}

/** How often what batches teach was asked for, where it does not follow yet. */
export async function wantedLearning(manager: EntityManager): Promise<number | undefined> {
  const [row] = await manager.query<{ wanted: number }[]>('select wanted from learnt where wanted <> made');
  return row?.wanted;
}

export async function writeLearning(manager: EntityManager, wanted: number, page: LearningPage): Promise<void> {
  await manager.query('update learnt set made = $1, methods = $2, body = $3 where made < $1', [
    wanted,
    METHODS_STAMP,
    JSON.stringify(page),
  ]);
}

/** How many cards and runs a notebook has. */
export async function countNotebook(manager: EntityManager): Promise<{ readonly lots: number; readonly runs: number }> {
  const [counted] = await manager.query<{ lots: number; runs: number }[]>(
    'select (select count(*)::int from lot_cards) as lots, (select count(*)::int from runs) as runs',
  );
  return counted as { lots: number; runs: number };
}
