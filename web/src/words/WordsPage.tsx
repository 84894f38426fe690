import { property, TERMS, type Term } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { ListBar } from '../shared/lists/ListBar';
import { useAsked } from '../shared/lists/useAsked';
import { TitleBlock } from '../shared/TitleBlock';
import { TermPicture } from '../shared/words/TermPicture';

const figuresOf = ({ of = [] }: Term): string => [...new Set(of.map((key) => property(key).label))].join(', ');

/** Whether every word of a question is in what a term says. */
function answers(term: Term, question: string): boolean {
  const text = `${term.term} ${term.plain} ${term.why} ${figuresOf(term)}`.toLowerCase();
  return question
    .toLowerCase()
    .split(/\s+/)
    .every((word) => text.includes(word));
}

/** The words of the trade: what each means in plain words, why it matters, what it looks like. */
export function WordsPage(): ReactElement {
  const [asked, ask] = useAsked(['find']);
  const find = asked.find ?? '';
  const found = TERMS.filter((term) => answers(term, find));
  return (
    <main>
      <TitleBlock title="Words" line="What the figures mean, in plain words, and why anybody would care." />
      <ListBar
        find={find}
        placeholder="air, salt, ripe"
        onFind={(next) => {
          ask('find', next);
        }}
      />
      {found.length === 0 && <p className="p-5">No word here says that.</p>}
      <ul className="grid gap-x-8 px-5 pb-5 md:grid-cols-2 xl:grid-cols-3">
        {found.map((term) => (
          <li key={term.key} className="flex gap-3 border-b border-zinc2 py-2">
            <span className="shrink-0">
              <TermPicture picture={term.picture} size={64} />
            </span>
            <div className="min-w-0">
              <h2 className="text-head font-semibold">{term.term}</h2>
              <p className="text-small">
                {term.plain} <span className="text-ink2">{term.why}</span>
                {term.of !== undefined && <small className="block text-ink2">{figuresOf(term)}</small>}
              </p>
            </div>
          </li>
        ))}
      </ul>
    </main>
  );
}
