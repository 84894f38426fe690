import type { CalibrationsAsked, Page } from '@bent-pail/contract';
import type { CalibrationRecord, InstrumentKind } from '@bent-pail/core';
import { In, type EntityManager } from 'typeorm';
import { Conditions, readPage, type SortBy } from '../database/paging';
import { CalibrationEntity, InstrumentEntity } from './entities';
import { toCalibration } from './rows';

export const instrumentOf = (manager: EntityManager, id: string): Promise<InstrumentEntity | null> =>
  manager.findOneBy(InstrumentEntity, { id });

/** All instruments, or those named, by kind and name. */
export const instrumentsNamed = (manager: EntityManager, ids?: readonly string[]): Promise<InstrumentEntity[]> =>
  manager.find(InstrumentEntity, {
    where: ids === undefined ? {} : { id: In([...ids]) },
    order: { kind: 'asc', name: 'asc' },
  });

/** Of each instrument the newest few calibrations, newest first, and how many it has had. */
export async function newestCalibrations(
  manager: EntityManager,
  instrumentIds: readonly string[],
  most: number,
): Promise<{ readonly newest: readonly CalibrationEntity[]; readonly had: ReadonlyMap<string, number> }> {
  const ids = await manager.query<{ id: string }[]>(
    `select c.id from unnest($1::uuid[]) as i (id)
     cross join lateral (select id from calibrations where instrument_id = i.id order by at desc, id desc limit $2) c`,
    [instrumentIds, most],
  );
  const newest = await manager.find(CalibrationEntity, {
    where: { id: In(ids.map(({ id }) => id)) },
    order: { at: 'desc', id: 'desc' },
  });
  const counted = await manager.query<{ id: string; n: number }[]>(
    'select instrument_id as id, count(*)::int as n from calibrations where instrument_id = any($1) group by 1',
    [instrumentIds],
  );
  return { newest, had: new Map(counted.map(({ id, n }) => [id, n])) };
}

const NEWEST: SortBy = { sql: 'c.at', type: 'timestamptz', usual: 'down' };

/** One page of an instrument's calibrations. */
export async function pageOfCalibrations(
  manager: EntityManager,
  instrumentId: string,
  asked: CalibrationsAsked,
  zone: string,
): Promise<Page<CalibrationRecord>> {
  const conditions = new Conditions();
  conditions.and(`c.instrument_id = ${conditions.value(instrumentId)}`);
  conditions.find(asked.find, 'u.name');
  conditions.days('c.at', asked, zone);
  const page = await readPage<CalibrationEntity & { readonly by: string }>(manager, {
    select: 'c.id, c.at, c.temp_c as "temp_C", c.points, u.name as by',
    from: 'from calibrations c join users u on u.id = c.by_user',
    id: 'c.id',
    conditions,
    sort: NEWEST,
    asked,
  });
  return { ...page, rows: page.rows.map((row) => toCalibration(row, row.by)) };
}

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
