import type { TrialPage } from '@bent-pail/contract';
import { germinationMethod, type SpeciesFound } from '@bent-pail/core';
import { useMemo, type ReactElement } from 'react';
import { fixed } from '../../kit/format';
import { Rows } from '../../kit/Rows';
import { Sideways } from '../../kit/Sideways';
import { Chart } from '../../shared/chart/Chart';
import { Figure } from '../../shared/Figure';
import { chanceSaid } from './chanceSaid';
import { upChart } from './growthCharts';

interface GerminationSectionProps {
  readonly page: TrialPage;
  readonly germination: NonNullable<SpeciesFound['germination']>;
}

const METHOD_WORDS = {
  fisher: 'Each seed stands alone: Fisher’s exact test of every pair, Holm.',
  'tray-shares':
    'Shares of whole plots, arcsine of their root, by Games and Howell; odds with the plots’ own spread beside.',
  'tray-ranks': 'Plots of a medium are all alike: sums of ranks of plots, exact, Holm.',
  none: 'No test is made.',
} as const;

/** How many came up, how sure that is, how fast. */
export function GerminationSection({ page, germination }: GerminationSectionProps): ReactElement {
  const { plan } = page;
  const options = useMemo(() => upChart(plan, germination), [plan, germination]);
  const { compared, groups } = germination;
  const apart = compared.pairs.filter(({ p = 1 }) => p < 0.05);
  const input = {
    groups: groups.map((group) => ({
      ...group,
      trays: group.trays.map((tray) => ({ ...tray, byDay: [...tray.byDay] })),
    })),
  };
  return (
    <section aria-label="What came up">
      <h2 className="text-head">What came up</h2>
      <p className="text-body">
        {compared.method === 'none'
          ? (compared.checks[0]?.message ?? '')
          : apart.length === 0
            ? 'No two media can be told apart by how many came up.'
            : `${apart.map(({ a, b, difference }) => (difference > 0 ? `more in ${a} than in ${b}` : `more in ${b} than in ${a}`)).join('; ')}.`}
      </p>
      <div className="mt-2 grid grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-5 min-[1000px]:grid-cols-2">
        <Chart
          title={
            <>
              <b>Up</b>, % of the seeds sown, by age
            </>
          }
          says="The share of seeds that was up, by age, for each medium"
          height={260}
          options={options}
        />
        <div>
          <Sideways label="Seeds that came up">
            <Rows className="min-w-[440px] text-body">
              <thead>
                <tr>
                  <th scope="col">Medium</th>
                  <th scope="col">up</th>
                  <th scope="col">share</th>
                  <th scope="col">95 % interval</th>
                  <th scope="col">half up after</th>
                </tr>
              </thead>
              <tbody>
                {compared.groups.map(({ name, up, sown, share, ci95, t50_d, t50ci95_d }, i) => (
                  <tr key={name}>
                    <th scope="row">{name}</th>
                    <td className="figure">
                      {up} of {sown}
                    </td>
                    <td>
                      <Figure
                        label={`Share up in ${name}`}
                        value={share}
                        digits={0}
                        percent
                        origin="worked-out"
                        working={germinationMethod.working('share', input, { pick: `groups[${String(i)}].share` })}
                      />
                    </td>
                    <td className="figure">
                      {fixed(100 * ci95[0], 0)}–{fixed(100 * ci95[1], 0)} %
                    </td>
                    <td className="figure">
                      {t50_d === undefined ? '' : `${fixed(t50_d, 1)} d`}
                      {t50ci95_d === undefined ? '' : ` (${fixed(t50ci95_d[0], 1)}–${fixed(t50ci95_d[1], 1)})`}
                    </td>
                  </tr>
                ))}
              </tbody>
            </Rows>
          </Sideways>
          <details className="mt-1 text-small">
            <summary className="min-h-11 cursor-pointer py-2 font-semibold">How it was compared</summary>
            <p>
              {METHOD_WORDS[compared.method]} Intervals of shares are of all seeds together, as if each stood alone.
            </p>
            {compared.odds !== undefined && (
              <p className="figure">
                Odds: plots vary {fixed(compared.odds.dispersion, 1)} times as much as their seeds alone would; F(
                {compared.odds.df1}, {compared.odds.df2}) = {fixed(compared.odds.f, 2)}, p {chanceSaid(compared.odds.p)}
              </p>
            )}
            {compared.pairs.map(({ a, b, difference, p }) => (
              <p key={`${a} ${b}`} className="figure">
                {a} less {b}: {fixed(100 * difference, 0)} %{p === undefined ? '' : `, p ${chanceSaid(p)}`}
              </p>
            ))}
          </details>
        </div>
      </div>
    </section>
  );
}
