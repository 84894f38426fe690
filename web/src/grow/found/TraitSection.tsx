import type { TrialPage } from '@bent-pail/contract';
import { TRAITS, type DeathsFound, type TraitFound, type TraitKey } from '@bent-pail/core';
import { useMemo, type ReactElement } from 'react';
import { OneOf } from '../../kit/OneOf';
import { Chart } from '../../shared/chart/Chart';
import { inMine, mySign, told } from '../../shared/units/mine';
import { TrayMap } from '../layout/TrayMap';
import { UNIT_WORDS } from '../words';
import { armName } from './armInk';
import { ComparedTable } from './ComparedTable';
import { growthChart, plantsChart } from './growthCharts';

interface TraitSectionProps {
  readonly page: TrialPage;
  readonly traits: readonly TraitFound[];
  readonly trait: TraitFound;
  readonly onTrait: (trait: TraitKey) => void;
  readonly deaths: readonly DeathsFound[];
}

/** One trait: its growth by age, every plant at the age that is compared, the figures, and whether position did it. */
export function TraitSection({ page, traits, trait, onTrait, deaths }: TraitSectionProps): ReactElement {
  const { plan, events } = page;
  const { compared, refused } = trait;
  const { label, unit } = TRAITS[trait.trait];
  const sign = mySign(unit);
  const ages = new Set(trait.arms.flatMap((arm) => arm.ages.map(({ age_d }) => age_d)));
  const age_d = compared?.age_d ?? Math.max(...ages);
  const growth = useMemo(() => growthChart(plan, trait, events), [plan, trait, events]);
  const plants = useMemo(() => plantsChart(plan, trait, age_d), [plan, trait, age_d]);
  const isMany = traits.length > 1;
  return (
    <section aria-label={label}>
      {isMany && (
        <OneOf
          label="Shown"
          unseen
          value={trait.trait}
          options={traits.map(({ trait: key }) => ({ key, words: TRAITS[key].label }))}
          onChange={onTrait}
        />
      )}
      <div className="mt-2 grid grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-5 min-[1000px]:grid-cols-2">
        {ages.size > 1 && (
          <Chart
            title={
              <>
                <b>{label}</b>
                {sign === '' ? '' : `, ${sign}`} by age, with the band of the mean
              </>
            }
            says={`${label} by age for each medium, with 95 % bands of the means of plots`}
            height={300}
            options={growth}
          />
        )}
        <Chart
          title={
            <>
              <b>Every plant</b> at {age_d} days{sign === '' ? '' : `, ${sign}`}; bars are {UNIT_WORDS[plan.unit].many}
            </>
          }
          says={`${label} of every plant and plot at ${String(age_d)} days, a row a medium`}
          height={Math.max(200, 54 + 46 * trait.arms.length)}
          options={plants}
        />
      </div>
      {refused !== undefined && <p className="mt-3 border-l-4 border-caution bg-paper py-2 pl-3">{told(refused)}</p>}
      {compared !== undefined && <ComparedTable plan={plan} trait={trait.trait} compared={compared} />}
      {deaths.length > 0 && (
        <p className="mt-2 text-small">
          Dead:{' '}
          {deaths.map(({ arm, dead, of }) => `${String(dead)} of ${String(of)} in ${armName(plan, arm)}`).join(', ')}.
          Heights and leaves are of those alive.
        </p>
      )}
      <Positions page={page} trait={trait} age_d={age_d} />
    </section>
  );
}

/** Each plot against the mean of its medium: a bench that slopes shows here. */
function Positions({
  page,
  trait,
  age_d,
}: {
  readonly page: TrialPage;
  readonly trait: TraitFound;
  readonly age_d: number;
}): ReactElement {
  const { unit, digits } = TRAITS[trait.trait];
  const here = trait.plots.filter((one) => one.age_d === age_d);
  const meanOf = (arm: string): number | undefined =>
    trait.arms.find((one) => one.arm === arm)?.ages.find((one) => one.age_d === age_d)?.value;
  const off = new Map(
    here.flatMap(({ plot, value }) => {
      const mean = meanOf(plot.arm);
      return mean === undefined ? [] : [[plot.id, value - mean] as const];
    }),
  );
  const most = Math.max(1e-9, ...[...off.values()].map(Math.abs));
  const species = here[0]?.plot.species;
  return (
    <details className="mt-3">
      <summary className="min-h-11 cursor-pointer py-2 font-semibold">Did the place do it?</summary>
      <p className="mb-2 text-small text-ink2">
        Each {UNIT_WORDS[page.plan.unit].one} less the mean of its medium{unit === '' ? '' : `, ${mySign(unit)}`}: blue
        above, brown below. Where one end is all of one colour, the bench did it and not the medium.
      </p>
      <TrayMap
        plan={page.plan}
        plots={page.plots.filter((plot) => plot.species === species)}
        moves={page.moves}
        label="How far each plot lies from the mean of its medium"
        shown={({ id, arm }) => {
          const by = off.get(id);
          const size = by === undefined ? 'out' : inMine(Math.abs(by), unit, digits);
          const said = by === undefined || Number(size) === 0 ? size : `${by > 0 ? '+' : '−'}${size}`;
          return {
            line: (
              <>
                <span className="figure">{said}</span> {armName(page.plan, arm)}
              </>
            ),
            isDim: by === undefined,
            ...(by === undefined ? {} : { tint: by / most }),
          };
        }}
      />
    </details>
  );
}
