import { dryDownMethod, type AskedOfWeights, type DryDownResult } from '@bent-pail/core';
import { useMemo, type ReactElement } from 'react';
import { dueTime, fixed } from '../../kit/format';
import { Chart } from '../../shared/chart/Chart';
import { Figure } from '../../shared/Figure';
import { serverNow } from '../../shared/serverClock';
import { Thinking } from '../../shared/thinking/Thinking';
import { amount } from '../../shared/units/mine';
import { useSession } from '../../shared/useSession';
import type { Taught } from './useTaught';
import { weightsChart } from './weightsChart';

/** What the weights of a pot teach: what it uses, what it weighs drained, when to water it next. */
export function Weights({ asked, thought }: Pick<Taught, 'asked' | 'thought'>): ReactElement {
  return (
    <section aria-label="What its weights teach">
      <h2>What its weights teach</h2>
      {asked === undefined ? (
        <p className="text-ink2">
          Weigh it some hours after a watering, and again before the next: from the second weight on it tells what it
          uses and when it is due.
        </p>
      ) : (
        <>
          <Thinking thought={thought} />
          {thought.answer !== undefined && <TaughtByThem asked={asked} found={thought.answer} />}
        </>
      )}
    </section>
  );
}

interface TaughtByThemProps {
  readonly asked: AskedOfWeights;
  readonly found: DryDownResult;
}

const DAY_MS = 24 * 3600 * 1000;

function TaughtByThem({ asked, found }: TaughtByThemProps): ReactElement {
  const { notebook } = useSession();
  const { input, from_ms } = asked;
  const dueAt = from_ms + (found.next?.at_d ?? 0) * DAY_MS;
  const chart = useMemo(() => weightsChart(found), [found]);
  const at = (day: number): string => dueTime(from_ms + day * DAY_MS, serverNow(), notebook.zone);
  const { next } = found;
  return (
    <>
      <p className="text-head" aria-live="polite">
        {next === undefined ? (
          'Half of what it can give is not gone within forty days.'
        ) : dueAt <= serverNow() ? (
          <b>Half of what it can give is gone since {at(next.at_d)}: water it now.</b>
        ) : (
          <>
            <b>Next watering {at(next.at_d)}</b>, between {at(next.band[0])} and {at(next.band[1])}, when half of what
            it can give is gone.
          </>
        )}
      </p>
      <p className="mt-1">
        It uses{' '}
        <Figure
          label="Demand"
          value={found.demand_mmPerD}
          digits={1}
          unit="mm"
          origin="worked-out"
          working={dryDownMethod.working('demand', input)}
        />{' '}
        a day ({fixed(found.demand[0], 1)} to {fixed(found.demand[1], 1)}), and weighs{' '}
        <Figure
          label="Drained"
          value={found.capacity_g}
          digits={0}
          unit="g"
          origin="worked-out"
          working={dryDownMethod.working('capacity', input)}
        />{' '}
        drained, <span className="figure">{amount(found.water_mL / 1000, 'L', 1)}</span> of it water.
      </p>
      <Chart
        title="Weighed, and followed (dashed), kg by day"
        says={`Weighed beside followed: they differ by ${amount(found.rmse_g, 'g', 0)} as a rule.`}
        height={190}
        options={chart}
      />
    </>
  );
}
