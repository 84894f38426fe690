import type { GroupPage, RevealedFigure } from '@bent-pail/contract';
import { timesOf, valuesOf, type PupilFigure } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { counted } from '../kit/format';
import { figureShown } from '../shared/classes/figureShown';
import { Found } from './Found';
import type { SheetState } from './sheetState';

interface RevealedProps {
  readonly page: GroupPage;
  readonly state: SheetState;
}

/** What all found, what the bench says, and how the guess did; nobody else's name is in it. */
export function Revealed({ page, state }: RevealedProps): ReactElement {
  const times = timesOf(state.sheet, state.readings, page.repeats, page.pot?.volume_mL);
  return (
    <>
      <section className="flex flex-col gap-5 p-4" aria-labelledby="all-found">
        <h2 id="all-found" className="text-title leading-tight">
          What all found
        </h2>
        {state.sheet.figures.map((figure) => {
          const told = page.revealed?.find((one) => one.figure === figure.key && one.sampleId === state.sampleId);
          return told === undefined ? null : (
            <OneFigure
              key={figure.key}
              figure={figure}
              told={told}
              own={valuesOf(state.sheet, figure, times)}
              guess={state.guessed.get(figure.key)}
            />
          );
        })}
        {page.questions.length > 0 && (
          <div>
            <h3 className="text-lead">To talk about</h3>
            <ol className="ml-5 list-decimal">
              {page.questions.map((ask) => (
                <li key={ask} className="py-1 text-body">
                  {ask}
                </li>
              ))}
            </ol>
          </div>
        )}
      </section>
      <Found page={page} state={state} onCell={undefined} />
    </>
  );
}

interface OneFigureProps {
  readonly figure: PupilFigure;
  readonly told: RevealedFigure;
  readonly own: readonly number[];
  readonly guess: { readonly value: number; readonly margin: number } | undefined;
}

function OneFigure({ figure, told, own, guess }: OneFigureProps): ReactElement {
  const shown = (value: number): string => figureShown(figure, value);
  return (
    <article className="border-t-[3px] border-ink pt-2">
      <h3 className="text-lead">{figure.label}</h3>
      <dl className="mt-1 grid grid-cols-[auto_1fr] gap-x-4 gap-y-1 text-body">
        {own.length > 0 && (
          <>
            <dt className="text-ink2">you</dt>
            <dd className="figure">{own.map(shown).join(' and ')}</dd>
          </>
        )}
        {told.class !== undefined && (
          <>
            <dt className="text-ink2">the class</dt>
            <dd className="figure">
              {shown(told.class.mean)}
              {told.class.band !== undefined && `, ${shown(told.class.band[0])} to ${shown(told.class.band[1])}`}, of{' '}
              {counted(told.class.n, 'group', 'groups')}
            </dd>
          </>
        )}
        {told.bench !== undefined && (
          <>
            <dt className="text-ink2">the bench</dt>
            <dd>
              <span className="figure">{shown(told.bench.value)}</span>{' '}
              <small className="text-ink2">
                {told.bench.how}. {figure.note}
              </small>
            </dd>
          </>
        )}
        {guess !== undefined && (
          <>
            <dt className="text-ink2">your guess</dt>
            <dd>
              <span className="figure">
                {shown(guess.value)} ± {figureShown({ ...figure, digits: Math.min(figure.digits, 1) }, guess.margin)}
              </span>
              {told.guess !== undefined && (
                <b className="block">
                  {told.guess.isHonest ? 'Honest: it holds the value.' : 'Too sure: the value lies outside.'} Place{' '}
                  {told.guess.place} of {told.guess.of}.
                </b>
              )}
            </dd>
          </>
        )}
      </dl>
      {told.all.length > 1 && (
        <p className="figure mt-1 text-small text-ink2">All groups: {told.all.map(shown).join(' · ')}</p>
      )}
    </article>
  );
}
