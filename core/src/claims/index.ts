/**
 * What a label or a supplier's page claims, what it leaves out, and what a bench makes of it. Claims are read out of a
 * text as a proposal; verdicts are somebody's, with their reason. The product certifies nothing.
 */
export {
  CLAIM_KIND_WORDS,
  CLAIM_KINDS,
  CLAIM_VERDICT_WORDS,
  CLAIM_VERDICTS,
  EVIDENCE,
  EVIDENCE_WORDS,
  type Claim,
  type ClaimKind,
  type ClaimVerdict,
  type Evidence,
  type JudgedClaim,
} from './claim';
export { claimsShare, silences, type ClaimsShare, type Silence } from './claimsShare';
export { findingsFor, proposeVerdict, SHORT_BY, type ClaimFinding, type ProposedVerdict } from './findings';
export { INTEREST_WORDS, INTERESTS, type Interest } from './interest';
export { PRODUCT_KINDS, productKind, type ProductKind, type ShouldSay } from './productKinds';
export { kindOfClaim, MOST_CLAIMS, readClaims, whyUntestable } from './readClaims';
