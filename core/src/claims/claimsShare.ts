import type { JudgedClaim } from './claim';
import type { ProductKind, ShouldSay } from './productKinds';

/** Something that the kind of product should say, and where it is said if it is. */
export interface Silence {
  readonly should: ShouldSay;
  /** On the label, or by the supplier's answer; absent where nobody has said it. */
  readonly saidBy?: 'label' | 'answer';
}

/** What of what it should say is said: on the label, or in an answer. */
export function silences(kind: ProductKind, text: string, answered: ReadonlySet<string>): Silence[] {
  return kind.shouldSay.map((should) =>
    should.said.test(text)
      ? { should, saidBy: 'label' }
      : answered.has(should.key)
        ? { should, saidBy: 'answer' }
        : { should },
  );
}

export interface ClaimsShare {
  /** Claims that stand, of those that were judged and could be tested; absent where none was. */
  readonly borneOut?: number;
  /** What is said of what should be said. */
  readonly said: number;
  /** What a rubric scores: the mean of both, 0 to 1. */
  readonly share: number;
  readonly judged: number;
}

/**
 * How far a product's words can be relied on: half by how many of its claims stand, half by how much of what such a
 * product should say is said at all. What cannot be tested here counts for neither side; a comparison that misleads
 * counts as one that does not stand.
 */
export function claimsShare(claims: readonly JudgedClaim[], silent: readonly Silence[]): ClaimsShare {
  const judged = claims.filter(({ verdict }) => verdict !== undefined && verdict !== 'cannotTest');
  const stands = judged.filter(({ verdict }) => verdict === 'supported').length;
  const said = silent.length === 0 ? 1 : silent.filter(({ saidBy }) => saidBy !== undefined).length / silent.length;
  if (judged.length === 0) return { said, share: said, judged: 0 };
  const borneOut = stands / judged.length;
  return { borneOut, said, share: (borneOut + said) / 2, judged: judged.length };
}
