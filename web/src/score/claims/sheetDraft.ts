import type { ClaimsPage, NewClaimsSheet } from '@bent-pail/contract';
import { PRODUCT_KINDS, readClaims, type ClaimKind, type ClaimVerdict, type Evidence } from '@bent-pail/core';

/** A claim as it is edited: what is empty is not said. */
export interface DraftClaim {
  /** Tells lines apart while their words change. */
  readonly place: number;
  readonly text: string;
  readonly kind: ClaimKind;
  readonly footnote: string;
  readonly comparedWith: string;
  readonly verdict: ClaimVerdict | '';
  readonly evidence: Evidence | '';
  readonly because: string;
}

export interface DraftAnswer {
  readonly key: string;
  readonly askedOn: string;
  readonly said: string;
  readonly saidOn: string;
}

export interface SheetDraft {
  readonly productKind: string;
  readonly source: NewClaimsSheet['source'];
  readonly text: string;
  readonly claims: readonly DraftClaim[];
  readonly answers: readonly DraftAnswer[];
  readonly interest: NewClaimsSheet['interest'] | '';
  readonly interestWords: string;
}

type SaidClaim = NewClaimsSheet['claims'][number];

const drafted = (claim: SaidClaim, place: number): DraftClaim => ({
  place,
  text: claim.text,
  kind: claim.kind,
  footnote: claim.footnote ?? '',
  comparedWith: claim.comparedWith ?? '',
  verdict: claim.verdict ?? '',
  evidence: claim.evidence ?? '',
  because: claim.because ?? '',
});

/** What a sheet begins with: as it was kept, else empty. */
export function draftOf({ sheet }: ClaimsPage): SheetDraft {
  return {
    productKind: sheet?.productKind ?? PRODUCT_KINDS[0]?.key ?? '',
    source: sheet?.source ?? 'label',
    text: sheet?.text ?? '',
    claims: (sheet?.claims ?? []).map(drafted),
    answers: (sheet?.answers ?? []).map(({ key, askedOn = '', said = '', saidOn = '' }) => ({
      key,
      askedOn,
      said,
      saidOn,
    })),
    interest: sheet?.interest ?? '',
    interestWords: sheet?.interestWords ?? '',
  };
}

/** The claims of the text put to those that are there; one that is there already stays as it is judged. */
export function withRead(draft: SheetDraft): SheetDraft {
  const next = Math.max(0, ...draft.claims.map(({ place }) => place + 1));
  const known = new Set(draft.claims.map(({ text }) => text.toLowerCase()));
  const fresh = readClaims(draft.text).filter(({ text }) => !known.has(text.toLowerCase()));
  return { ...draft, claims: [...draft.claims, ...fresh.map((claim, i) => drafted(claim, next + i))] };
}

const filled = <T extends object>(fields: T): Partial<T> =>
  Object.fromEntries(Object.entries(fields).filter(([, value]) => value !== '')) as Partial<T>;

/** What is sent of a draft. */
export function bodyOf(draft: SheetDraft, version: number): Omit<NewClaimsSheet, 'id'> {
  return {
    version,
    productKind: draft.productKind,
    source: draft.source,
    text: draft.text,
    claims: draft.claims.map(
      ({ place: _place, text, kind, ...more }) => ({ text, kind, ...filled(more) }) as SaidClaim,
    ),
    answers: draft.answers
      .filter(({ askedOn, said }) => askedOn !== '' || said !== '')
      .map(({ key, ...more }) => ({ key, ...filled(more) })),
    // Without a choice the server asks for one.
    interest: draft.interest as NewClaimsSheet['interest'],
    ...filled({ interestWords: draft.interestWords }),
  };
}

/** The answer to a question, as far as there is one. */
export const answerTo = ({ answers }: SheetDraft, key: string): DraftAnswer =>
  answers.find((one) => one.key === key) ?? { key, askedOn: '', said: '', saidOn: '' };
