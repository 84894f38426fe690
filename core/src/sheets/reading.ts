import type { CalibrationStamp } from '../instruments';

/** One number taken at the bench. Readings are only ever added; a correction names the one that it replaces. */
export interface Reading {
  readonly id: string;
  /** Index of the replicate, from 0. */
  readonly replicate: number;
  readonly step: string;
  readonly value: number;
  /** Where the value is what the pen showed in mV: the temperature of what it stood in, °C. */
  readonly mVTemp_C?: number;
  /** When it was taken, ISO 8601. */
  readonly takenAt: string;
  readonly corrects?: string;
  readonly reason?: string;
  readonly by?: string;
  /** What it was read with, and what that was worth; absent where no instrument was named. */
  readonly stamp?: CalibrationStamp;
}

/** All that was ever read for one cell of the sheet. */
export interface Cell {
  /** Readings that nobody has corrected; more than one waits for a decision. */
  readonly standing: readonly Reading[];
  /** Readings that were replaced, oldest first. */
  readonly replaced: readonly Reading[];
}

const EMPTY: Cell = { standing: [], replaced: [] };

/**
 * The cells of a sheet by replicate and step, from its readings in the order in which they were kept.
 *
 * A correction settles its cell: whatever stood there before it is replaced, also a second reading that another person
 * had made. A plain reading that comes into a filled cell stands beside the first, and a decision is waited for.
 */
export class Sheet {
  private readonly cells = new Map<string, Cell>();

  constructor(readings: readonly Reading[]) {
    for (const reading of readings) {
      const key = `${String(reading.replicate)}:${reading.step}`;
      const { standing, replaced } = this.cells.get(key) ?? EMPTY;
      this.cells.set(
        key,
        reading.corrects === undefined
          ? { standing: [...standing, reading], replaced }
          : { standing: [reading], replaced: [...replaced, ...standing] },
      );
    }
  }

  cell(replicate: number, step: string): Cell {
    return this.cells.get(`${String(replicate)}:${step}`) ?? EMPTY;
  }

  /** The one reading that counts, or undefined where there is none or a decision is waiting. */
  reading(replicate: number, step: string): Reading | undefined {
    const { standing } = this.cell(replicate, step);
    return standing.length === 1 ? standing[0] : undefined;
  }

  value(replicate: number, step: string): number | undefined {
    return this.reading(replicate, step)?.value;
  }

  /** Two readings in one cell that nobody has decided between. */
  get undecided(): readonly Cell[] {
    return [...this.cells.values()].filter((cell) => cell.standing.length > 1);
  }
}
