import type { BenchComputer } from '@bent-pail/contract';
import { statfs } from 'node:fs/promises';
import packageJson from '../../package.json' with { type: 'json' };
import { namesOf } from '../accounts/repository';
import { SERVER_NAME } from '../database/serverName';
import type { Server } from '../resource';
import { aboutDatabase } from './repository';

/** The first of some folders whose disk can be asked: PostgreSQL's may be on another computer. */
async function diskOf(folders: readonly (string | null)[]): Promise<BenchComputer['disk']> {
  for (const folder of folders) {
    const disk = folder === null ? undefined : await statfs(folder).catch(() => undefined);
    if (disk !== undefined) return { free_bytes: disk.bavail * disk.bsize, total_bytes: disk.blocks * disk.bsize };
  }
  return undefined;
}

/** How the computer is, as far as this server can tell. */
export async function benchComputer({ db, clock, watch, backups }: Server): Promise<BenchComputer> {
  const { postgres, bytes, servers, cardsWaiting, folder } = await aboutDatabase(db.manager, SERVER_NAME);
  const { heldBack, slowest, troubles } = watch;
  const names = await namesOf(
    db.manager,
    heldBack.map(({ userId }) => userId),
  );
  const [lastBackup] = await backups.list();
  const disk = await diskOf([folder, backups.folder]);
  return {
    version: packageJson.version,
    since: new Date(clock.now() - process.uptime() * 1000).toISOString(),
    servers,
    postgres,
    notebook_bytes: Number(bytes),
    ...(disk === undefined ? {} : { disk }),
    memory_bytes: process.memoryUsage.rss(),
    ...(lastBackup === undefined ? {} : { lastBackup }),
    cardsWaiting,
    waiting: heldBack.map(({ userId, readings, at }) => ({ name: names.get(userId) ?? '', readings, at })),
    slowest,
    troubles,
  };
}
