import { stepsOf } from '@bent-pail/core';
import { useMemo, type ReactElement } from 'react';
import { useMedia } from '../../kit/useMedia';
import { Chart } from '../../shared/chart/Chart';
import { Figure } from '../../shared/Figure';
import { figureAlone, figureShown, figureSign } from '../../shared/classes/figureShown';
import { classWorkings, type FigureSeen } from '../classView';
import { classSentence, guessWords } from '../classWords';
import { dotChart, MANY_GROUPS } from './dotChart';

interface DotsProps {
  readonly seen: FigureSeen;
  readonly isRevealed: boolean;
  readonly onPick: (groupId: string) => void;
}

/** Height of a row: as a rule, on a large wall, of many groups. */
const ROW_px = { usual: 30, large: 62, many: 16 } as const;
/** From here on a screen is a projector's. */
const LARGE = '(min-width: 1600px)';

/** The class's dots, its mean with its band, and after the reveal the bench's value and the guesses. */
export function Dots({ seen, isRevealed, onPick }: DotsProps): ReactElement {
  const { figure, sample, result, groups } = seen;
  const isLarge = useMedia(LARGE);
  const options = useMemo(() => dotChart(seen, { isRevealed, isLarge }), [seen, isRevealed, isLarge]);
  const bench = isRevealed ? sample.bench[figure.key] : undefined;
  const sign = figureSign(figure);
  const row = groups.length > MANY_GROUPS ? ROW_px.many : isLarge ? ROW_px.large : ROW_px.usual;
  const height = 70 + groups.length * row;
  return (
    <>
      <Chart
        title={`${figure.label}${sign === '' ? '' : `, ${sign}`}, sample ${sample.code}, a row for each group`}
        says={`${figure.label} by group. ${classSentence(seen)}`}
        height={Math.max(260, height)}
        options={options}
        onPick={onPick}
      />
      <p className="text-lead leading-snug font-semibold min-[1600px]:text-title">{classSentence(seen)}</p>
      <ClassFigures seen={seen} />
      {bench !== undefined && (
        <p className="text-lead">
          The bench:{' '}
          <Figure
            label={`${figure.label}, the bench`}
            value={bench.value / (figure.times ?? 1)}
            digits={figure.digits}
            {...(figure.times === undefined ? { unit: figure.unit } : { percent: true as const })}
            {...(figure.classes === undefined ? {} : { words: figureShown(figure, bench.value) })}
            origin={bench.origin}
            working={bench.working}
          />{' '}
          <small className="text-ink2">
            {bench.how}. {figure.note}
          </small>
        </p>
      )}
      {isRevealed && <Guesses seen={seen} />}
      {result.summary === undefined && !isOnlyGuessed(figure) && (
        <p className="text-lead text-ink2">Dots appear here as the groups keep their readings.</p>
      )}
    </>
  );
}

/** Nobody measures it in a lesson. */
const isOnlyGuessed = (figure: FigureSeen['figure']): boolean => stepsOf(figure).length === 0;

/** Mean, repeatability and reproducibility, each with its working. */
function ClassFigures({ seen }: { readonly seen: FigureSeen }): ReactElement | null {
  const { figure, result } = seen;
  const { summary, precision } = result;
  if (summary === undefined || figure.classes !== undefined) return null;
  const workings = classWorkings(seen);
  const sign = figureSign(figure);
  const shown = {
    digits: figure.digits,
    unit: figure.unit === '%' ? '' : figure.unit,
    sign,
    origin: 'measured',
  } as const;
  return (
    <dl className="flex flex-wrap gap-x-8 gap-y-1 text-body min-[1600px]:text-lead">
      <div className="flex items-baseline gap-2">
        <dt className="text-ink2">class mean</dt>
        <dd>
          <Figure label={`${figure.label}, class mean`} value={summary.mean} working={workings.mean()} {...shown} />
        </dd>
      </div>
      {precision !== undefined && (
        <>
          <div className="flex items-baseline gap-2">
            <dt className="text-ink2">r, within a group</dt>
            <dd>
              <Figure label={`${figure.label}, r`} value={precision.r} working={workings.of('r')} {...shown} />
            </dd>
          </div>
          <div className="flex items-baseline gap-2">
            <dt className="text-ink2">R, between groups</dt>
            <dd>
              <Figure label={`${figure.label}, R`} value={precision.R} working={workings.of('R')} {...shown} />
            </dd>
          </div>
        </>
      )}
    </dl>
  );
}

/** Guesses, the best first: near, and honest. */
function Guesses({ seen: { figure, groups } }: { readonly seen: FigureSeen }): ReactElement | null {
  const guessed = groups
    .filter((group) => group.place !== undefined && group.guess !== undefined)
    .sort((a, b) => (a.place ?? 0) - (b.place ?? 0));
  if (guessed.length === 0) return null;
  return (
    <section aria-label="Guesses">
      <h2 className="text-lead">Guesses, the best first</h2>
      <ol className="mt-1 flex flex-wrap gap-x-6 gap-y-1 text-body min-[1600px]:text-lead">
        {guessed.map(({ id, number, place, guess, scored }) => (
          <li key={id}>
            <b className="figure">{place}.</b> group {number}:{' '}
            <span className="figure">
              {figureShown(figure, guess?.value ?? 0)} ± {figureShown(figure, guess?.margin ?? 0)}
            </span>
            {scored !== undefined && `, ${figureAlone(figure, scored.off)} off, ${guessWords(scored.isHonest)}`}
          </li>
        ))}
      </ol>
    </section>
  );
}
