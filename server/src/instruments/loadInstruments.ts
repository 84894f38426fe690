import type { InstrumentRow } from '@bent-pail/contract';
import type { EntityManager } from 'typeorm';
import { namesOf } from '../accounts/repository';
import { calibrationsOf, instrumentsNamed, readingsServed } from './repository';
import { toCalibration, toInstrument } from './rows';

/** All instruments, or those named, each with its newest calibrations first. */
export async function loadInstruments(manager: EntityManager, ids?: readonly string[]): Promise<InstrumentRow[]> {
  if (ids?.length === 0) return [];
  const instruments = await instrumentsNamed(manager, ids);
  const calibrations = await calibrationsOf(
    manager,
    instruments.map(({ id }) => id),
  );
  const names = await namesOf(
    manager,
    calibrations.map(({ byUser }) => byUser),
  );
  const rows = instruments.map((instrument) => ({
    ...toInstrument(instrument),
    calibrations: calibrations
      .filter((one) => one.instrumentId === instrument.id)
      .map((one) => toCalibration(one, names.get(one.byUser))),
  }));
  const served = await readingsServed(
    manager,
    rows.flatMap((row) => row.calibrations[0]?.id ?? []),
  );
  return rows.map((row) => ({ ...row, readings: served.get(row.calibrations[0]?.id ?? '') ?? 0 }));
}
