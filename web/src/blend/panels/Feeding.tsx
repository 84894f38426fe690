import { feedingMethod, potOutlook, type Feed, type FeedingResult, type NutrientsResult } from '@bent-pail/core';
import { useMemo, useState, type ReactElement } from 'react';
import { plainTooltip, ruleAxis } from '../../shared/chart/axes';
import { Chart } from '../../shared/chart/Chart';
import { Choice } from '../../kit/Choice';
import { Field } from '../../kit/Field';
import { Figure } from '../../shared/Figure';
import { fixed } from '../../kit/format';
import { useSession } from '../../shared/useSession';
import { serverNow } from '../../shared/serverClock';
import type { DeskView } from '../desk/deskView';
import { fedAndUnfed, feedJobs, feedOf, firstPlan, HORIZON_D, type FedAndUnfed, type FeedPlan } from './planFeed';
import { PlanJobs } from './PlanJobs';
import { potQuestion } from './potQuestion';
import { useStand } from '../../shared/pot/standStore';
import { Rows } from '../../kit/Rows';
import type { Draw } from '../../shared/chart/options';

const KINDS = [
  { key: 'liquid', words: 'in water, again and again' },
  { key: 'coated', words: 'coated, mixed in' },
  { key: 'top-dress', words: 'on top' },
] as const;

interface FeedingProps {
  readonly view: DeskView;
  readonly found: NutrientsResult;
}

/** A plan to feed by: nitrogen of one pot from day to day, with it and without, and the feeds into Today. */
export function Feeding({ view, found }: FeedingProps): ReactElement {
  const { notebook } = useSession();
  const { stand } = useStand();
  const { medium_L } = potOutlook(potQuestion(view.input, view.result, stand));
  const need = { daily_mg: found.uptake_mgLd * medium_L, lasts_d: found.days ?? 0 };
  const [changed, setPlan] = useState<FeedPlan>();
  const [kind, setKind] = useState<Feed['kind']>('liquid');
  const plan = changed ?? firstPlan(kind, need);
  const { strength, amount, days, first } = plan;
  const feed = useMemo(
    () => feedOf({ kind: plan.kind, strength, amount, days, first }),
    [plan.kind, strength, amount, days, first],
  );
  const { water } = view.result.result;
  const { available_mgL, drawdown_mgL, uptake_mgLd } = found;
  const both = useMemo(
    () =>
      feed === undefined
        ? undefined
        : fedAndUnfed(
            {
              medium_L,
              water_mL: 1000 * medium_L * water,
              start_mgL: available_mgL ?? 0,
              drawdown_mgL,
              uptake_mgLd,
              drained_mLperD: Number(plan.drained.replace(',', '.')) || 0,
            },
            feed,
          ),
    [feed, medium_L, water, available_mgL, drawdown_mgL, uptake_mgLd, plan.drained],
  );
  const set = (change: Partial<FeedPlan>): void => {
    setPlan({ ...plan, ...change });
  };
  const liquid = plan.kind === 'liquid';
  return (
    <section aria-label="Feeding">
      <h2 className="mt-5">
        Feeding one pot <small>{available_mgL === undefined ? 'beginning with none, as there is no report' : ''}</small>
      </h2>
      <div className="mt-1 grid grid-cols-3 items-end gap-2">
        <Choice
          label="How"
          value={plan.kind}
          options={KINDS}
          onChange={(next) => {
            setKind(next);
            setPlan(undefined);
          }}
          className="col-span-3"
        />
        <Field
          label={liquid ? 'Nitrogen, mg/L' : 'Nitrogen, %'}
          mode="decimal"
          value={plan.strength}
          onChange={(strength) => {
            set({ strength });
          }}
        />
        <Field
          label={liquid ? 'mL to a pot' : 'g to a pot'}
          mode="decimal"
          value={plan.amount}
          onChange={(amount) => {
            set({ amount });
          }}
        />
        <Field
          label={liquid ? 'Every, days' : 'It lasts, days'}
          mode="decimal"
          value={plan.days}
          onChange={(days) => {
            set({ days });
          }}
        />
        <Field
          label="First on day"
          mode="decimal"
          value={plan.first}
          onChange={(first) => {
            set({ first });
          }}
        />
        <Field
          label="Drains, mL a day"
          mode="decimal"
          value={plan.drained}
          onChange={(drained) => {
            set({ drained });
          }}
        />
      </div>
      {both === undefined || feed === undefined ? (
        <p className="text-ink2 mt-2">Fill in the plan to see what it does.</p>
      ) : (
        <>
          <FeedingChart fed={both.fed} unfed={both.unfed} />
          <p className="text-small">
            {shortSaid(both.unfed, 'Unfed')} {shortSaid(both.fed, 'With the plan')} Its salt reaches{' '}
            <span className="figure">{fixed(Math.max(...both.fed.days.map((day) => day.ecRise_dSm)), 2)} dS/m</span>{' '}
            above the blend’s own.
          </p>
          <Sums both={both} />
          <PlanJobs
            words="Put the next feeds into Today"
            done="They stand in Today"
            plan={JSON.stringify([view.name, feed])}
            jobs={() => feedJobs(feed, both.fed, view.name === '' ? 'a new blend' : view.name, serverNow(), notebook)}
          />
        </>
      )}
    </section>
  );
}

