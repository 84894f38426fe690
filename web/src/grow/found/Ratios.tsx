import type { TrialPage } from '@bent-pail/contract';
import { growthRatioMethod, TRAITS, type GrowthRatioResult, type TrialFound } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { fixed } from '../../kit/format';
import { Rows } from '../../kit/Rows';
import { Figure } from '../../shared/Figure';
import { armName } from './armInk';

interface RatiosProps {
  readonly page: TrialPage;
  readonly ratios: GrowthRatioResult;
  readonly found: TrialFound;
}

/** What grew over what grew in the reference: what scorecards take once the trial is finished. */
export function Ratios({ page, ratios, found }: RatiosProps): ReactElement {
  const { plan } = page;
  const reference = armName(plan, plan.reference);
  const species = found.species.flatMap(({ species: key, name, traits }) => {
    const compared = traits.find(({ trait }) => trait === plan.asks.trait)?.compared;
    const weight = plan.species.find((one) => one.key === key)?.weight ?? 1;
    return compared === undefined ? [] : [{ name, weight, groups: compared.groups.map((group) => ({ ...group })) }];
  });
  const isTold = ratios.media.some(({ se }) => se !== undefined);
  return (
    <section aria-label="Beside the reference">
      <h2 className="text-head">
        {TRAITS[plan.asks.trait].label} beside {reference} <small>{reference} is 1</small>
      </h2>
      <Rows className="mt-1 max-w-3xl text-body">
        <thead>
          <tr>
            <th scope="col">Medium</th>
            {plan.species.length > 1 &&
              plan.species.map(({ key, name }) => (
                <th key={key} scope="col">
                  {name}
                </th>
              ))}
            <th scope="col">{plan.species.length > 1 ? 'together' : 'ratio'}</th>
            <th scope="col">give or take</th>
          </tr>
        </thead>
        <tbody>
          {ratios.media.map(({ name, ratio, se, species: each }, i) => (
            <tr key={name}>
              <th scope="row">{name}</th>
              {plan.species.length > 1 &&
                plan.species.map(({ key, name: called }) => {
                  const own = each.find((one) => one.name === called);
                  return (
                    <td key={key} className="figure">
                      {own === undefined ? '' : fixed(own.ratio, 2)}
                    </td>
                  );
                })}
              <td>
                <Figure
                  label={`${name} beside ${reference}`}
                  value={ratio}
                  digits={2}
                  origin="worked-out"
                  working={growthRatioMethod.working(
                    'ratio',
                    { reference, species },
                    { pick: `media[${String(i)}].ratio` },
                  )}
                />
              </td>
              <td className="figure">{se === undefined ? '' : fixed(2 * se, 2)}</td>
            </tr>
          ))}
        </tbody>
      </Rows>
      <p className="mt-1 text-small text-ink2">
        {!isTold
          ? 'One of each: figures to look at, and nothing that a scorecard takes.'
          : page.state === 'finished'
            ? 'Scorecards whose rubric asks for a trial take these.'
            : 'Once the trial is finished, scorecards whose rubric asks for a trial take these.'}
      </p>
    </section>
  );
}
