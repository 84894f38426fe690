import { VERDICT_USE_WORDS, type VerdictUse } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { Link } from 'react-router';

/** Where verdicts come from. */
export function OnWhat({ use }: { readonly use: VerdictUse }): ReactElement {
  return (
    <p className="mt-1 text-small text-ink2">
      Guidance, by{' '}
      <Link className="underline" to={`/verdicts?find=${encodeURIComponent(VERDICT_USE_WORDS[use])}`}>
        the table of verdicts
      </Link>
      , which a lead may change.
    </p>
  );
}