const SUMS = [
  ['given_mg', 'Given'],
  ['taken_mg', 'Taken by the plant'],
  ['drawn_mg', 'Taken by decay'],
  ['drained_mg', 'Drained off'],
  ['left_mg', 'Left'],
] as const;

/** Where the nitrogen of one pot went, each with its working. */
function Sums({ both }: { readonly both: FedAndUnfed }): ReactElement {
  return (
    <Rows className="mt-1">
      <tbody>
        {SUMS.map(([pick, words]) => (
          <tr key={pick}>
            <th scope="row">
              {words} <small>in {HORIZON_D} days</small>
            </th>
            <td>
              <Figure
                label={words}
                value={both.fed[pick]}
                digits={0}
                unit="mg"
                origin="worked-out"
                working={feedingMethod.working('sum', both.input, { pick })}
              />
            </td>
          </tr>
        ))}
      </tbody>
    </Rows>
  );
}

function shortSaid({ short_d }: FeedingResult, who: string): string {
  return short_d === undefined ? `${who} it never runs short.` : `${who} it runs short on day ${String(short_d)}.`;
}

/** Nitrogen left, with the plan in ink and without it dotted. */
function feedingChart(fed: FeedingResult, unfed: FeedingResult): Draw {
  const most = Math.max(10, ...fed.days.map((day) => day.left_mgL), ...unfed.days.map((day) => day.left_mgL));
  const top = Math.ceil(most / 50) * 50;
  const line = ({ days }: FeedingResult): number[][] => days.map(({ day, left_mgL }) => [day, left_mgL]);
  return (ink) => ({
    grid: { left: 38, right: 12, top: 8, bottom: 24 },
    xAxis: ruleAxis(ink, { min: 0, max: HORIZON_D, interval: 60, format: (v) => `${String(v)} d` }),
    yAxis: ruleAxis(ink, { min: 0, max: top, interval: top / 2, format: (v) => fixed(v, 0) }),
    tooltip: plainTooltip(ink, (at) => {
      const day = Math.round(at);
      return `day ${String(day)}: ${fixed(fed.days[day]?.left_mgL ?? 0, 0)} mg/L fed, ${fixed(unfed.days[day]?.left_mgL ?? 0, 0)} unfed`;
    }),
    series: [
      { type: 'line', data: line(fed), symbol: 'none', lineStyle: { color: ink.ink, width: 2 } },
      { type: 'line', data: line(unfed), symbol: 'none', lineStyle: { color: ink.ink, width: 2, type: 'dotted' } },
    ],
  });
}

function FeedingChart({ fed, unfed }: { readonly fed: FeedingResult; readonly unfed: FeedingResult }): ReactElement {
  const options = useMemo(() => feedingChart(fed, unfed), [fed, unfed]);
  return (
    <Chart
      title={
        <>
          <b>Nitrogen left</b> <span className="text-ink2">mg to a litre; dotted without the plan</span>
        </>
      }
      says={`Nitrogen left over ${String(HORIZON_D)} days: ${fixed(fed.days.at(-1)?.left_mgL ?? 0, 0)} mg/L at the end with the plan.`}
      height={140}
      options={options}
    />
  );
}
