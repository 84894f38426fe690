import type { Verdict } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { Grade } from './Grade';
import { foundWords, judgedName, limitWords, unlessWords } from './verdictWords';

/** Verdicts one below the other: the word, what was found, why, and what would turn it. */
export function VerdictRows({ verdicts }: { readonly verdicts: readonly Verdict[] }): ReactElement {
  return (
    <ul className="mt-1.5 border-t border-zinc2">
      {verdicts.map((verdict) => (
        <li key={verdict.property} className="flex gap-3 border-b border-zinc2 py-1.5 text-small">
          <span className="shrink-0">
            <Grade says={verdict.says} />
          </span>
          <span className="min-w-0">
            <b>{judgedName(verdict.property)}</b>{' '}
            <span className={verdict.word === undefined ? 'figure' : ''}>{foundWords(verdict)}</span>.{' '}
            {verdict.line.because} {limitWords(verdict)} <span className="text-ink2">{unlessWords(verdict)}</span>
          </span>
        </li>
      ))}
    </ul>
  );
}
