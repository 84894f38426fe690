import type { InstrumentRow, NewCalibration, NewInstrument, Me } from '@bent-pail/contract';
import { CoreError, judgeCalibration, KIND_OF_STEP, type Protocol } from '@bent-pail/core';
import { In, type EntityManager } from 'typeorm';
import type { Context } from '../context';
import { UserEntity } from '../accounts/entities';
import { CalibrationEntity, InstrumentEntity } from './entities';
import { keepOnce } from '../database/keepOnce';
import { notFound, refused } from '../http/problems';
import { readingsServed, toCalibration, toInstrument } from './rows';

/** How far ahead of the server's clock a calibration may be dated. */
const AHEAD_MS = 24 * 3600 * 1000;

/** All instruments, or those named, each with its newest calibrations first. */
export async function loadInstruments(manager: EntityManager, ids?: readonly string[]): Promise<InstrumentRow[]> {
  if (ids?.length === 0) return [];
  const named = ids === undefined ? {} : { id: In([...ids]) };
  const instruments = await manager.find(InstrumentEntity, { where: named, order: { kind: 'asc', name: 'asc' } });
  const calibrations = await manager.find(CalibrationEntity, {
    where: { instrumentId: In(instruments.map(({ id }) => id)) },
    order: { at: 'desc' },
  });
  const users = await manager.findBy(UserEntity, { id: In(calibrations.map(({ byUser }) => byUser)) });
  const rows = instruments.map((instrument) => ({
    ...toInstrument(instrument),
    calibrations: calibrations
      .filter((one) => one.instrumentId === instrument.id)
      .map((one) => toCalibration(one, users.find((user) => user.id === one.byUser)?.name)),
  }));
  const served = await readingsServed(
    manager,
    rows.flatMap((row) => row.calibrations[0]?.id ?? []),
  );
  return rows.map((row) => ({ ...row, readings: served.get(row.calibrations[0]?.id ?? '') ?? 0 }));
}

export async function listInstruments({ db }: Pick<Context, 'db'>): Promise<InstrumentRow[]> {
  return loadInstruments(db.manager);
}

export async function addInstrument({ db, clock }: Context, body: NewInstrument): Promise<InstrumentRow[]> {
  await db.transaction((manager) =>
    keepOnce(manager, { id: body.id, what: 'instrument', said: body }, async () => {
      const { id, name, kind, showsMv } = body;
      const twin = await manager.query<unknown[]>('select 1 from instruments where lower(name) = lower($1)', [name]);
      if (twin.length > 0) throw refused('name', `There is an instrument called ${name} already.`);
      await manager.insert(InstrumentEntity, { id, name, kind, showsMv, createdAt: new Date(clock.now()) });
    }),
  );
  return listInstruments({ db });
}

/** Keeps a calibration, good or not: a failed one is a finding, and readings made on it say so. */
export async function addCalibration(
  { db, clock }: Context,
  me: Me,
  instrumentId: string,
  body: NewCalibration,
): Promise<InstrumentRow[]> {
  await db.transaction((manager) =>
    keepOnce(manager, { id: body.id, what: 'calibration', said: { ...body, instrumentId } }, async () => {
      const instrument = await manager.findOneBy(InstrumentEntity, { id: instrumentId });
      if (instrument === null) throw notFound('instrument');
      if (Date.parse(body.at) > clock.now() + AHEAD_MS) throw refused('at', 'This calibration lies in the future.');
      try {
        judgeCalibration(instrument, body);
      } catch (error) {
        if (error instanceof CoreError) throw refused(error.path, error.sentence);
        throw error;
      }
      await manager.insert(CalibrationEntity, {
        id: body.id,
        instrumentId,
        at: new Date(body.at),
        temp_C: body.temp_C,
        points: body.points.map(({ nominal, shown }) => ({ nominal, shown })),
        byUser: me.id,
        keptAt: new Date(clock.now()),
      });
    }),
  );
  return listInstruments({ db });
}

/** What a new run is read with unless somebody says otherwise: of each kind that it needs, the one calibrated last. */
export async function usualInstruments(manager: EntityManager, protocol: Protocol): Promise<string[]> {
  const kinds = new Set(protocol.steps.map((step) => KIND_OF_STEP[step.kind]).filter((kind) => kind !== undefined));
  if (kinds.size === 0) return [];
  const rows = await manager.query<{ id: string; kind: string }[]>(
    `select i.id, i.kind from instruments i
     left join (select instrument_id, max(at) as at from calibrations group by 1) c on c.instrument_id = i.id
     order by c.at desc nulls last, i.name`,
  );
  return [...kinds].flatMap((kind) => rows.find((row) => row.kind === kind)?.id ?? []);
}

/** One instrument of each kind at most, and all of them known. */
export async function requireOneOfAKind(manager: EntityManager, ids: readonly string[]): Promise<void> {
  const found = await manager.findBy(InstrumentEntity, { id: In([...ids]) });
  if (found.length !== new Set(ids).size) throw refused('instrumentIds', 'One of these instruments does not exist.');
  if (new Set(found.map((one) => one.kind)).size !== found.length)
    throw refused('instrumentIds', 'Choose one instrument of a kind.');
}
