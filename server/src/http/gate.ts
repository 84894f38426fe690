import { busy } from './problems';

interface GateOptions {
  /** How many go through at once. */
  readonly atOnce: number;
  /** How many may wait; who comes after them is sent away at once. */
  readonly waiting: number;
}

/** Lets a few things through at once and the next ones wait in line, so that heavy work never crowds out the rest. */
export class Gate {
  private inside = 0;
  private readonly line: (() => void)[] = [];

  constructor(private readonly options: GateOptions) {}

  async through<T>(work: () => Promise<T>): Promise<T> {
    if (this.inside >= this.options.atOnce) {
      if (this.line.length >= this.options.waiting) throw busy();
      // Whoever leaves hands the place on, so that it is never free in between.
      await new Promise<void>((resolve) => this.line.push(resolve));
    } else this.inside += 1;
    try {
      return await work();
    } finally {
      const next = this.line.shift();
      if (next === undefined) this.inside -= 1;
      else next();
    }
  }
}
