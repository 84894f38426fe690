import type { KeptReading, RemeasuredVessel, RunSheet } from '@bent-pail/contract';
import { runVesselVolume_mL, type CalibrationStamp, type Exclusion, type RunRecord } from '@bent-pail/core';
import { In, type EntityManager } from 'typeorm';
import type { RunEntity } from '../database/entities';
import {
  ExclusionEntity,
  LotEntity,
  MaterialEntity,
  ProtocolEntity,
  ReadingEntity,
  UserEntity,
  VesselEntity,
} from '../database/entities';
import { loadInstruments, stampReader } from '../instruments/service';
import { asidesOf } from '../notes/service';
import { loadFillings, loadStamps, toRunVessel, type Fillings } from '../vessels/fillings';

const optional = <K extends string, V>(key: K, value: V | null | undefined): Partial<Record<K, V>> =>
  value === null || value === undefined ? {} : ({ [key]: value } as Record<K, V>);

/** Share of a vessel's volume under which nothing that is worked out from it looks otherwise. */
const LEAST_CHANGE = 0.0005;

/** Vessels of a finished run that hold something else by the fillings of today than by those it stands on. */
function remeasured(
  vessels: readonly VesselEntity[],
  then: Fillings['counting'],
  now: Fillings['counting'],
): RemeasuredVessel[] {
  const volume = (vessel: VesselEntity, fillings: Fillings['counting']): number | undefined => {
    const run = toRunVessel(vessel, fillings);
    return run === undefined ? undefined : runVesselVolume_mL(run);
  };
  const distinct = [...new Map(vessels.map((vessel) => [vessel.id, vessel])).values()];
  return distinct.flatMap((vessel) => {
    const [was_mL, now_mL] = [volume(vessel, then), volume(vessel, now)];
    if (was_mL === undefined || now_mL === undefined) return [];
    if (Math.abs(now_mL - was_mL) < LEAST_CHANGE * was_mL) return [];
    return [{ id: vessel.id, name: vessel.name, was_mL, now_mL }];
  });
}

/** A reading as it was kept, with the stamp of what it was read with. */
export function toReading(
  row: ReadingEntity,
  names: ReadonlyMap<string, string>,
  stamp: CalibrationStamp | undefined,
): KeptReading {
  return {
    id: row.id,
    seq: row.seq,
    replicate: row.replicate,
    step: row.step,
    value: row.value,
    ...optional('mVTemp_C', row.mVTemp_C),
    takenAt: row.takenAt.toISOString(),
    keptAt: row.keptAt.toISOString(),
    ...optional('corrects', row.corrects),
    ...optional('reason', row.reason),
    ...optional('by', names.get(row.byUser)),
    ...optional('stamp', stamp),
  };
}

/** Sheets of runs with everything that they rest on, in the order of the runs given. */
export async function loadSheets(manager: EntityManager, runs: readonly RunEntity[]): Promise<RunSheet[]> {
  if (runs.length === 0) return [];
  const runIds = runs.map((run) => run.id);
  // One after the other: within a transaction they share one connection.
  const readings = await manager.find(ReadingEntity, { where: { runId: In(runIds) }, order: { seq: 'asc' } });
  const exclusions = await manager.find(ExclusionEntity, { where: { runId: In(runIds) } });
  const lots = await manager.find(LotEntity, { where: { id: In(runs.map((run) => run.lotId)) } });
  const vessels = await manager.find(VesselEntity, { where: { id: In(runs.flatMap((run) => run.vesselIds)) } });
  const users = await manager.find(UserEntity);
  const protocols = await manager.find(ProtocolEntity);
  const materials = await manager.find(MaterialEntity, { where: { id: In(lots.map((lot) => lot.materialId)) } });
  const fillings = await loadFillings(
    manager,
    vessels.map((vessel) => vessel.id),
  );
  const stamps = await loadStamps(manager, runIds);
  const stampOfReading = await stampReader(manager, readings);
  const instruments = await loadInstruments(manager);
  const names = new Map(users.map((user) => [user.id, user.name]));
  const asides = await asidesOf(manager, runIds, names);
  return runs.map((run) => {
    const lot = lots.find((one) => one.id === run.lotId) as LotEntity;
    const material = materials.find((one) => one.id === lot.materialId) as MaterialEntity;
    const used = run.vesselIds.map((id) => vessels.find((vessel) => vessel.id === id) as VesselEntity);
    const stamp = run.finishedAt === null ? undefined : stamps.get(run.id);
    const standsOn = stamp === undefined ? fillings.counting : fillings.all.filter(({ id }) => stamp.includes(id));
    const protocol = protocols.find((one) => one.key === run.protocolKey && one.version === run.protocolVersion);
    return {
      id: run.id,
      number: run.number,
      lot: { id: lot.id, name: material.name, code: lot.code, ...optional('classId', material.classId) },
      protocol: (protocol as ProtocolEntity).body,
      settings: {
        packingHabit: run.packingHabit,
        ...optional('press_gcm2', run.press_gcm2),
        soak_min: run.soak_min,
        drain_min: run.drain_min,
        ovenTemp_C: run.ovenTemp_C,
      },
      ...optional('sample', run.sample),
      replicateCount: run.replicateCount,
      vessels: used.map((vessel) => toRunVessel(vessel, standsOn)),
      remeasured: stamp === undefined ? [] : remeasured(used, standsOn, fillings.counting),
      vesselNames: used.map(({ id, name }) => ({ id, name })),
      readings: readings.filter((row) => row.runId === run.id).map((row) => toReading(row, names, stampOfReading(row))),
      exclusions: exclusions
        .filter((row) => row.runId === run.id)
        .map((row): Exclusion => ({
          replicate: row.replicate,
          reason: row.reason,
          ...optional('by', names.get(row.byUser)),
        })),
      instruments: instruments
        .filter((one) => run.instrumentIds.includes(one.id))
        .map((one) => ({ ...one, calibrations: one.calibrations.slice(0, 1) })),
      ...asides(run.id),
      startedAt: run.startedAt.toISOString(),
      startedBy: names.get(run.startedBy) ?? '',
      ...optional('finishedAt', run.finishedAt?.toISOString()),
      version: run.version,
    };
  });
}

/** A sheet as the core reduces it. */
export function toRunRecord(sheet: RunSheet): RunRecord {
  const { id, number, protocol, settings, replicateCount, vessels, readings, exclusions } = sheet;
  return {
    id,
    number,
    protocol,
    settings,
    replicateCount,
    vessels,
    readings,
    exclusions,
    ...optional('sample', sheet.sample),
    ...optional('finishedAt', sheet.finishedAt),
    ...optional('materialClass', sheet.lot.classId),
  };
}
