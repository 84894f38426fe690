import type { CalibrationsAsked, InstrumentRow, NewCalibration, NewInstrument, Me, Page } from '@bent-pail/contract';
import { CoreError, judgeCalibration, KIND_OF_STEP, type CalibrationRecord, type Protocol } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';
import type { Context } from '../context';
import { keepOnce } from '../database/keepOnce';
import { notFound, refused } from '../http/problems';
import { notebookRow } from '../notebook/repository';
import { loadInstruments } from './loadInstruments';
import {
  insertCalibration,
  insertInstrument,
  instrumentOf,
  instrumentsNamed,
  isInstrumentCalled,
  lastCalibrated,
  pageOfCalibrations,
} from './repository';

/** Calibrations that are shown with each instrument of the list. */
const LISTED = 3;

/** How far ahead of the server's clock a calibration may be dated. */
const AHEAD_MS = 24 * 3600 * 1000;

export async function listInstruments({ db }: Pick<Context, 'db'>): Promise<InstrumentRow[]> {
  return loadInstruments(db.manager, { calibrations: LISTED });
}

export async function listCalibrations(
  { db }: Pick<Context, 'db'>,
  instrumentId: string,
  asked: CalibrationsAsked,
): Promise<Page<CalibrationRecord>> {
  if ((await instrumentOf(db.manager, instrumentId)) === null) throw notFound('instrument');
  const { zone } = await notebookRow(db.manager);
  return pageOfCalibrations(db.manager, instrumentId, asked, zone);
}

export async function addInstrument({ db, clock }: Context, body: NewInstrument): Promise<InstrumentRow[]> {
  await db.transaction((manager) =>
    keepOnce(manager, { id: body.id, what: 'instrument', said: body }, async () => {
      const { id, name, kind, showsMv } = body;
      if (await isInstrumentCalled(manager, name))
        throw refused('name', `There is an instrument called ${name} already.`);
      await insertInstrument(manager, { id, name, kind, showsMv, createdAt: new Date(clock.now()) });
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
      const instrument = await instrumentOf(manager, instrumentId);
      if (instrument === null) throw notFound('instrument');
      if (Date.parse(body.at) > clock.now() + AHEAD_MS) throw refused('at', 'This calibration lies in the future.');
      try {
        judgeCalibration(instrument, body);
      } catch (error) {
        if (error instanceof CoreError) throw refused(error.path, error.sentence);
        throw error;
      }
      await insertCalibration(manager, {
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
  const rows = await lastCalibrated(manager);
  return [...kinds].flatMap((kind) => rows.find((row) => row.kind === kind)?.id ?? []);
}

/** One instrument of each kind at most, and all of them known. */
export async function requireOneOfAKind(manager: EntityManager, ids: readonly string[]): Promise<void> {
  const found = await instrumentsNamed(manager, ids);
  if (found.length !== new Set(ids).size) throw refused('instrumentIds', 'One of these instruments does not exist.');
  if (new Set(found.map((one) => one.kind)).size !== found.length)
    throw refused('instrumentIds', 'Choose one instrument of a kind.');
}
