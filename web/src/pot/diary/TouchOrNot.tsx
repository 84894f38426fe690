import type { FilledPotPage } from '@bent-pail/contract';
import { POT_ACT_WORDS, POT_SIGNS, watchDiary, type DiaryLine, type PotAdvice } from '@bent-pail/core';
import { useMemo, type ReactElement } from 'react';
import { Notice } from '../../kit/Notice';
import { day, dueTime, fixed } from '../../kit/format';
import { serverNow } from '../../shared/serverClock';
import { amount, told } from '../../shared/units/mine';
import { useSession } from '../../shared/useSession';
import type { Taught } from './useTaught';

interface TouchOrNotProps extends Taught {
  readonly page: FilledPotPage;
}

/** Touch it or not: what is best done with it, why, and which lines of its diary say so. */
export function TouchOrNot({ page, medium, recipe, there, asked, thought }: TouchOrNotProps): ReactElement | null {
  const { notebook } = useSession();
  const { answer } = thought;
  const isReady = medium !== undefined && (asked === undefined || answer !== undefined);
  const watch = useMemo(
    () =>
      isReady
        ? watchDiary({ ...page, ...there, medium, ...(recipe === undefined ? {} : { recipe }) }, serverNow(), answer)
        : undefined,
    [page, medium, recipe, there, answer, isReady],
  );
  if (watch === undefined || page.emptiedAt !== undefined) return null;
  const { advice, food } = watch;
  return (
    <section aria-label="Touch it or not" className="mt-5">
      <h2>Touch it or not</h2>
      <ul>
        {advice.map((one) => (
          <li key={`${one.act}${one.message}`} className="border-b border-zinc2 py-1.5">
            <Advised advice={one} zone={notebook.zone} />
          </li>
        ))}
      </ul>
      <p className="mt-1 text-small text-ink2">
        {food === undefined ? (
          'Of its food nothing is known: no report of its parts, and no feed with its nitrogen.'
        ) : (
          <>
            Nitrogen left: about <span className="figure">{amount(food.left_mgL, 'mg/L', 0)}</span>, of which it takes{' '}
            <span className="figure">{amount(food.uptake_mgLd, 'mg/L', 1)}</span> a day; about{' '}
            <span className="figure">{fixed(100 * food.drainedShare, 0)} %</span> of its water runs through.
          </>
        )}
      </p>
    </section>
  );
}

function Advised({ advice, zone }: { readonly advice: PotAdvice; readonly zone: string }): ReactElement {
  const { act, message, evidence, at_ms } = advice;
  const text = (
    <>
      <b>{POT_ACT_WORDS[act]}</b>
      {at_ms !== undefined && <span className="figure"> {dueTime(at_ms, serverNow(), zone)}</span>}. {told(message)}{' '}
      {evidence.map((line) => (
        <span key={line.at} className="text-small text-ink2">
          ({day(line.at, zone)}: {seenWords(line)}){' '}
        </span>
      ))}
    </>
  );
  return act === 'discard' ? <Notice className="p-2">{text}</Notice> : <p>{text}</p>;
}

/** What a line saw, in words. */
export const seenWords = ({ signs = [] }: Pick<DiaryLine, 'signs'>): string =>
  POT_SIGNS.filter(({ key }) => signs.includes(key))
    .map(({ words }) => words)
    .join(', ');
