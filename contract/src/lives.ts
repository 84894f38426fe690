import { IsInt, IsUUID, Max, Min } from 'class-validator';
import { IsWords, Optional } from './decorators';

/** Kinds of things that a lot's figures come from and go to. */
export type LifeKind = 'run' | 'blend' | 'batch' | 'prepared' | 'card' | 'pot' | 'trial' | 'claims';

/** Something that a lot rests on, or that rests on it. */
export interface LifeNode {
  readonly kind: LifeKind;
  readonly id: string;
  /** What it is called; of a run its protocol. */
  readonly title: string;
  /** Of a run its number; of a blend the newest version that holds the lot. */
  readonly number?: number;
  readonly at: string;
  /** Of a run: how many readings, and how many replicates are left out. */
  readonly readings?: number;
  readonly leftOut?: number;
}

/** Where the figures of a lot come from, and where they go. */
export interface LotLife {
  readonly lot: { readonly id: string; readonly name: string; readonly code: string };
  readonly restsOn: readonly LifeNode[];
  readonly goesInto: readonly LifeNode[];
}

/** A replicate, or a single reading of it, that is left out to see what would change; nothing is kept of it. */
export class LeaveOut {
  @IsUUID('all', { message: 'Name the run by its id.' })
  runId!: string;

  @IsInt({ message: 'Name the replicate by its place, from 0.' })
  @Min(0, { message: 'Name the replicate by its place, from 0.' })
  @Max(40, { message: 'Name the replicate by its place, from 0.' })
  replicate!: number;

  /** Only the reading of this step. */
  @Optional()
  @IsWords(60, 'Name the step by its key.')
  step?: string;
}

/** A figure as it is, and as it would be. */
export interface FigureWithout {
  readonly property: string;
  readonly method: string;
  readonly is?: { readonly mean: number; readonly sd?: number; readonly n: number };
  readonly would?: { readonly mean: number; readonly sd?: number; readonly n: number };
}
