/**
 * Whether predictions can be trusted: what was said of a batch before it was measured, beside what it came to.
 * What was known then is kept as it was; nothing learnt later makes an old prediction better than it was.
 */
export { outcomesOf, type Foreseen, type Outcome } from './foreseen';
export { proofOf, type Proof, type PropertyProof, type Reliability } from './proof';
