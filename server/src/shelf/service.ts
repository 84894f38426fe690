import type {
  EditLot,
  EditMaterial,
  LotCardPage,
  LotRow,
  NewFilling,
  NewLot,
  NewMaterial,
  NewVessel,
  VesselRow,
  VesselShape,
} from '@bent-pail/contract';
import { fillVolume_mL, findMediaClass, materialSpread, requireContainer, runVesselVolume_mL } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';
import { toRunVessel } from '../bench/records';
import type { Context } from '../context';
import { BOUGHT, FillingEntity, LotEntity, MaterialEntity, VesselEntity } from '../database/entities';
import { conflict, notFound, refused } from '../http/problems';
import { notebookRow } from '../notebook/service';
import { loadLots } from './lotCards';

function requireKnownClass(classId: string | null | undefined): void {
  if (classId !== undefined && classId !== null && findMediaClass(classId) === undefined) {
    throw refused('classId', `There is no class "${classId}".`);
  }
}

export async function listLots({ db }: Context): Promise<LotRow[]> {
  return (await loadLots(db.manager)).map(({ row }) => row);
}

export async function lotPage({ db }: Context, id: string): Promise<LotCardPage> {
  const [loaded] = await loadLots(db.manager, [id]);
  if (loaded === undefined) throw notFound('lot');
  const { currency } = await notebookRow(db);
  const siblings = await db.manager.find(LotEntity, {
    where: { materialId: loaded.row.materialId },
    order: { createdAt: 'asc' },
  });
  const alike = await loadLots(
    db.manager,
    siblings.map((sibling) => sibling.id),
  );
  const kin = materialSpread(alike.map(({ row, card }) => ({ id: row.id, code: row.code, figures: card.figures })));
  return { lot: loaded.row, card: loaded.card, kin, currency };
}

export async function addMaterial({ db }: Context, body: NewMaterial): Promise<{ id: string }> {
  requireKnownClass(body.classId);
  const row = {
    id: body.id,
    name: body.name.trim(),
    kind: body.kind,
    classId: body.classId ?? null,
    aliases: body.aliases ?? [],
  };
  const known = await db.manager.findOneBy(MaterialEntity, { id: body.id });
  if (known !== null && (known.name !== row.name || known.kind !== row.kind)) {
    throw conflict('A material with this id is kept with other content.');
  }
  if (known === null) await db.manager.insert(MaterialEntity, { ...row, version: 1 });
  return { id: body.id };
}

export async function editMaterial({ db }: Context, id: string, body: EditMaterial): Promise<void> {
  requireKnownClass(body.classId);
  const { version, ...patch } = body;
  await saveVersioned(db.manager, MaterialEntity, id, version, patch, 'material');
}

export async function addLot({ db, clock }: Context, body: NewLot): Promise<LotRow> {
  await db.transaction(async (manager) => {
    if ((await manager.findOneBy(MaterialEntity, { id: body.materialId })) === null) {
      throw refused('materialId', 'There is no such material.');
    }
    const known = await manager.findOneBy(LotEntity, { id: body.id });
    if (known !== null) {
      if (known.materialId !== body.materialId || known.code !== body.code) {
        throw conflict('A lot with this id is kept with other content.');
      }
      return;
    }
    const twin = await manager.findOneBy(LotEntity, { materialId: body.materialId, code: body.code });
    if (twin !== null) throw refused('code', `This material has a lot ${body.code} already.`);
    await manager.insert(LotEntity, {
      id: body.id,
      materialId: body.materialId,
      code: body.code,
      source: body.source ?? null,
      grade: body.grade ?? null,
      boughtOn: body.boughtOn ?? null,
      price: body.price ?? null,
      packVolume_L: body.packVolume_L ?? null,
      state: body.state ?? null,
      createdAt: new Date(clock.now()),
      version: 1,
      ...BOUGHT,
    });
  });
  return ((await loadLots(db.manager, [body.id]))[0] as { row: LotRow }).row;
}

export async function editLot({ db }: Context, id: string, body: EditLot): Promise<LotRow> {
  const { version, ...patch } = body;
  await saveVersioned(db.manager, LotEntity, id, version, patch, 'lot');
  return ((await loadLots(db.manager, [id]))[0] as { row: LotRow }).row;
}

