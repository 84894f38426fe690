import type { PanelPage } from '@bent-pail/contract';
import { agreement, type AgreementResult } from '@bent-pail/core';

export interface Lean {
  readonly rater: string;
  readonly lean: number;
  /** Marks that it rests on. */
  readonly n: number;
}

export interface AgreementOf {
  readonly criterion: string;
  readonly leans: readonly Lean[];
  readonly items: number;
  readonly result: AgreementResult;
}

/** Raters who marked less than this part of the items would leave hardly an item whole. */
const TOO_FEW = 0.5;

/** The table without those who marked too little of it. */
function often({ raters, items }: PanelPage): PanelPage {
  const keeps = raters.map(
    (_, j) => items.filter(({ marks }) => marks[j] !== null && marks[j] !== undefined).length >= TOO_FEW * items.length,
  );
  return {
    raters: raters.filter((_, j) => keeps[j]),
    items: items.map((item) => ({ ...item, marks: item.marks.filter((_, j) => keeps[j]) })),
  };
}

function agreementOf(criterion: string, { raters, items }: PanelPage): AgreementOf[] {
  if (raters.length === 0 || items.length === 0) return [];
  const result = agreement({ ratings: items.map(({ marks }) => [...marks]) });
  const leans = raters.map(({ name }, j): Lean => ({
    rater: name,
    lean: result.lean[j] ?? 0,
    n: items.filter(({ marks }) => marks[j] !== null).length,
  }));
  return [{ criterion, items: items.length, result, leans }];
}

/** How far raters agree: on all marks, then criterion by criterion. */
export function agreements(page: PanelPage): AgreementOf[] {
  const criteria = [...new Set(page.items.map(({ criterion }) => criterion))].sort();
  return [
    ...agreementOf('All marks', often(page)),
    ...criteria.flatMap((criterion) =>
      agreementOf(criterion, often({ ...page, items: page.items.filter((item) => item.criterion === criterion) })),
    ),
  ];
}
