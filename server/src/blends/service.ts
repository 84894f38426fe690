import type {
  BlendPage,
  BlendRow,
  BlendsAsked,
  DeskBlend,
  Me,
  NewBlendVersion,
  Page,
  Recipe,
} from '@bent-pail/contract';
import { blendMethod, CoreError, flatLines, predictDesk, recipeSettings, type FlatLine, spoken } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';
import type { Context } from '../context';
import { keepOnce } from '../database/keepOnce';
import { notFound, refused } from '../http/problems';
import { learntUse } from '../learning/service';
import { notebookRow } from '../notebook/repository';
import { lotsWithCards } from '../shelf/repository';
import {
  blendOf,
  blendsForDesk,
  holdBlend,
  insertVersion,
  pageOfBlends,
  versionsNamed,
  versionsOf,
} from './repository';

export async function listBlends({ db }: Context, asked: BlendsAsked): Promise<Page<BlendRow>> {
  const { zone } = await notebookRow(db.manager);
  return pageOfBlends(db.manager, asked, zone);
}

export function deskBlends({ db }: Context, ids: readonly string[]): Promise<readonly DeskBlend[]> {
  return blendsForDesk(db.manager, ids);
}

export async function blendPage({ db }: Context, id: string): Promise<BlendPage> {
  const blend = await blendOf(db.manager, id);
  if (blend === null) throw notFound('blend');
  return {
    id,
    name: blend.name,
    ...(blend.archivedAt === null ? {} : { archived: true }),
    versions: await versionsOf(db.manager, id),
  };
}

/** The lots that a recipe comes down to; a blend that is not kept is refused at its line. */
async function flatOf(manager: EntityManager, { lines }: Recipe): Promise<FlatLine[]> {
  const find = await versionsNamed(manager, lines);
  try {
    return flatLines(lines, find);
  } catch (error) {
    if (error instanceof CoreError) throw refused(`recipe.${error.path}`, spoken(error));
    throw error;
  }
}

/** Predicts a recipe from the lots as they stand on the server, whatever the page believed. */
async function predict(
  manager: EntityManager,
  recipe: Recipe,
  flat: readonly FlatLine[],
): Promise<ReturnType<typeof predictDesk>> {
  const lots = await lotsWithCards(
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
    ...recipeSettings(recipe),
    learnt: await learntUse(manager),
  });
}

/** Keeps a version with what went in and what came out; a kept version never changes. */
export async function keepVersion(context: Context, me: Me, body: NewBlendVersion): Promise<BlendPage> {
  const { db, clock, cards } = context;
  const flat = await flatOf(db.manager, body.recipe);
  await cards.follow(flat.map(({ lotId }) => lotId));
  await db.transaction((manager) =>
    keepOnce(manager, { id: body.id, what: 'version', said: body }, async () => {
      const now = new Date(clock.now());
      await holdBlend(manager, { id: body.blendId, name: body.name.trim(), now });
      const { input, result } = await predict(manager, body.recipe, flat);
      await insertVersion(manager, {
        id: body.id,
        blendId: body.blendId,
        recipe: body.recipe,
        flat,
        input,
        result,
        method: blendMethod.stamp,
        reason: body.reason ?? null,
        byUser: me.id,
        keptAt: now,
      });
    }),
  );
  return blendPage(context, body.blendId);
}
