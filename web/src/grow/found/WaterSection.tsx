import type { TrialPage } from '@bent-pail/contract';
import type { ReactElement } from 'react';
import { Rows } from '../../kit/Rows';
import { amount } from '../../shared/units/mine';
import { UNIT_WORDS } from '../words';

/** How much water each medium took, how often, and on how many days it did not keep up: an outcome, too. */
export function WaterSection({ page }: { readonly page: TrialPage }): ReactElement | null {
  const watered = page.events.filter(({ kind }) => kind === 'watered');
  if (watered.length === 0) return null;
  const rows = page.plan.arms.map(({ key, name }) => {
    const own = watered.filter(({ arm }) => arm === undefined || arm === key);
    return {
      name,
      times: own.filter(({ water_mL }) => water_mL !== undefined).length,
      water_mL: own.reduce((sum, { water_mL = 0 }) => sum + water_mL, 0),
      wilted: own.filter(({ keptUp }) => keptUp === false).length,
    };
  });
  return (
    <section aria-label="Water">
      <h2 className="text-head">
        Water <small>for each {UNIT_WORDS[page.plan.unit].one}</small>
      </h2>
      <Rows className="mt-1 max-w-2xl text-body">
        <thead>
          <tr>
            <th scope="col">Medium</th>
            <th scope="col">in all</th>
            <th scope="col">times</th>
            <th scope="col">days that it had wilted</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(({ name, times, water_mL, wilted }) => (
            <tr key={name}>
              <th scope="row">{name}</th>
              <td className="figure">{amount(water_mL, 'mL', 0)}</td>
              <td className="figure">{times}</td>
              <td className="figure">{wilted}</td>
            </tr>
          ))}
        </tbody>
      </Rows>
    </section>
  );
}
