import { planChecks, planSays, TRAITS, trialPower, trialPowerMethod, type TrialPlan } from '@bent-pail/core';
import { useState, type ReactElement } from 'react';
import { Field } from '../../kit/Field';
import { decimalsOf, fixed } from '../../kit/format';
import { Notice, NoticeHead } from '../../kit/Notice';
import { Chart } from '../../shared/chart/Chart';
import { Figure } from '../../shared/Figure';
import { amount, told } from '../../shared/units/mine';
import { powerChart } from './powerChart';

/** What the plan can tell before it is sown: the honest sentence, the chance by the number of blocks, seeds that come up. */
export function PlanAside({ plan }: { readonly plan: TrialPlan }): ReactElement {
  const says = planSays(plan);
  const isTooSmall = says !== undefined && (says.power ?? 0) < 0.8;
  const options = powerChart(plan);
  return (
    <aside aria-label="What it can tell" className="flex flex-col gap-4">
      <Notice role="status">
        <NoticeHead>
          {says === undefined ? 'What it can tell' : isTooSmall ? 'Too small to tell' : 'It can tell'}
        </NoticeHead>
        <p className="p-3 text-head leading-snug">
          {says === undefined ? 'Say what matters, and it says whether the plan can tell.' : told(says.sentence)}
        </p>
        {says?.power !== undefined && (
          <p className="px-3 pb-3">
            Chance to show it:{' '}
            <Figure
              label="Chance to show it"
              value={says.power}
              digits={0}
              percent
              origin="worked-out"
              working={trialPowerMethod.working('power', says.input)}
            />
          </p>
        )}
      </Notice>
      {says !== undefined && (
        <Chart
          title={
            <>
              <b>
                Chance to show{' '}
                {amount(plan.asks.difference, TRAITS[plan.asks.trait].unit, decimalsOf(plan.asks.difference))}
              </b>
              , % by blocks
            </>
          }
          says="The chance to show the difference that matters, by the number of blocks"
          height={190}
          options={options}
        />
      )}
      {plan.observe.some(({ trait }) => trait === 'up') && <Seeds plan={plan} />}
      {planChecks(plan).map(({ code, message }) => (
        <p key={code} className="border-l-4 border-caution bg-paper py-1.5 pl-3 text-small">
          {message}
        </p>
      ))}
    </aside>
  );
}

const shareOf = (text: string): number | undefined => {
  const value = Number(text.replace(',', '.'));
  return text.trim() === '' || !(value >= 0 && value <= 100) ? undefined : value / 100;
};

/** The same for the share of seeds that come up. */
function Seeds({ plan }: { readonly plan: TrialPlan }): ReactElement {
  const [one, setOne] = useState('85');
  const [other, setOther] = useState('65');
  const [share, otherShare] = [shareOf(one), shareOf(other)];
  const seeds = plan.species[0]?.seeds ?? 0;
  const said =
    share === undefined || otherShare === undefined || share === otherShare || seeds < 1 || plan.arms.length < 2
      ? undefined
      : trialPower({
          of: 'shares',
          groups: plan.arms.length,
          perGroup: plan.blocks,
          inBlocks: plan.blocks > 1,
          share,
          otherShare,
          seeds,
        });
  return (
    <section aria-label="Seeds that come up" className="border-t border-zinc3 pt-3">
      <h3 className="text-body font-semibold">If seeds come up otherwise</h3>
      <div className="flex flex-wrap items-end gap-3">
        <Field label="In one, %" mode="decimal" className="w-24" value={one} onChange={setOne} />
        <Field label="in another, %" mode="decimal" className="w-28" value={other} onChange={setOther} />
        <p className="basis-full text-small" role="status">
          {said === undefined
            ? ''
            : said.power === undefined
              ? 'One of each: it tells nothing.'
              : `It shows in ${fixed(100 * said.power, 0)} of 100 such trials${said.perGroupNeeded === undefined ? '' : `; ${String(said.perGroupNeeded)} of each would do`}.`}
        </p>
      </div>
    </section>
  );
}
