import type { Dated } from './dated';

/** What a group guessed, and read each time that it measured. */
export interface GroupSaidFile {
  readonly group: number;
  readonly guesses: Readonly<Record<string, readonly [number, number]>>;
  readonly times: readonly {
    /** By step; waits are started by the loader's clock and have none. */
    readonly readings: Readonly<Record<string, number>>;
    readonly soak_min: number;
    readonly drain_min: number;
  }[];
}

/** A class with what its groups did. */
export interface ClassFile {
  readonly by: string;
  readonly name: string;
  readonly lesson: string;
  readonly lots: readonly string[];
  readonly vessel: string;
  readonly groups: number;
  readonly minutes: number;
  /** When it began: on a day, or so long before the load that it is still on. */
  readonly daysAgo?: number;
  readonly at?: string;
  readonly minutesAgo?: number;
  readonly said: readonly GroupSaidFile[];
  readonly revealed: boolean;
  readonly out: readonly { readonly group: number; readonly lot: string; readonly reason: string }[];
  readonly letIn: readonly { readonly group: number; readonly lot: string }[];
}

/** Classes, and hands that were trained on measured lots. */
export interface ClassesFile {
  readonly classes: readonly ClassFile[];
  readonly training: {
    readonly samples: readonly (Dated & { readonly lot: string })[];
    readonly tries: readonly (Dated & {
      readonly lot: string;
      readonly kind: string;
      readonly value: number;
      readonly margin: number;
    })[];
  };
}
