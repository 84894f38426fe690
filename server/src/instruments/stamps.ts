import { KIND_OF_STEP, stampOf, type CalibrationStamp, type Protocol } from '@bent-pail/core';
import { In, type EntityManager } from 'typeorm';
import { CalibrationEntity, InstrumentEntity, type ReadingEntity } from '../database/entities';
import { readingsServed, toCalibration, toInstrument } from './rows';

export interface StampColumns {
  readonly instrumentId: string | null;
  readonly calibrationId: string | null;
  readonly calibrationReadings: number | null;
}

const UNSTAMPED: StampColumns = { instrumentId: null, calibrationId: null, calibrationReadings: null };

/** The stamp of a reading: the run's instrument for this kind of step, and its last calibration before the reading. */
export async function stampColumns(
  manager: EntityManager,
  instrumentIds: readonly string[],
  stepKind: Protocol['steps'][number]['kind'] | undefined,
  takenAt: Date,
): Promise<StampColumns> {
  const kind = stepKind === undefined ? undefined : KIND_OF_STEP[stepKind];
  if (kind === undefined || instrumentIds.length === 0) return UNSTAMPED;
  const instrument = await manager.findOneBy(InstrumentEntity, { id: In([...instrumentIds]), kind });
  if (instrument === null) return UNSTAMPED;
  const calibration = await manager
    .createQueryBuilder(CalibrationEntity, 'c')
    .where('c.instrument_id = :id and c.at <= :takenAt', { id: instrument.id, takenAt })
    .orderBy('c.at', 'DESC')
    .getOne();
  if (calibration === null) return { ...UNSTAMPED, instrumentId: instrument.id };
  const served = (await readingsServed(manager, [calibration.id])).get(calibration.id) ?? 0;
  return { instrumentId: instrument.id, calibrationId: calibration.id, calibrationReadings: served + 1 };
}

/** Turns the stamps of readings into words, from the instruments and calibrations that they name. */
export async function stampReader(
  manager: EntityManager,
  readings: readonly ReadingEntity[],
): Promise<(reading: ReadingEntity) => CalibrationStamp | undefined> {
  const ids = (key: 'instrumentId' | 'calibrationId'): string[] => [
    ...new Set(readings.map((reading) => reading[key]).filter((id) => id !== null)),
  ];
  if (ids('instrumentId').length === 0) return () => undefined;
  const instruments = await manager.findBy(InstrumentEntity, { id: In(ids('instrumentId')) });
  const calibrations = await manager.findBy(CalibrationEntity, { id: In(ids('calibrationId')) });
  return ({ instrumentId, calibrationId, calibrationReadings, takenAt }) => {
    const instrument = instruments.find((one) => one.id === instrumentId);
    if (instrument === undefined) return undefined;
    const calibration = calibrations.find((one) => one.id === calibrationId);
    return stampOf({
      instrument: toInstrument(instrument),
      calibration: calibration === undefined ? undefined : toCalibration(calibration, undefined),
      takenAt: takenAt.toISOString(),
      readings: calibrationReadings ?? 0,
    });
  };
}
