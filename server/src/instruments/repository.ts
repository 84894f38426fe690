import type { InstrumentKind } from '@bent-pail/core';
import { In, type EntityManager } from 'typeorm';
import { CalibrationEntity, InstrumentEntity } from './entities';

export const instrumentOf = (manager: EntityManager, id: string): Promise<InstrumentEntity | null> =>
  manager.findOneBy(InstrumentEntity, { id });

/** All instruments, or those named, by kind and name. */
export const instrumentsNamed = (manager: EntityManager, ids?: readonly string[]): Promise<InstrumentEntity[]> =>
  manager.find(InstrumentEntity, {
    where: ids === undefined ? {} : { id: In([...ids]) },
    order: { kind: 'asc', name: 'asc' },
  });

/** Calibrations of some instruments, newest first. */
export const calibrationsOf = (
  manager: EntityManager,
  instrumentIds: readonly string[],
): Promise<CalibrationEntity[]> =>
  manager.find(CalibrationEntity, { where: { instrumentId: In([...instrumentIds]) }, order: { at: 'desc' } });

export const calibrationsNamed = (manager: EntityManager, ids: readonly string[]): Promise<CalibrationEntity[]> =>
  manager.findBy(CalibrationEntity, { id: In([...ids]) });

/** Whether an instrument is called so, whatever its letters' size. */
export async function isInstrumentCalled(manager: EntityManager, name: string): Promise<boolean> {
  const twin = await manager.query<unknown[]>('select 1 from instruments where lower(name) = lower($1)', [name]);
  return twin.length > 0;
}

export async function insertInstrument(manager: EntityManager, instrument: InstrumentEntity): Promise<void> {
  await manager.insert(InstrumentEntity, instrument);
}

export async function insertCalibration(manager: EntityManager, calibration: CalibrationEntity): Promise<void> {
  await manager.insert(CalibrationEntity, calibration);
}

/** Instruments with their kind, the one that was calibrated last before the others. */
export const lastCalibrated = (manager: EntityManager): Promise<{ readonly id: string; readonly kind: string }[]> =>
  manager.query(
    `select i.id, i.kind from instruments i
     left join (select instrument_id, max(at) as at from calibrations group by 1) c on c.instrument_id = i.id
     order by c.at desc nulls last, i.name`,
  );

/** How many readings each calibration has served. */
export async function readingsServed(
  manager: EntityManager,
  ids: readonly string[],
): Promise<ReadonlyMap<string, number>> {
  if (ids.length === 0) return new Map();
  const rows = await manager.query<{ id: string; n: string }[]>(
    'select calibration_id as id, count(*) as n from readings where calibration_id = any($1) group by 1',
    [ids],
  );
  return new Map(rows.map(({ id, n }) => [id, Number(n)]));
}

export interface InForce {
  readonly instrumentId: string;
  readonly calibrationId: string | null;
  /** Readings that the calibration has served. */
  readonly served: number;
}

/** Of some instruments the one of a kind, and its last calibration before a moment. */
export async function calibrationInForce(
  manager: EntityManager,
  instrumentIds: readonly string[],
  kind: InstrumentKind,
  at: Date,
): Promise<InForce | undefined> {
  const [found] = await manager.query<InForce[]>(
    `select i.id as "instrumentId", c.id as "calibrationId",
       (select count(*)::int from readings r where r.calibration_id = c.id) as served
     from instruments i
     left join lateral (
       select id from calibrations where instrument_id = i.id and at <= $3 order by at desc limit 1) c on true
     where i.id = any($1) and i.kind = $2 limit 1`,
    [instrumentIds, kind, at],
  );
  return found;
}
