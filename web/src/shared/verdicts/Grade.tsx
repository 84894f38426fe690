import type { Grade as GradeKey } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { GRADE_WORDS } from './verdictWords';

/** Told apart by weight, not by colour: open for good, a line for bearable, filled for not. */
const LOOK: Readonly<Record<GradeKey, string>> = {
  good: 'border-transparent',
  bearable: 'border-ink border-dashed',
  not: 'border-ink bg-slab text-inverse',
};

/** The one word of a verdict. */
export function Grade({ says }: { readonly says: GradeKey }): ReactElement {
  return (
    <span
      className={`inline-block min-w-20 rounded-[2px] border-[1.5px] px-1.5 text-center font-semibold ${LOOK[says]}`}
    >
      {GRADE_WORDS[says]}
    </span>
  );
}
