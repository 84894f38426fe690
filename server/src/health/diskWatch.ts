import type { DataSource } from 'typeorm';
import { diskFull, diskIsFull } from '../http/problems';

/** Enough to need room on the disk, little enough to be nothing. */
const PROBE = `create temporary table disk_probe on commit drop as select repeat('x', 8000) as row from generate_series(1, 32)`;

/** Remembers that the disk was full when something was to be kept, until there is room again. */
export class DiskWatch {
  private full = false;

  constructor(private readonly db: DataSource) {}

  saw(error: unknown): void {
    if (diskIsFull(error)) this.full = true;
  }

  /** Throws while nothing can be kept; tries to write only once a write has failed. */
  async requireRoom(): Promise<void> {
    if (!this.full) return;
    try {
      await this.db.transaction((manager) => manager.query(PROBE));
      this.full = false;
    } catch (error) {
      throw diskIsFull(error) ? diskFull() : error;
    }
  }
}
