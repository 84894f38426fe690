import type { InstrumentRow } from '@bent-pail/contract';
import type { EntityManager } from 'typeorm';
import { namesOf } from '../accounts/repository';
import { instrumentsNamed, newestCalibrations, readingsServed } from './repository';
import { toCalibration, toInstrument } from './rows';

/** All instruments, or those named, each with its newest calibrations, so many at most. */
export async function loadInstruments(
  manager: EntityManager,
  { ids, calibrations: most }: { readonly ids?: readonly string[]; readonly calibrations: number },
): Promise<InstrumentRow[]> {
  if (ids?.length === 0) return [];
  const instruments = await instrumentsNamed(manager, ids);
  const { newest, had } = await newestCalibrations(
    manager,
    instruments.map(({ id }) => id),
    most,
  );
  const names = await namesOf(
    manager,
    newest.map(({ byUser }) => byUser),
  );
  const rows = instruments.map((instrument) => ({
    ...toInstrument(instrument),
    calibrations: newest
      .filter((one) => one.instrumentId === instrument.id)
      .map((one) => toCalibration(one, names.get(one.byUser))),
    calibrated: had.get(instrument.id) ?? 0,
  }));
  const served = await readingsServed(
    manager,
    rows.flatMap((row) => row.calibrations[0]?.id ?? []),
  );
  return rows.map((row) => ({ ...row, readings: served.get(row.calibrations[0]?.id ?? '') ?? 0 }));
}
