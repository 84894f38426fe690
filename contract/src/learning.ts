import type { Learning, Proof } from '@bent-pail/core';

/** What was measured of blends, and what it teaches. */
export interface LearningPage {
  readonly learning: Learning;
  /** Batches whose prediction was kept before they were measured. */
  readonly proof: Proof;
  /** The batches that it rests on, in the order of its blends. */
  readonly batches: readonly {
    readonly lotId: string;
    readonly lotCode: string;
    readonly blendId: string;
    readonly blendName: string;
    readonly n: number;
  }[];
}
