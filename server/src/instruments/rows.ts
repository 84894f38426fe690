import type { CalibrationRecord, Instrument } from '@bent-pail/core';
import type { CalibrationEntity, InstrumentEntity } from './entities';

export const toInstrument = ({ id, name, kind, showsMv }: InstrumentEntity): Instrument => ({
  id,
  name,
  kind,
  showsMv,
});

export function toCalibration(row: CalibrationEntity, by: string | undefined): CalibrationRecord {
  const { id, at, temp_C, points } = row;
  return { id, at: at.toISOString(), temp_C, points, ...(by === undefined ? {} : { by }) };
}
