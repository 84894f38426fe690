import { In, type EntityManager } from 'typeorm';
import { LotEntity, MaterialEntity } from './entities';

/** Lots that are at hand: neither they nor their material were put away. */
export async function countLots(manager: EntityManager): Promise<number> {
  const [row] = await manager.query<{ n: number }[]>(
    `select count(*)::int as n from lots l join materials m on m.id = l.material_id
     where l.archived_at is null and m.archived_at is null`,
  );
  return row?.n ?? 0;
}

export const lotOf = (manager: EntityManager, id: string): Promise<LotEntity | null> =>
  manager.findOneBy(LotEntity, { id });

export const lotRowsNamed = (manager: EntityManager, ids: readonly string[]): Promise<LotEntity[]> =>
  manager.findBy(LotEntity, { id: In([...new Set(ids)]) });

export const materialOf = (manager: EntityManager, id: string): Promise<MaterialEntity | null> =>
  manager.findOneBy(MaterialEntity, { id });

export const materialsNamed = (manager: EntityManager, ids: readonly string[]): Promise<MaterialEntity[]> =>
  manager.findBy(MaterialEntity, { id: In([...new Set(ids)]) });

/** A lot and what it is of; the database has no lot without. */
export async function lotAndMaterial(
  manager: EntityManager,
  lotId: string,
): Promise<{ readonly lot: LotEntity; readonly material: MaterialEntity }> {
  const lot = await manager.findOneByOrFail(LotEntity, { id: lotId });
  return { lot, material: await manager.findOneByOrFail(MaterialEntity, { id: lot.materialId }) };
}

/** The class that a lot is of: its own, else its material's. */
export const classOf = (
  lot: Pick<LotEntity, 'ownClass' | 'classId'>,
  material: Pick<MaterialEntity, 'classId'>,
): string | null => (lot.ownClass ? lot.classId : material.classId);

/** A material by its name or one of its other names, whatever their letters' size. */
export const materialCalled = (manager: EntityManager, name: string): Promise<MaterialEntity | null> =>
  manager
    .createQueryBuilder(MaterialEntity, 'm')
    .where('lower(m.name) = lower(:name) or lower(:name) = any (select lower(a) from unnest(m.aliases) a)', { name })
    .getOne();

export const isCodeTaken = (manager: EntityManager, materialId: string, code: string): Promise<boolean> =>
  manager.existsBy(LotEntity, { materialId, code });

export const countLotsOf = (manager: EntityManager, materialId: string): Promise<number> =>
  manager.countBy(LotEntity, { materialId });

/** The material that batches of a blend are lots of, where there was one before. */
export async function materialIdOfBlend(manager: EntityManager, blendId: string): Promise<string | undefined> {
  const [known] = await manager.query<{ id: string }[]>(
    `select l.material_id as id from lots l join blend_versions v on v.id = l.blend_version_id where v.blend_id = $1 limit 1`,
    [blendId],
  );
  return known?.id;
}

export async function insertMaterial(
  manager: EntityManager,
  material: Omit<MaterialEntity, 'version' | 'aliases' | 'archivedAt'> & { readonly aliases?: readonly string[] },
): Promise<void> {
  await manager.insert(MaterialEntity, {
    ...material,
    aliases: [...(material.aliases ?? [])],
    archivedAt: null,
    version: 1,
  });
}

/** What a new lot has unless somebody says otherwise: nothing is known of it, and it was simply there. */
const PLAIN = Object.freeze({
  archivedAt: null,
  source: null,
  grade: null,
  boughtOn: null,
  price: null,
  packVolume_L: null,
  packWeight_kg: null,
  opensTo: null,
  opensToBy: null,
  state: null,
  labelIngredients: null,
  labelAnalysis: null,
  preparedFrom: null,
  preparedHow: null,
  preparation: null,
  blendVersionId: null,
  foreseen: null,
  ownClass: false,
  classId: null,
  partedOff: false,
});

export async function insertLot(
  manager: EntityManager,
  lot: Pick<LotEntity, 'id' | 'materialId' | 'code' | 'createdAt'> & Partial<Omit<LotEntity, 'version'>>,
): Promise<void> {
  await manager.insert(LotEntity, { ...PLAIN, ...lot, version: 1 });
}

/** All lots of a material. */
export const lotIdsOf = async (manager: EntityManager, materialId: string): Promise<readonly string[]> =>
  (await manager.find(LotEntity, { select: { id: true }, where: { materialId } })).map(({ id }) => id);

/** Holds lots until the transaction ends, always in the same order, so that two batches wait for each other. */
export async function holdLots(manager: EntityManager, lotIds: readonly string[]): Promise<void> {
  await manager.query('select id from lots where id = any($1) order by id for update', [lotIds]);
}

/** Changes a row that is still at the version that was looked at; whether it was. */
export async function changeAtVersion(
  manager: EntityManager,
  entity: typeof MaterialEntity | typeof LotEntity,
  { id, version }: { readonly id: string; readonly version: number },
  fields: object,
): Promise<boolean> {
  const saved = await manager
    .createQueryBuilder()
    .update(entity)
    .set({ ...fields, version: () => 'version + 1' })
    .where('id = :id and version = :version', { id, version })
    .execute();
  return saved.affected === 1;
}