/** Saves a change only on the version that it was made from; otherwise both versions go back to the page. */
async function saveVersioned(
  manager: EntityManager,
  entity: typeof MaterialEntity | typeof LotEntity,
  id: string,
  version: number,
  patch: object,
  what: string,
): Promise<void> {
  const fields = Object.fromEntries(Object.entries(patch).filter(([, value]) => value !== undefined));
  const saved = await manager
    .createQueryBuilder()
    .update(entity)
    .set({ ...fields, version: () => 'version + 1' })
    .where('id = :id and version = :version', { id, version })
    .execute();
  if (saved.affected === 1) return;
  const current = await manager.findOneBy<MaterialEntity | LotEntity>(entity, { id });
  if (current === null) throw notFound(what);
  throw conflict(`Somebody changed this ${what} in the meantime; look at both.`, current);
}

function shapeColumns(
  shape: VesselShape | undefined,
): Pick<VesselEntity, 'height_cm' | 'topDiameter_cm' | 'baseDiameter_cm'> {
  if (shape !== undefined) requireContainer(shape, 'shape');
  return {
    height_cm: shape?.height_cm ?? null,
    topDiameter_cm: shape?.topDiameter_cm ?? null,
    baseDiameter_cm: shape?.baseDiameter_cm ?? null,
  };
}

export async function addVessel({ db, clock }: Context, body: NewVessel): Promise<{ id: string }> {
  const known = await db.manager.findOneBy(VesselEntity, { id: body.id });
  if (known !== null && known.name !== body.name) throw conflict('A vessel with this id is kept with other content.');
  if (known === null) {
    await db.manager.insert(VesselEntity, {
      id: body.id,
      name: body.name,
      kind: body.kind,
      ...shapeColumns(body.shape),
      createdAt: new Date(clock.now()),
    });
  }
  return { id: body.id };
}

/** Measures a vessel by the water that fills it; its depth may be told with it, but never changed by it. */
export async function addFilling({ db, clock }: Context, vesselId: string, body: NewFilling): Promise<VesselRow> {
  fillVolume_mL(body);
  await db.transaction(async (manager) => {
    const vessel = await manager.findOne(VesselEntity, {
      where: { id: vesselId },
      lock: { mode: 'pessimistic_write' },
    });
    if (vessel === null) throw notFound('vessel');
    if (vessel.height_cm === null) {
      if (body.shape === undefined)
        throw refused('shape.height_cm', 'Say how deep the vessel is inside, up to its fill line.');
      await manager.update(VesselEntity, { id: vesselId }, shapeColumns(body.shape));
    }
    const { id, empty_g, full_g, waterTemp_C } = body;
    if ((await manager.findOneBy(FillingEntity, { id })) !== null) return;
    await manager.insert(FillingEntity, { id, vesselId, empty_g, full_g, waterTemp_C, keptAt: new Date(clock.now()) });
  });
  return (await listVessels({ db, clock })).find((vessel) => vessel.id === vesselId) as VesselRow;
}

export async function listVessels({ db }: Context): Promise<VesselRow[]> {
  const vessels = await db.manager.find(VesselEntity, { order: { createdAt: 'asc', id: 'asc' } });
  const fillings = await db.manager.find(FillingEntity);
  return vessels.map((vessel) => {
    const run = toRunVessel(vessel, fillings);
    const volume_mL = run === undefined ? undefined : runVesselVolume_mL(run);
    const { id, name, kind } = vessel;
    return {
      id,
      name,
      kind,
      ...(vessel.height_cm === null ? {} : { height_cm: vessel.height_cm }),
      ...(vessel.topDiameter_cm === null ? {} : { topDiameter_cm: vessel.topDiameter_cm }),
      ...(vessel.baseDiameter_cm === null ? {} : { baseDiameter_cm: vessel.baseDiameter_cm }),
      ...(volume_mL === undefined ? {} : { volume_mL }),
      fillings: fillings.filter((filling) => filling.vesselId === id).length,
    };
  });
}
