import type { Silence } from '@bent-pail/core';
import { useState, type ReactElement } from 'react';
import { Button } from '../../kit/Button';
import { CopyButton } from '../../kit/CopyButton';
import { DateField } from '../../kit/DateField';
import { Field } from '../../kit/Field';
import { LongField } from '../../kit/LongField';
import { useWorks } from '../../shared/useSession';
import { answerTo, type DraftAnswer, type SheetDraft } from './sheetDraft';

interface SilencesProps {
  readonly silent: readonly Silence[];
  readonly draft: SheetDraft;
  readonly name: string;
  readonly onAnswers: (answers: readonly DraftAnswer[]) => void;
}

/** The questions as they can be sent. */
export const letterFor = (name: string, silent: readonly Silence[]): string =>
  [
    `About ${name}:`,
    ...silent.filter(({ saidBy }) => saidBy === undefined).map(({ should }, i) => `${String(i + 1)}. ${should.ask}`),
  ].join('\n');

/** What such a product should say: what its label says, what was answered, and the questions that are left. */
export function Silences({ silent, draft, name, onAnswers }: SilencesProps): ReactElement | null {
  const works = useWorks();
  const [shows, setShows] = useState(false);
  if (silent.length === 0) return null;
  const open = silent.filter(({ saidBy }) => saidBy === undefined);
  const said = silent.filter(({ saidBy }) => saidBy === 'label');
  const change = (answer: DraftAnswer): void => {
    onAnswers([...draft.answers.filter(({ key }) => key !== answer.key), answer]);
  };
  const asked = silent.filter(({ saidBy }) => saidBy !== 'label');
  return (
    <section aria-label="What it does not say" className="border-t-[3px] border-ink px-5 py-4">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <h2>
          What it does not say{' '}
          <small>
            {open.length} of {silent.length} things that such a product should say
          </small>
        </h2>
        {open.length > 0 && (
          <Button
            onClick={() => {
              setShows(!shows);
            }}
          >
            {shows ? 'Put the letter away' : 'The questions as a letter'}
          </Button>
        )}
      </div>
      {shows && (
        <div className="mt-2 max-w-[70ch]">
          <LongField
            label="To copy, print or send"
            value={letterFor(name, silent)}
            rows={open.length + 2}
            onChange={nothing}
          />
          <CopyButton text={letterFor(name, silent)} words="Copy it" className="mt-1" />
        </div>
      )}
      <ul className="mt-2">
        {asked.map(({ should, saidBy }) => {
          const answer = answerTo(draft, should.key);
          return (
            <li
              key={should.key}
              className="grid grid-cols-[minmax(0,1fr)] gap-x-6 gap-y-2 border-t border-zinc3 py-2 min-[900px]:grid-cols-[minmax(0,1fr)_minmax(0,1.4fr)]"
            >
              <span>
                <b className="inline-block first-letter:uppercase">{should.what}</b>
                <small className="block">{should.because}</small>
                <span className="text-small">{should.ask}</span>
              </span>
              {works ? (
                <span className="flex flex-wrap items-end gap-3">
                  <DateField
                    label="Asked on"
                    value={answer.askedOn}
                    onChange={(askedOn) => {
                      change({ ...answer, askedOn });
                    }}
                  />
                  <Field
                    label={saidBy === 'answer' ? 'Answered' : 'Answer'}
                    value={answer.said}
                    onChange={(words) => {
                      change({ ...answer, said: words });
                    }}
                    className="min-w-40 flex-1"
                  />
                  <DateField
                    label="On"
                    value={answer.saidOn}
                    onChange={(saidOn) => {
                      change({ ...answer, saidOn });
                    }}
                  />
                </span>
              ) : (
                <span className="text-small">{answer.said === '' ? 'not answered' : answer.said}</span>
              )}
            </li>
          );
        })}
      </ul>
      {said.length > 0 && (
        <p className="mt-2 text-small text-ink2">
          Said on the label: {said.map(({ should }) => should.what).join('; ')}.
        </p>
      )}
    </section>
  );
}

const nothing = (): void => undefined;
