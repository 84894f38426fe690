import { Sideways } from '../../kit/Sideways';
import { doesItsJob, JOB_FIGURE, JOB_WORDS, property, type LineEffect } from '@bent-pail/core';
import { useMemo, type ReactElement } from 'react';
import { amount } from '../../shared/units/mine';
import { changeOf } from '../../shared/units/ofProperty';
import { fixed } from '../../kit/format';
import type { DeskView } from '../desk/deskView';
import type { LineAnswer } from '../../shared/thinking/thinks';
import { useThought, type Question } from '../../shared/thinking/useThought';
import { Thinking } from '../../shared/thinking/Thinking';
import { Rows } from '../../kit/Rows';

const SHOWN = ['air', 'water', 'bulkDensity_gcc', 'pH', 'ec_dSm', 'pricePerL'] as const;

/** What each line does: the blend with it less the blend without it, and whether that is what it is in for. */
export function LinesPanel({ view }: { readonly view: DeskView }): ReactElement {
  const { used, input, profile, recipe } = view;
  const limit = profile?.targets.find(({ property: key }) => key === 'ec_dSm')?.limits[1] ?? undefined;
  const ask = useMemo((): Question<LineAnswer[]> => (thinker) => thinker.lines(input, limit), [input, limit]);
  const thought = useThought(ask);
  const answers = thought.answer;
  return (
    <section aria-label="What each line does">
      <h2>
        What each line does <small>the blend with it, less the blend without it</small>
      </h2>
      <Sideways label="Each line with its job">
        <Rows className="mt-1">
          <thead>
            <tr>
              <th scope="col">Line</th>
              {SHOWN.map((key) => (
                <th key={key} scope="col">
                  {property(key).label.split(',')[0]}
                </th>
              ))}
              <th scope="col" className="text-left pl-4">
                its job
              </th>
            </tr>
          </thead>
          <tbody>
            {used.map(({ lotId, lot }, i) => {
              const effect = answers?.[i]?.effect;
              const job = recipe.lines.find((line) => line.lotId === lotId)?.job;
              return (
                <tr key={lotId}>
                  <th scope="row">{lot.name}</th>
                  {SHOWN.map((key) => (
                    <td key={key} className="figure">
                      {effect?.[key] === undefined
                        ? '·'
                        : changeOf(key, effect[key], Math.min(2, property(key).digits))}
                    </td>
                  ))}
                  <td className="text-left pl-4">
                    {job === undefined ? (
                      <span className="text-ink2">not said</span>
                    ) : (
                      <JobDone job={job} effect={effect} />
                    )}
                  </td>
                </tr>
              );
            })}
          </tbody>
        </Rows>
      </Sideways>
      <Thinking thought={thought} quiet />
      {limit !== undefined && answers !== undefined && <Salty view={view} limit={limit} answers={answers} />}
      <p className="text-ink2 mt-2 text-small">
        Say under “more” what a line is there to do, and it is checked against these numbers.
      </p>
    </section>
  );
}

function JobDone({
  job,
  effect,
}: {
  readonly job: keyof typeof JOB_FIGURE | 'look' | 'nutrient store';
  readonly effect: LineEffect | undefined;
}): ReactElement {
  const done = effect === undefined ? undefined : doesItsJob(job, effect);
  const figure = JOB_FIGURE[job]?.property;
  if (done === undefined) return <>{JOB_WORDS[job]}, which no figure here can check</>;
  return done ? (
    <>{JOB_WORDS[job]}: it does</>
  ) : (
    <b>
      {JOB_WORDS[job]}: it does not; {figure === undefined ? '' : property(figure).label.toLowerCase()} hardly moves
    </b>
  );
}

interface SaltyProps {
  readonly view: DeskView;
  readonly limit: number;
  readonly answers: readonly LineAnswer[];
}

/** Salty lines and how much of them the use's limit allows. */
function Salty({ view, limit, answers }: SaltyProps): ReactElement | null {
  const whole = view.used.reduce((sum, { parts }) => sum + parts, 0);
  const salty = view.used.flatMap(({ lot, parts }, i) => {
    const share = answers[i]?.most;
    return share === undefined ? [] : [{ lot, share, now: parts / whole }];
  });
  if (salty.length === 0) return null;
  return (
    <ul className="mt-2 text-small">
      {salty.map(({ lot, share, now }) => (
        <li key={lot.id} className={now > share ? 'border-[1.5px] border-ink bg-paper text-small my-1 px-2 py-1' : ''}>
          Of {lot.name} at most <b className="figure">{fixed(100 * share, 0)} %</b> before the blend passes{' '}
          <span className="figure">{amount(limit, 'dS/m', 2)}</span>; it has{' '}
          <span className="figure">{fixed(100 * now, 0)} %</span>.
        </li>
      ))}
    </ul>
  );
}
