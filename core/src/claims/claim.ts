/** What kind of statement a claim is. */
export const CLAIM_KINDS = [
  'ingredient',
  'certified',
  'uncertified',
  'performance',
  'analysis',
  'process',
  'volume',
] as const;
export type ClaimKind = (typeof CLAIM_KINDS)[number];

export const CLAIM_KIND_WORDS: Readonly<Record<ClaimKind, string>> = Object.freeze({
  ingredient: 'what is in it',
  certified: 'certified',
  uncertified: '“organic” without a certificate',
  performance: 'what it does',
  analysis: 'a figure',
  process: 'how it was made',
  volume: 'how much is in it',
});

/** What became of a claim. */
export const CLAIM_VERDICTS = ['supported', 'notSupported', 'cannotTest', 'misleading'] as const;
export type ClaimVerdict = (typeof CLAIM_VERDICTS)[number];

export const CLAIM_VERDICT_WORDS: Readonly<Record<ClaimVerdict, string>> = Object.freeze({
  supported: 'supported',
  notSupported: 'not supported',
  cannotTest: 'cannot be tested here',
  misleading: 'misleading comparison',
});

/** What a verdict rests on. */
export const EVIDENCE = ['measured', 'lab', 'once', 'supplier', 'hearsay'] as const;
export type Evidence = (typeof EVIDENCE)[number];

export const EVIDENCE_WORDS: Readonly<Record<Evidence, string>> = Object.freeze({
  measured: 'measured here',
  lab: 'by a laboratory',
  once: 'seen once',
  supplier: 'the supplier says so',
  hearsay: 'hearsay',
});

/** A statement of a label or a supplier's page. */
export interface Claim {
  readonly text: string;
  readonly kind: ClaimKind;
  /** What its asterisk or small print says. */
  readonly footnote?: string;
  /** What it is compared with, where it compares. */
  readonly comparedWith?: string;
}

/** A claim that somebody judged. */
export interface JudgedClaim extends Claim {
  readonly verdict?: ClaimVerdict;
  readonly evidence?: Evidence;
  readonly because?: string;
}
