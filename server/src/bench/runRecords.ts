import type { CalibrationStamp, Protocol, RunRecord } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';
import type { ExclusionEntity, ReadingEntity, RunEntity } from './entities';
import type { FillingEntity, VesselEntity } from '../vessels/entities';
import { optional } from '../database/optional';
import { stampReader } from '../instruments/stamps';
import { protocolOfRun } from '../protocols/repository';
import { loadFillings, toRunVessel, type Fillings } from '../vessels/fillings';
import { loadStamps, vesselsNamed } from '../vessels/repository';
import { exclusionsOf, readingsOf } from './runRepository';

/** Rows that some runs rest on. */
export interface RunRows {
  readonly readings: readonly ReadingEntity[];
  readonly exclusions: readonly ExclusionEntity[];
  readonly vessels: readonly VesselEntity[];
  /** By the run that follows it. */
  readonly protocols: ReadonlyMap<string, Protocol>;
  readonly fillings: Fillings;
  /** The fillings that a finished run stands on; undefined for one that stands on those that count now. */
  readonly stampOf: (run: RunEntity) => readonly string[] | undefined;
  readonly stampOfReading: (reading: ReadingEntity) => CalibrationStamp | undefined;
}

/** One after the other: within a transaction they share one connection. */
export async function loadRunRows(manager: EntityManager, runs: readonly RunEntity[]): Promise<RunRows> {
  const runIds = runs.map((run) => run.id);
  const readings = await readingsOf(manager, runIds);
  const exclusions = await exclusionsOf(manager, runIds);
  const vessels = await vesselsNamed(
    manager,
    runs.flatMap((run) => run.vesselIds),
  );
  const fillings = await loadFillings(
    manager,
    vessels.map(({ id }) => id),
  );
  const stamps = await loadStamps(manager, runIds);
  const protocols = new Map<string, Protocol>();
  for (const run of runs) protocols.set(run.id, await protocolOfRun(manager, run));
  const stampOfReading = await stampReader(manager, readings);
  return {
    readings,
    exclusions,
    vessels,
    protocols,
    fillings,
    stampOf: (run) => (run.finishedAt === null ? undefined : stamps.get(run.id)),
    stampOfReading,
  };
}

/** The protocol that a run follows. */
export const protocolOf = ({ protocols }: Pick<RunRows, 'protocols'>, run: RunEntity): Protocol =>
  protocols.get(run.id) as Protocol;

/** The fillings that a run's volumes are worked out from. */
export function fillingsOf({ fillings, stampOf }: RunRows, run: RunEntity): readonly FillingEntity[] {
  const stamp = stampOf(run);
  return stamp === undefined ? fillings.counting : fillings.all.filter(({ id }) => stamp.includes(id));
}

export function settingsOf(run: RunEntity): RunRecord['settings'] {
  return {
    packingHabit: run.packingHabit,
    ...optional('press_gcm2', run.press_gcm2),
    soak_min: run.soak_min,
    drain_min: run.drain_min,
    ovenTemp_C: run.ovenTemp_C,
  };
}

/** A run as the core reduces it, without the names of people, which no result rests on. */
export function toRecord(rows: RunRows, run: RunEntity, materialClass: string | null): RunRecord {
  const standsOn = fillingsOf(rows, run);
  return {
    id: run.id,
    number: run.number,
    protocol: protocolOf(rows, run),
    settings: settingsOf(run),
    ...optional('sample', run.sample),
    replicateCount: run.replicateCount,
    vessels: run.vesselIds.map((id) => {
      const vessel = rows.vessels.find((one) => one.id === id);
      return vessel === undefined ? undefined : toRunVessel(vessel, standsOn);
    }),
    readings: rows.readings
      .filter((row) => row.runId === run.id)
      .map((row) => ({
        id: row.id,
        replicate: row.replicate,
        step: row.step,
        value: row.value,
        ...optional('mVTemp_C', row.mVTemp_C),
        takenAt: row.takenAt.toISOString(),
        ...optional('corrects', row.corrects),
        ...optional('reason', row.reason),
        ...optional('stamp', rows.stampOfReading(row)),
      })),
    exclusions: rows.exclusions
      .filter((row) => row.runId === run.id)
      .map(({ replicate, reason }) => ({ replicate, reason })),
    ...optional('finishedAt', run.finishedAt?.toISOString()),
    ...optional('materialClass', materialClass),
  };
}
