import { termOf, type PropertyKey } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { Link } from 'react-router';
import { Popover } from '../../kit/Popover';
import { TermPicture } from './TermPicture';

interface TermLabelProps {
  readonly of: PropertyKey;
  readonly words: string;
}

/** The name of a figure; a press says what it means and why it matters. */
export function TermLabel({ of, words }: TermLabelProps): ReactElement {
  const term = termOf(of);
  if (term === undefined) return <>{words}</>;
  return (
    <Popover opener={words} look="word">
      <div className="flex gap-3">
        <span className="shrink-0">
          <TermPicture picture={term.picture} size={72} />
        </span>
        <div className="min-w-0 text-small">
          <p className="text-body font-semibold">{term.term}</p>
          <p className="mt-1">{term.plain}</p>
          <p className="mt-1 text-ink2">{term.why}</p>
          <p className="mt-1">
            <Link to="/words">All words</Link>
          </p>
        </div>
      </div>
    </Popover>
  );
}
