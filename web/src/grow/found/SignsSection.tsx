import type { TrialPage } from '@bent-pail/contract';
import { SIGN_NAMES, signTells, type SignFound } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { Rows } from '../../kit/Rows';
import { UNIT_WORDS } from '../words';
import { armName } from './armInk';

interface SignsSectionProps {
  readonly page: TrialPage;
  readonly signs: readonly SignFound[];
}

/** What was seen on plants and surface, with the week in which it was first seen. */
export function SignsSection({ page, signs }: SignsSectionProps): ReactElement {
  return (
    <section aria-label="What was seen">
      <h2 className="text-head">What was seen</h2>
      {signs.length === 0 ? (
        <p className="mt-1 text-ink2">No sign was seen on plants or surface.</p>
      ) : (
        <Rows className="mt-1 text-body">
          <thead>
            <tr>
              <th scope="col">Sign</th>
              <th scope="col" className="text-left">
                in
              </th>
              <th scope="col">first in week</th>
              <th scope="col">{UNIT_WORDS[page.plan.unit].many}</th>
            </tr>
          </thead>
          <tbody>
            {[...signs]
              .sort((a, b) => a.week - b.week)
              .map(({ sign, arm, week, plots, of }) => (
                <tr key={`${sign} ${arm}`}>
                  <th scope="row">
                    {SIGN_NAMES[sign]}
                    <small className="block text-ink2">usually {signTells(sign)}</small>
                  </th>
                  <td className="text-left">{armName(page.plan, arm)}</td>
                  <td className="figure">{week}</td>
                  <td className="figure">
                    {plots} of {of}
                  </td>
                </tr>
              ))}
          </tbody>
        </Rows>
      )}
    </section>
  );
}
