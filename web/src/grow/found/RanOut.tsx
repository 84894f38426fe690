import type { TrialPage } from '@bent-pail/contract';
import { nutrientsMethod, type TurnFound } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { fixed } from '../../kit/format';
import { Rows } from '../../kit/Rows';
import { Figure } from '../../shared/Figure';
import { useNitrogen } from './useNitrogen';

interface RanOutProps {
  readonly page: TrialPage;
  readonly turned: readonly TurnFound[];
}

/** When growth or colour turned, beside the nitrogen that a laboratory found and the day on which the blend desk has it run out. */
export function RanOut({ page, turned }: RanOutProps): ReactElement {
  const nitrogen = useNitrogen(page.plan);
  const rows = page.plan.arms.filter(({ key }) => turned.some(({ arm }) => arm === key) || nitrogen.has(key));
  return (
    <section aria-label="When it ran out">
      <h2 className="text-head">When it ran out</h2>
      {rows.length === 0 ? (
        <p className="mt-1 text-ink2">Neither growth nor colour turned, and no laboratory looked for nitrogen.</p>
      ) : (
        <>
          <Rows className="mt-1 text-body">
            <thead>
              <tr>
                <th scope="col">Medium</th>
                <th scope="col">leaves paled</th>
                <th scope="col">growth slowed</th>
                <th scope="col">nitrogen, mg/L</th>
                <th scope="col">desk: lasts</th>
              </tr>
            </thead>
            <tbody>
              {rows.map(({ key, name }) => {
                const turn = turned.find(({ arm }) => arm === key);
                const known = nitrogen.get(key);
                return (
                  <tr key={key}>
                    <th scope="row">{name}</th>
                    <td className="figure">{turn?.paled_d === undefined ? '' : `${String(turn.paled_d)} d`}</td>
                    <td className="figure">{turn?.slowed_d === undefined ? '' : `${String(turn.slowed_d)} d`}</td>
                    <td className="figure">{known === undefined ? '' : fixed(known.available_mgL, 0)}</td>
                    <td>
                      {known === undefined ? (
                        ''
                      ) : known.days === undefined ? (
                        'a year or more'
                      ) : (
                        <Figure
                          label={`Nitrogen of ${name} lasts`}
                          value={known.days}
                          digits={0}
                          unit="d"
                          origin="worked-out"
                          working={nutrientsMethod.working('days', known.input)}
                        />
                      )}
                    </td>
                  </tr>
                );
              })}
            </tbody>
          </Rows>
          <p className="mt-1 text-small text-ink2">
            Paled: a step of the card lower, for good. Slowed: less than half the growth of the reference from there on.
            The desk’s day is for a medium feeder that is not fed.
          </p>
        </>
      )}
    </section>
  );
}
