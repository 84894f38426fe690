import { KIND_OF_STEP, stampOf, type CalibrationStamp, type Protocol } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';
import type { ReadingEntity } from '../bench/entities';
import { calibrationInForce, calibrationsNamed, instrumentsNamed } from './repository';
import { toCalibration, toInstrument } from './rows';

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
  const found = await calibrationInForce(manager, instrumentIds, kind, takenAt);
  if (found === undefined) return UNSTAMPED;
  const { instrumentId, calibrationId, served } = found;
  return calibrationId === null
    ? { ...UNSTAMPED, instrumentId }
    : { instrumentId, calibrationId, calibrationReadings: served + 1 };
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
  const instruments = await instrumentsNamed(manager, ids('instrumentId'));
  const calibrations = await calibrationsNamed(manager, ids('calibrationId'));
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
