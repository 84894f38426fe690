import type { DataSource } from 'typeorm';
import { writes } from '../database/probe';
import { diskFull, diskIsFull } from '../http/problems';

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
      await writes(this.db);
      this.full = false;
    } catch (error) {
      throw diskIsFull(error) ? diskFull() : error;
    }
  }
}
