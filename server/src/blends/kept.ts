import { flatLines, type BlendRef, type FlatLine, type KeptRecipe } from '@bent-pail/core';
import type { Recipe } from '@bent-pail/contract';
import { In, type EntityManager } from 'typeorm';
import { BlendEntity, LotEntity, MaterialEntity } from '../database/entities';

type Line = Recipe['lines'][number];

/** Every kept version as other recipes take it up, and what lines are called. */
export interface KeptBlends {
  readonly find: (ref: BlendRef) => KeptRecipe | undefined;
  readonly flat: (lines: readonly Line[]) => FlatLine[];
  readonly namesOf: (lines: readonly Line[]) => string[];
}

interface Row {
  readonly blend_id: string;
  readonly n: number;
  readonly lines: Line[];
  readonly made: number;
}

const keyOf = ({ id, n }: BlendRef): string => `${id}:${String(n)}`;

/** Loads what recipes need to be taken apart to their lots; kept versions never change, so neither does what they mean. */
export async function loadKept(manager: EntityManager): Promise<KeptBlends> {
  const rows = await manager.query<Row[]>(
    `select blend_id, n, recipe->'lines' as lines, (result->>'volume')::float8 as made from blend_versions`,
  );
  const blends = new Map((await manager.find(BlendEntity)).map((blend) => [blend.id, blend.name]));
  const lots = await manager.find(LotEntity, { select: { id: true, materialId: true } });
  const materials = new Map(
    (await manager.findBy(MaterialEntity, { id: In(lots.map((lot) => lot.materialId)) })).map((one) => [
      one.id,
      one.name,
    ]),
  );
  const lotNames = new Map(lots.map((lot) => [lot.id, materials.get(lot.materialId) ?? '']));
  const kept = new Map(
    rows.map(({ blend_id, n, lines, made }) => [
      keyOf({ id: blend_id, n }),
      { name: blends.get(blend_id) ?? '', lines, made },
    ]),
  );
  const find = (ref: BlendRef): KeptRecipe | undefined => kept.get(keyOf(ref));
  return {
    find,
    flat: (lines) => flatLines(lines, find),
    namesOf: (lines) =>
      lines.map(({ lotId, blend }) =>
        blend === undefined
          ? (lotNames.get(lotId ?? '') ?? '')
          : `${blends.get(blend.id) ?? ''}, version ${String(blend.n)}`,
      ),
  };
}
