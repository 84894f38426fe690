import type { RemeasuredVessel, RunSheet } from '@bent-pail/contract';
import { runVesselVolume_mL, type Exclusion, type RunRecord } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';
import { namesOf } from '../accounts/repository';
import type { RunEntity } from './entities';
import type { VesselEntity } from '../vessels/entities';
import { optional } from '../database/optional';
import { loadInstruments } from '../instruments/loadInstruments';
import { asidesOf } from '../notes/service';
import { classOf, lotAndMaterial } from '../shelf/lotRepository';
import { toRunVessel, type Fillings } from '../vessels/fillings';
import { fillingsOf, loadRunRows, protocolOf, settingsOf } from './runRecords';
import { archivingsOf, reopeningsOf } from './runRepository';
import { loadTakenBack } from './takenBackRows';
import { toReading } from './toReading';

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

/** One run's sheet with everything that it rests on. */
export async function loadSheet(manager: EntityManager, run: RunEntity): Promise<RunSheet> {
  const rows = await loadRunRows(manager, [run]);
  const { lot, material } = await lotAndMaterial(manager, run.lotId);
  const reopenings = await reopeningsOf(manager, run.id);
  const archivings = await archivingsOf(manager, run.id);
  const taken = await loadTakenBack(manager, run.id);
  const signed = [...rows.readings, ...rows.exclusions, ...reopenings, ...archivings, ...taken.rows, ...taken.readings];
  const people = [run.startedBy, ...signed.map(({ byUser }) => byUser)];
  const names = await namesOf(manager, people);
  const instruments = await loadInstruments(manager, { ids: run.instrumentIds, calibrations: 1 });
  const asides = await asidesOf(manager, run.id);
  const used = run.vesselIds.map((id) => rows.vessels.find((vessel) => vessel.id === id) as VesselEntity);
  const standsOn = fillingsOf(rows, run);
  return {
    id: run.id,
    number: run.number,
    lot: { id: lot.id, name: material.name, code: lot.code, ...optional('classId', classOf(lot, material)) },
    protocol: protocolOf(rows, run),
    settings: settingsOf(run),
    ...optional('sample', run.sample),
    replicateCount: run.replicateCount,
    vessels: used.map((vessel) => toRunVessel(vessel, standsOn)),
    remeasured: rows.stampOf(run) === undefined ? [] : remeasured(used, standsOn, rows.fillings.counting),
    vesselNames: used.map(({ id, name }) => ({ id, name })),
    readings: rows.readings.map((row) => toReading(row, names, rows.stampOfReading(row))),
    exclusions: rows.exclusions.map((row): Exclusion => ({
      replicate: row.replicate,
      reason: row.reason,
      ...optional('by', names.get(row.byUser)),
    })),
    instruments,
    ...asides,
    ...optional('groupName', run.groupName),
    startedAt: run.startedAt.toISOString(),
    startedBy: names.get(run.startedBy) ?? '',
    ...optional('finishedAt', run.finishedAt?.toISOString()),
    ...optional('archivedAt', run.archivedAt?.toISOString()),
    archivings: archivings.map(({ archived, reason, keptAt, byUser }) => ({
      archived,
      reason,
      at: keptAt.toISOString(),
      by: names.get(byUser) ?? '',
    })),
    takenBack: taken.rows.map((row) => ({
      ...taken.what(row, names),
      at: row.keptAt.toISOString(),
      by: names.get(row.byUser) ?? '',
    })),
    reopened: reopenings.map(({ keptAt, byUser, reason }) => ({
      at: keptAt.toISOString(),
      by: names.get(byUser) ?? '',
      reason,
    })),
    version: run.version,
  };
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
