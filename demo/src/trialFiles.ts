import type { Circumstance, SettledDifference, TraitKey, TrialPlan, TrialSpecies } from '@bent-pail/core';
import type { Dated } from './dated';

/** How a medium truly grows a species: what is read is drawn around it, plot by plot. */
export interface GrownFile {
  /** Share of the seeds that come up, and the day by which half of those have. */
  readonly up: number;
  readonly half_d: number;
  /** At the ages at which it is read, in their order. */
  readonly height: readonly number[];
  readonly leaves: number;
  readonly colour: readonly number[];
  readonly fresh: number;
}

/** A trial as it was planned, grown and read. */
export interface TrialFile
  extends Dated, Pick<TrialPlan, 'question' | 'reference' | 'unit' | 'blockIs' | 'blocks' | 'asks' | 'pull'> {
  readonly name: string;
  readonly seed: number;
  readonly media: readonly {
    readonly key: string;
    readonly name: string;
    readonly lot?: string;
    readonly blend?: string;
    readonly none?: true;
  }[];
  readonly species: readonly TrialSpecies[];
  readonly common: Readonly<Partial<Record<Circumstance, string>>>;
  readonly own: Readonly<Record<string, Readonly<Partial<Record<Circumstance, string>>>>>;
  readonly settled: readonly SettledDifference[];
  readonly observe: Readonly<Partial<Record<TraitKey | 'signs', readonly number[]>>>;
  /** Seed of what varies from plot to plot and from plant to plant. */
  readonly draws: number;
  readonly grown: Readonly<Record<string, Readonly<Record<string, GrownFile>>>>;
  readonly signs: readonly {
    readonly medium: string;
    readonly age_d: number;
    readonly sign: string;
    readonly plots: number;
  }[];
  readonly dead: readonly { readonly plot: number; readonly plant: number; readonly age_d: number }[];
  readonly missing: readonly { readonly plot: number; readonly plant: number; readonly age_d: number }[];
  readonly water: readonly {
    readonly age_d: number;
    readonly each_mL: Readonly<Record<string, number>>;
    readonly wilted?: readonly string[];
  }[];
  readonly events: readonly {
    readonly age_d: number;
    readonly kind: 'changed' | 'mishap' | 'note';
    readonly words: string;
  }[];
  readonly out: readonly { readonly plot: number; readonly age_d: number; readonly reason: string }[];
  readonly moves: readonly {
    readonly plot: number;
    readonly with: number;
    readonly age_d: number;
    readonly reason: string;
  }[];
  /** The last age at which it was read; absent: all of it was. */
  readonly readTo_d?: number;
  readonly finished: boolean;
}
