import type { BenchComputer } from '@bent-pail/contract';
import { counted } from '../../kit/format';
import { sizeInWords } from '../files/size';

const DAY_MS = 24 * 3600_000;
/** From when on a lead should do something about it. */
const LIMITS = Object.freeze({ free: 0.05, free_bytes: 2e9, backup_days: 2, held_ms: 15 * 60_000 });

/** What a lead should look after, each in a sentence that says what to do; nothing where all is well. */
export function doubtsOf({ disk, lastBackup, since, waiting }: BenchComputer, now: number): string[] {
  const doubts: string[] = [];
  if (disk !== undefined && disk.free_bytes < Math.max(LIMITS.free * disk.total_bytes, LIMITS.free_bytes))
    doubts.push(
      `Only ${sizeInWords(disk.free_bytes)} are free on its disk. Make room: when it is full, nothing more can be kept.`,
    );
  const backupAge_ms = now - Date.parse(lastBackup?.madeAt ?? since);
  if (backupAge_ms > LIMITS.backup_days * DAY_MS)
    doubts.push(
      lastBackup === undefined
        ? 'No backup was ever taken. Take one under Files and backups.'
        : `The last backup is ${counted(Math.floor(backupAge_ms / DAY_MS), 'day', 'days')} old. Take one under Files and backups, and see what went wrong.`,
    );
  for (const { name, readings, at } of waiting)
    if (now - Date.parse(at) > LIMITS.held_ms)
      doubts.push(
        `${counted(readings, 'reading waits', 'readings wait')} in the browser of ${name}, who has not been heard of since. Ask for it to be opened again.`,
      );
  return doubts;
}
