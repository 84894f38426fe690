import { property, type SweepPoint } from '@bent-pail/core';
import { useMemo, useState, type ReactElement } from 'react';
import { useSession } from '../../shared/useSession';
import { ofProperty, unitOf } from '../../shared/units/ofProperty';
import { Chart } from '../../shared/chart/Chart';
import { fixed } from '../../kit/format';
import type { DeskView } from '../desk/deskView';
import { useThought, type Question } from '../../shared/thinking/useThought';
import { Thinking } from '../../shared/thinking/Thinking';
import { sweepChart, SWEPT, type SweptKey } from './sweepChart';
import { Choice } from '../../kit/Choice';

/** One line swept from none to all of it: four charts with the use's window shaded. */
export function Sweep({ view }: { readonly view: DeskView }): ReactElement {
  const { used, input } = view;
  const [asked, setAsked] = useState<string>();
  const line = Math.max(
    0,
    used.findIndex(({ lotId }) => lotId === asked),
  );
  const ask = useMemo(
    (): Question<SweepPoint[]> | undefined => (used.length < 2 ? undefined : (thinker) => thinker.sweep(input, line)),
    [used.length, input, line],
  );
  const thought = useThought(ask);
  const points = thought.answer;
  if (used.length < 2) return <p className="text-ink2 mt-2">A sweep needs a second lot in the recipe.</p>;
  const whole = used.reduce((sum, { parts }) => sum + parts, 0);
  const now = (used[line]?.parts ?? 0) / whole;
  return (
    <section aria-label="Sweep">
      <h2 className="flex flex-wrap items-baseline gap-3">
        From none to all of{' '}
        <Choice
          label="Line to sweep"
          look="unseen"
          className="font-normal"
          value={used[line]?.lotId ?? ''}
          options={used.map(({ lotId, lot }) => ({ key: lotId, words: lot.name }))}
          onChange={setAsked}
        />
        <small>
          the others keep their proportions; dashed is the recipe, {fixed(100 * now, 0)} %
          {view.profile === undefined ? '' : '; shaded is the window'}
        </small>
      </h2>
      <Thinking thought={thought} quiet />
      <div className="mt-2 mb-3.5 grid grid-cols-4 gap-3.5 *:min-w-0 max-[1000px]:grid-cols-2">
        {SWEPT.map((key) => (
          <SweepChart key={key} name={key} points={points} view={view} now={now} />
        ))}
      </div>
    </section>
  );
}

interface SweepChartProps {
  readonly name: SweptKey;
  readonly points: readonly SweepPoint[] | undefined;
  readonly view: DeskView;
  readonly now: number;
}

function SweepChart({ name, points, view, now }: SweepChartProps): ReactElement {
  const target = view.profile?.targets.find((one) => one.property === name);
  const known = points?.some(({ figures }) => figures[name] !== undefined) ?? false;
  const options = useMemo(
    () => sweepChart({ points: points ?? [], key: name, target, now }),
    [points, name, target, now],
  );
  const { notebook } = useSession();
  const { label } = property(name);
  if (points === undefined || !known)
    return (
      <p className="text-ink2 text-small">
        {label}: {points === undefined ? 'one moment.' : 'not known for all parts.'}
      </p>
    );
  const [first, last] = [points[0]?.figures[name] ?? 0, points.at(-1)?.figures[name] ?? 0];
  return (
    <Chart
      title={
        <>
          <b>{label}</b> <span className="text-ink2 figure">{unitOf(name, notebook.currency).sign}</span>
        </>
      }
      says={`${label} from ${ofProperty(name, first, 2)} with none of it to ${ofProperty(name, last, 2)} with nothing else.`}
      height={140}
      options={options}
    />
  );
}
