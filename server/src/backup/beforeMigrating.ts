import { existsSync, readdirSync } from 'node:fs';
import { rm } from 'node:fs/promises';
import path from 'node:path';
import { takeBackup } from './take';

/** Backups of before an upgrade that are kept. */
const KEPT = 5;
const PREFIX = 'before-upgrade-';

/** Takes a backup before a notebook is changed by a newer version, and keeps the last five of these. */
export async function backupBeforeMigrating(url: string, folder: string): Promise<string> {
  const stamp = new Date().toISOString().replaceAll(/[:.]/g, '');
  const file = path.join(folder, `${PREFIX}${stamp}.tar`);
  await takeBackup(url, file);
  const kept = existsSync(folder)
    ? readdirSync(folder).filter((name) => name.startsWith(PREFIX) && name.endsWith('.tar'))
    : [];
  for (const old of kept.sort().slice(0, -KEPT)) await rm(path.join(folder, old));
  return file;
}
