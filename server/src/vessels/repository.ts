import { In, type EntityManager } from 'typeorm';
import { FillingEntity, FillingExclusionEntity, RunStampEntity, VesselEntity } from './entities';

export const allVessels = (manager: EntityManager): Promise<VesselEntity[]> =>
  manager.find(VesselEntity, { order: { createdAt: 'asc', id: 'asc' } });

export const vesselsNamed = (manager: EntityManager, ids: readonly string[]): Promise<VesselEntity[]> =>
  manager.findBy(VesselEntity, { id: In([...new Set(ids)]) });

export const isVessel = (manager: EntityManager, id: string): Promise<boolean> =>
  manager.existsBy(VesselEntity, { id });

/** A vessel, held until the transaction ends. */
export const heldVessel = (manager: EntityManager, id: string): Promise<VesselEntity | null> =>
  manager.findOne(VesselEntity, { where: { id }, lock: { mode: 'pessimistic_write' } });

export async function insertVessel(manager: EntityManager, vessel: VesselEntity): Promise<void> {
  await manager.insert(VesselEntity, vessel);
}

export async function shapeVessel(
  manager: EntityManager,
  id: string,
  shape: Pick<VesselEntity, 'height_cm' | 'topDiameter_cm' | 'baseDiameter_cm'>,
): Promise<void> {
  await manager.update(VesselEntity, { id }, shape);
}

/** Names a vessel anew, or puts it away and back. */
export async function changeVessel(
  manager: EntityManager,
  id: string,
  change: Partial<Pick<VesselEntity, 'name' | 'archivedAt'>>,
): Promise<void> {
  if (Object.keys(change).length > 0) await manager.update(VesselEntity, { id }, change);
}

/** Measured vessels, those known for longest first. */
export async function measuredVessels(manager: EntityManager, most: number): Promise<readonly string[]> {
  const known = await manager.query<{ id: string }[]>(
    `select v.id from vessels v where v.kind = 'vessel' and v.archived_at is null and exists (select 1 from vessel_fillings f where f.vessel_id = v.id)
     order by v.created_at, v.id limit $1`,
    [most],
  );
  return known.map(({ id }) => id);
}

/** All that was ever kept of some vessels' fillings, oldest first, and which of them were taken out. */
export async function fillingsKept(
  manager: EntityManager,
  vesselIds: readonly string[],
): Promise<{ readonly all: readonly FillingEntity[]; readonly exclusions: readonly FillingExclusionEntity[] }> {
  const all = await manager.find(FillingEntity, {
    where: { vesselId: In([...vesselIds]) },
    order: { keptAt: 'asc', id: 'asc' },
  });
  return { all, exclusions: await manager.findBy(FillingExclusionEntity, { fillingId: In(all.map(({ id }) => id)) }) };
}

export async function insertFilling(manager: EntityManager, filling: FillingEntity): Promise<void> {
  await manager.insert(FillingEntity, filling);
}

export async function insertFillingExclusion(manager: EntityManager, exclusion: FillingExclusionEntity): Promise<void> {
  await manager.insert(FillingExclusionEntity, exclusion);
}

/** The newest stamp of each run that has one: which fillings it stands on. */
export async function loadStamps(
  manager: EntityManager,
  runIds: readonly string[],
): Promise<ReadonlyMap<string, readonly string[]>> {
  const stamps = await manager.find(RunStampEntity, {
    where: { runId: In([...runIds]) },
    order: { keptAt: 'asc', id: 'asc' },
  });
  return new Map(stamps.map(({ runId, fillingIds }) => [runId, fillingIds]));
}

export async function insertStamp(manager: EntityManager, stamp: RunStampEntity): Promise<void> {
  await manager.insert(RunStampEntity, stamp);
}
