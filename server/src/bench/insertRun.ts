import type { Protocol, RunSettings } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';
import type { RunEntity } from './entities';
import { usualInstruments } from '../instruments/service';
import { insertRunRow } from './runRepository';
import { keepWaits } from './runRows';

/** Opens a sheet, to be read with what is usual until somebody says otherwise. */
export async function insertRun(
  manager: EntityManager,
  run: Omit<
    RunEntity,
    | 'number'
    | 'version'
    | 'readingSeq'
    | 'finishedAt'
    | 'archivedAt'
    | 'protocolVersion'
    | 'instrumentIds'
    | keyof RunSettings
  >,
  protocol: Protocol,
  settings: RunSettings,
): Promise<void> {
  const row: Omit<RunEntity, 'number'> = {
    ...run,
    protocolVersion: protocol.version,
    ...settings,
    press_gcm2: settings.press_gcm2 ?? null,
    instrumentIds: await usualInstruments(manager, protocol),
    finishedAt: null,
    archivedAt: null,
    readingSeq: 0,
    version: 1,
  };
  await insertRunRow(manager, row);
  await keepWaits(manager, { ...row, number: 0 }, protocol);
}
