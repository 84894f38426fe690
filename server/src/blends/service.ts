import type { BlendPage, BlendRow, BlendVersion, Me, NewBlendVersion, Recipe } from '@bent-pail/contract';
import { CoreError, predictDesk, type FlatLine } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';
import type { Context } from '../context';
import { BlendEntity, BlendVersionEntity, UserEntity } from '../database/entities';
import { keepOnce } from '../database/keepOnce';
import { notFound, refused } from '../http/problems';
import { learntUse } from '../learning/service';
import { loadLots } from '../shelf/lotCards';
import { loadKept, type KeptBlends } from './kept';

/** Method version that a kept prediction was made with. */
const METHOD = 'blend@1';

function toVersion(row: BlendVersionEntity, people: ReadonlyMap<string, string>, kept: KeptBlends): BlendVersion {
  return {
    id: row.id,
    n: row.n,
    recipe: row.recipe,
    names: kept.namesOf(row.recipe.lines),
    flat: kept.flat(row.recipe.lines),
    input: row.input,
    result: row.result,
    ...(row.reason === null ? {} : { reason: row.reason }),
    keptAt: row.keptAt.toISOString(),
    keptBy: people.get(row.byUser) ?? '',
  };
}

async function peopleOf(manager: EntityManager): Promise<Map<string, string>> {
  return new Map((await manager.find(UserEntity)).map((user) => [user.id, user.name]));
}

export async function listBlends({ db }: Context): Promise<BlendRow[]> {
  const blends = await db.manager.find(BlendEntity, { order: { createdAt: 'desc' } });
  const versions = await db.manager.find(BlendVersionEntity, { order: { n: 'desc' } });
  const people = await peopleOf(db.manager);
  const kept = await loadKept(db.manager);
  return blends.flatMap((blend) => {
    const own = versions.filter((version) => version.blendId === blend.id);
    const latest = own[0];
    return latest === undefined
      ? []
      : [
          {
            id: blend.id,
            name: blend.name,
            latest: toVersion(latest, people, kept),
            kept: own.map(({ n, recipe, result }) => ({ n, flat: kept.flat(recipe.lines), made: result.volume })),
          },
        ];
  });
}

export async function blendPage({ db }: Context, id: string): Promise<BlendPage> {
  const blend = await db.manager.findOneBy(BlendEntity, { id });
  if (blend === null) throw notFound('blend');
  const versions = await db.manager.find(BlendVersionEntity, { where: { blendId: id }, order: { n: 'desc' } });
  const people = await peopleOf(db.manager);
  const kept = await loadKept(db.manager);
  return { id, name: blend.name, versions: versions.map((version) => toVersion(version, people, kept)) };
}

/** The lots that a recipe comes down to; a blend that is not kept, or that leads back to itself, is refused at its line. */
function flatOf(kept: KeptBlends, { lines }: Recipe): FlatLine[] {
  try {
    return kept.flat(lines);
  } catch (error) {
    if (error instanceof CoreError) throw refused(`recipe.${error.path}`, error.message);
    throw error;
  }
}

/** Predicts a recipe from the lots as they stand on the server, whatever the page believed. */
async function predict(manager: EntityManager, recipe: Recipe): Promise<ReturnType<typeof predictDesk>> {
  const flat = flatOf(await loadKept(manager), recipe);
  const lots = await loadLots(
    manager,
    flat.map((line) => line.lotId),
  );
  const lines = flat.map(({ lotId, parts }) => {
    const at = `recipe.lines[${String(recipe.lines.findIndex((line) => line.lotId === lotId))}].lotId`;
    const lot = lots.find(({ row }) => row.id === lotId);
    if (lot === undefined) throw refused(at, 'There is no such lot.');
    if (lot.card.component === undefined) {
      throw refused(at, `${lot.row.name} has neither a run nor a class, so nothing can be said of it yet.`);
    }
    return { parts, lot: lot.card.component };
  });
  return predictDesk({
    lines,
    container: recipe.pot,
    model: recipe.model,
    ...(recipe.shrink === undefined ? {} : { shrink: recipe.shrink }),
    lime_meqPerL: recipe.lime_meqPerL,
    learnt: await learntUse(manager),
  });
}

/** Keeps a version with what went in and what came out; a kept version never changes. */
export async function keepVersion({ db, clock }: Context, me: Me, body: NewBlendVersion): Promise<BlendPage> {
  await db.transaction((manager) =>
    keepOnce(manager, { id: body.id, what: 'version', said: body }, async () => {
      const now = new Date(clock.now());
      await manager.query('insert into blends (id, name, created_at) values ($1, $2, $3) on conflict (id) do nothing', [
        body.blendId,
        body.name.trim(),
        now,
      ]);
      await manager.findOne(BlendEntity, { where: { id: body.blendId }, lock: { mode: 'pessimistic_write' } });
      const { input, result } = await predict(manager, body.recipe);
      const n = (await manager.countBy(BlendVersionEntity, { blendId: body.blendId })) + 1;
      const row = {
        id: body.id,
        blendId: body.blendId,
        n,
        recipe: body.recipe,
        method: METHOD,
        reason: body.reason ?? null,
      };
      await manager.insert(BlendVersionEntity, {
        ...row,
        input: input as never,
        result: result as never,
        byUser: me.id,
        keptAt: now,
      });
    }),
  );
  return blendPage({ db, clock }, body.blendId);
}
