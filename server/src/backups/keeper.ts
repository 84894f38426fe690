import { existsSync } from 'node:fs';
import { readdir, rm, stat } from 'node:fs/promises';
import path from 'node:path';
import type { BackupKind, BackupRow } from '@bent-pail/contract';
import { takeBackup } from '../backup/take';
import type { DataSource } from 'typeorm';
import type { Clock } from '../clock';
import { unlessAnother } from '../database/onlyOne';

const KINDS: readonly BackupKind[] = ['daily', 'by-hand', 'before-upgrade', 'year'];
/** Daily ones that are kept. */
const KEPT_DAILY = 7;
const DAY_MS = 24 * 3600_000;
/** How often it is asked whether a day has gone by; the first time once the server has settled. */
const LOOK = Object.freeze({ first_ms: 5 * 60_000, every_ms: 30 * 60_000 });

const ENDING = '.tar';
const kindOf = (name: string): BackupKind | undefined =>
  name.endsWith(ENDING) ? KINDS.find((kind) => name.startsWith(`${kind}-`)) : undefined;

interface KeeperOptions {
  readonly db: DataSource;
  readonly url: string;
  readonly folder: string;
  readonly clock: Clock;
  readonly warn: (error: unknown) => void;
}

/** Takes a backup each day while the server runs, and whenever a lead wants one; knows those that are there. */
export class BackupKeeper {
  private timer: NodeJS.Timeout | undefined;
  private running: Promise<string> | undefined;

  constructor(private readonly options: KeeperOptions) {}

  /** Looks again and again whether it is time. */
  begin(): void {
    this.look(LOOK.first_ms);
  }

  close(): void {
    clearTimeout(this.timer);
  }

  get folder(): string {
    return this.options.folder;
  }

  /** Those that are there, the newest first. */
  async list(): Promise<readonly BackupRow[]> {
    const { folder } = this.options;
    if (!existsSync(folder)) return [];
    const rows: BackupRow[] = [];
    for (const name of await readdir(folder)) {
      const kind = kindOf(name);
      if (kind === undefined) continue;
      const { size, mtimeMs } = await stat(path.join(folder, name));
      rows.push({ name, kind, bytes: size, madeAt: new Date(mtimeMs).toISOString() });
    }
    return rows.sort((a, b) => b.madeAt.localeCompare(a.madeAt));
  }

  /** Where one of them is; undefined for what is none. */
  async fileOf(name: string): Promise<string | undefined> {
    const found = (await this.list()).find((one) => one.name === name);
    return found && path.join(this.options.folder, found.name);
  }

  /** Takes one; two at a time are one. */
  async take(kind: 'daily' | 'by-hand' | 'year'): Promise<string> {
    this.running ??= this.taken(kind).finally(() => {
      this.running = undefined;
    });
    return this.running;
  }

  /** Takes today's, unless there is one of the last day or another server takes it; gives away what is older than a week. */
  async takeDaily(): Promise<void> {
    await unlessAnother(this.options.db, 'daily backup', () => this.takeToday());
  }

  private async takeToday(): Promise<void> {
    const { folder, clock } = this.options;
    const daily = (await this.list()).filter(({ kind }) => kind === 'daily');
    const [newest] = daily;
    if (newest !== undefined && clock.now() - Date.parse(newest.madeAt) < DAY_MS) return;
    await this.take('daily');
    for (const { name } of daily.slice(KEPT_DAILY - 1)) await rm(path.join(folder, name), { force: true });
  }

  private async taken(kind: BackupKind): Promise<string> {
    const { url, folder, clock } = this.options;
    const stamp = new Date(clock.now()).toISOString().replaceAll(/[:.]/g, '');
    const name = `${kind}-${stamp}${ENDING}`;
    const file = path.join(folder, name);
    // One of this very moment says all that another could.
    if (!existsSync(file)) await takeBackup(url, file);
    return name;
  }

  private look(after_ms: number): void {
    this.timer = setTimeout(() => {
      this.takeDaily()
        .catch(this.options.warn)
        .finally(() => {
          this.look(LOOK.every_ms);
        });
    }, after_ms);
    this.timer.unref();
  }
}
