import { learn, proofOf, type Foreseen, type Learning, type MeasuredBlend, type Proof } from '@bent-pail/core';

/** A batch that was measured, and what was said of it before, where that was kept. */
export interface MeasuredBatch {
  readonly measured: MeasuredBlend;
  readonly foreseen?: Foreseen;
}

/** What measured batches teach, and how the predictions of them turned out. */
export interface Taught {
  readonly learning: Learning;
  readonly proof: Proof;
}

export const taughtBy = (batches: readonly MeasuredBatch[]): Taught => ({
  learning: learn(batches.map(({ measured }) => measured)),
  proof: proofOf(batches.flatMap(({ measured, foreseen }) => (foreseen === undefined ? [] : [{ measured, foreseen }]))),
});
