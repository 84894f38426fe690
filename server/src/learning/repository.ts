import type { LearningPage, Recipe } from '@bent-pail/contract';
import {
  measuredOf,
  type FlatLine,
  type Foreseen,
  type LotCard,
  type LotComponent,
  type MeasuredPart,
  recipeSettings,
} from '@bent-pail/core';
import type { EntityManager } from 'typeorm';
import type { MeasuredBatch } from './taughtBy';

/** What the batches taught when it was last worked out; undefined where it never was. */
export async function learntBody(manager: EntityManager): Promise<LearningPage | undefined> {
  const [row] = await manager.query<{ body: LearningPage | null }[]>('select body from learnt');
  return row?.body ?? undefined;
}

type BatchNamed = LearningPage['batches'][number];

interface Row {
  readonly lotId: string;
  readonly lotCode: string;
  readonly blendId: string;
  readonly blendName: string;
  readonly n: number;
  readonly flat: FlatLine[];
  readonly recipe: Recipe;
  readonly foreseen: Foreseen | null;
  readonly pail: NonNullable<LotCard['pail']> | null;
  readonly card: Pick<LotCard, 'figures' | 'curve'> | null;
}

/** What lots are known for now, by lot. */
async function componentsOf(
  manager: EntityManager,
  lotIds: readonly string[],
): Promise<ReadonlyMap<string, LotComponent>> {
  const rows = await manager.query<{ lotId: string; component: LotComponent | null }[]>(
    'select lot_id as "lotId", component from lot_cards where lot_id = any($1)',
    [lotIds],
  );
  return new Map(rows.flatMap(({ lotId, component }) => (component === null ? [] : [[lotId, component] as const])));
}

/** The parts of a recipe as its lots are known; undefined where one of them is not. */
function partsOf(flat: readonly FlatLine[], known: ReadonlyMap<string, LotComponent>): MeasuredPart[] | undefined {
  const parts = flat.flatMap(({ lotId, parts: loose }): MeasuredPart[] => {
    const lot = known.get(lotId);
    if (lot === undefined || loose <= 0) return [];
    const volume = loose * lot.settledPerLoose;
    return [{ lotId, material: lot.materialId, component: { ...lot.component, volume }, errors: lot.errors }];
  });
  return parts.length === flat.filter(({ parts: loose }) => loose > 0).length ? parts : undefined;
}

/** What is known of a version's batch before anybody measures it; null where one of its lots is not known at all. */
export async function foreseenOf(
  manager: EntityManager,
  { flat, recipe }: { readonly flat: readonly FlatLine[]; readonly recipe: Recipe },
): Promise<Foreseen | null> {
  const known = await componentsOf(
    manager,
    flat.map(({ lotId }) => lotId),
  );
  const parts = partsOf(flat, known);
  if (parts === undefined) return null;
  const { container: _container, lime_meqPerL = 0, ...settings } = recipeSettings(recipe);
  const learnt = (await learntBody(manager))?.learning.use;
  return { ...settings, lime_meqPerL, parts, ...(learnt === undefined ? {} : { learnt }) };
}

/** Batches whose capacity and air were measured: what was mixed as its lots are known now, and what was said of it then. */
export async function measuredBatches(
  manager: EntityManager,
): Promise<readonly (MeasuredBatch & { readonly batch: BatchNamed })[]> {
  const rows = await manager.query<Row[]>(
    `select l.id as "lotId", l.code as "lotCode", b.id as "blendId", b.name as "blendName", v.n, v.flat, v.recipe,
       l.foreseen, c.pail, c.card
     from lots l
     join blend_versions v on v.id = l.blend_version_id
     join blends b on b.id = v.blend_id
     join lot_cards c on c.lot_id = l.id
     where exists (select 1 from lot_figures f where f.lot_id = l.id and f.property = 'containerCapacity')
     order by l.created_at, l.id`,
  );
  const known = await componentsOf(
    manager,
    rows.flatMap(({ flat }) => flat.map(({ lotId }) => lotId)),
  );
  return rows.flatMap(({ lotId, lotCode, blendId, blendName, n, flat, recipe, foreseen, pail, card }) => {
    const parts = partsOf(flat, known);
    if (card === null || pail === null || parts === undefined) return [];
    const { lime_meqPerL, salt_dSm, scoopShare } = recipeSettings(recipe);
    const mixed = {
      name: `${blendName}, ${lotCode}`,
      parts,
      ...(lime_meqPerL === undefined ? {} : { lime_meqPerL }),
      ...(salt_dSm === undefined ? {} : { salt_dSm }),
      ...(scoopShare === undefined ? {} : { scoopShare }),
    };
    const measured = measuredOf(mixed, { ...card, pail, missing: [] });
    if (measured === undefined) return [];
    const batch = { lotId, lotCode, blendId, blendName, n };
    return [{ batch, measured, ...(foreseen === null ? {} : { foreseen }) }];
  });
}
