import type { ClassPage } from '@bent-pail/contract';
import { useQuery } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import { useParams } from 'react-router';
import { counted, day, fixed } from '../../kit/format';
import { Await } from '../../shared/Await';
import { figureAlone, figureShown, figureSign } from '../../shared/classes/figureShown';
import { OnPaper } from '../../shared/OnPaper';
import { classQuery } from '../../shared/resources/classes';
import { useSession } from '../../shared/useSession';
import { figureSeen, sheetOfClass, type FigureSeen, type GroupSeen } from '../classView';
import { classSentence, guessWords } from '../classWords';

/** A class on a page: what was found, how far groups lie apart, what to say of it, the answers. */
export function ReportPage(): ReactElement {
  const { id = '' } = useParams();
  const query = useQuery(classQuery(id));
  return (
    <Await query={query}>
      {(page) => (
        <OnPaper back={`/class/${id}`} backWords="Back to the class" label={`Report of ${page.name}`}>
          <Report page={page} />
        </OnPaper>
      )}
    </Await>
  );
}

function Report({ page }: { readonly page: ClassPage }): ReactElement {
  const { notebook } = useSession();
  const sheet = sheetOfClass(page);
  const seen = page.samples.flatMap((sample) => sheet.figures.map((figure) => figureSeen(page, sample, figure)));
  return (
    <>
      <header>
        <div>
          <h1>
            {page.name}: {page.plan.title}
          </h1>
          <p>
            {notebook.place}, {day(page.beganAt, notebook.zone)}. {counted(page.groups.length, 'group', 'groups')}, each
            measured {counted(page.plan.repeats, 'time', 'times')}
            {page.pot === undefined ? '' : `, in ${page.pot.name}`}.
          </p>
          <p>{page.plan.aim}</p>
        </div>
      </header>
      {page.samples.map((sample) => (
        <p key={sample.id}>
          Sample <b>{sample.code}</b>: {sample.lot}
        </p>
      ))}
      {seen
        .filter(({ groups }) => groups.some(hasSaid))
        .map((one) => (
          <FigureTable key={`${one.sample.id} ${one.figure.key}`} seen={one} times={page.plan.repeats} />
        ))}
      <Key page={page} seen={seen} />
    </>
  );
}

/** It measured or guessed. */
const hasSaid = ({ values, guess }: GroupSeen): boolean => values.length > 0 || guess !== undefined;

function FigureTable({ seen, times }: { readonly seen: FigureSeen; readonly times: number }): ReactElement {
  const { figure, sample, groups, result } = seen;
  const bench = sample.bench[figure.key];
  const sign = figureSign(figure);
  return (
    <section>
      <table>
        <thead>
          <tr>
            <th scope="col">
              {figure.label}
              {sign === '' ? '' : `, ${sign}`}, {sample.code}
            </th>
            {Array.from({ length: times }, (_, i) => (
              <th key={i} scope="col">
                {times === 1 ? 'Found' : `Time ${String(i + 1)}`}
              </th>
            ))}
            <th scope="col">Robust z</th>
            <th scope="col">Guess</th>
          </tr>
        </thead>
        <tbody>
          {groups.filter(hasSaid).map(({ id, number, byTime, robustZ, out, guess, scored }) => (
            <tr key={id}>
              <th scope="row">
                Group {number}
                {out !== undefined && <small>left out: {out}</small>}
              </th>
              {Array.from({ length: times }, (_, i) => (
                <td key={i}>
                  {byTime[i] === undefined ? '' : (figure.classes?.[byTime[i]] ?? figureAlone(figure, byTime[i]))}
                </td>
              ))}
              <td>{robustZ === undefined ? '' : fixed(robustZ, 1)}</td>
              <td>
                {guess === undefined
                  ? ''
                  : `${figureAlone(figure, guess.value)} ± ${figureAlone(figure, guess.margin)}`}
                {scored === undefined ? '' : `, ${guessWords(scored.isHonest)}`}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {figure.classes === undefined && <p className="sentence">{classSentence(seen)}</p>}
      {result.precision !== undefined && figure.classes === undefined && (
        <p>
          Within groups the standard deviation is {figureAlone(figure, result.precision.sr)}, between groups and within{' '}
          {figureAlone(figure, result.precision.sR)}
          {sign === '' ? '' : ` ${sign}`} (ISO 5725-2): r {figureAlone(figure, result.precision.r)}, R{' '}
          {figureAlone(figure, result.precision.R)}.
        </p>
      )}
      {bench !== undefined && (
        <p>
          The bench: {figureShown(figure, bench.value)}, {bench.how}. {figure.note}
        </p>
      )}
    </section>
  );
}

/** The questions with what a good answer says, from what was measured. */
function Key({ page, seen }: { readonly page: ClassPage; readonly seen: readonly FigureSeen[] }): ReactElement | null {
  if (page.plan.questions.length === 0) return null;
  return (
    <section className="mt-4">
      <h2>Questions, and what a good answer says</h2>
      <ol className="ml-5 list-decimal">
        {page.plan.questions.map(({ ask, answer, figure }) => (
          <li key={ask}>
            <b>{ask}</b> {answer} {figure !== undefined && <i>{measuredWords(seen, figure)}</i>}
          </li>
        ))}
      </ol>
    </section>
  );
}

/** What was measured of it here: the class's mean and the bench's value, sample by sample. */
function measuredWords(seen: readonly FigureSeen[], key: string): string {
  return seen
    .filter(({ figure, result }) => figure.key === key && result.summary !== undefined)
    .map(({ figure, sample, result }) => {
      const bench = sample.bench[key];
      const mean = figureShown(figure, result.summary?.mean ?? 0);
      return `Here: ${sample.code} ${mean}${bench === undefined ? '' : `, the bench ${figureShown(figure, bench.value)}`}.`;
    })
    .join(' ');
}
