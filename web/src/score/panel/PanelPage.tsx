import { Sideways } from '../../kit/Sideways';
import type { PanelPage as Panel } from '@bent-pail/contract';
import { agreementMethod } from '@bent-pail/core';
import { useQuery } from '@tanstack/react-query';
import { useMemo, type ReactElement } from 'react';
import { fixed } from '../../kit/format';
import { Rows } from '../../kit/Rows';
import { Await } from '../../shared/Await';
import { EmptyPail } from '../../shared/EmptyPail';
import { panelQuery } from '../../shared/resources/scores';
import { TitleBlock } from '../../shared/TitleBlock';
import { agreements, type AgreementOf } from './agreements';
import { Leans } from './Leans';
import { Series } from './Series';

/** How far those who smell, look and feel agree, and who always marks higher or lower. */
export function PanelPage(): ReactElement {
  const query = useQuery(panelQuery);
  return (
    <main>
      <TitleBlock title="The panel" line="How far raters agree, over every card that is revealed." />
      <Await query={query}>
        {(page) =>
          page.items.length === 0 ? (
            <EmptyPail question="No panel is through yet.">Its marks stand here once all are in.</EmptyPail>
          ) : (
            <Agreement page={page} />
          )
        }
      </Await>
    </main>
  );
}

function Agreement({ page }: { readonly page: Panel }): ReactElement {
  const found = useMemo(() => agreements(page), [page]);
  const [all] = found;
  return (
    <>
      <div className="grid grid-cols-[minmax(0,1fr)] gap-8 px-5 py-3 min-[1000px]:grid-cols-[minmax(0,1.3fr)_minmax(0,1fr)]">
        <section aria-label="How far they agree">
          <Sideways label="How far they agree, criterion by criterion">
            <Rows className="text-body">
              <thead>
                <tr>
                  <th scope="col" className="text-left">
                    What they marked
                  </th>
                  <th scope="col">samples</th>
                  <th scope="col">apart, on average</th>
                  <th scope="col" className="pl-5">
                    ICC (2,1)
                  </th>
                  <th scope="col">95 %</th>
                  <th scope="col" className="pl-4 text-left">
                    in a word
                  </th>
                </tr>
              </thead>
              <tbody>
                {found.map((one) => (
                  <Line key={one.criterion} one={one} />
                ))}
              </tbody>
            </Rows>
          </Sideways>
          <p className="mt-3 max-w-[70ch] text-small text-ink2">
            {agreementMethod.outputs.icc.sentence} It may be low only because the samples are alike: read it beside how
            far apart two marks are. The word goes by the lower end of the interval, from eight samples on that all
            marked. Values that were agreed on are not in it.
          </p>
        </section>
        {all !== undefined && <Leans leans={all.leans} />}
      </div>
      <Series page={page} />
    </>
  );
}

function Line({ one: { criterion, items, result } }: { readonly one: AgreementOf }): ReactElement {
  const { icc21, icc21_ci95: ci, meanAbsoluteDifference: apart, words, complete, checks } = result;
  return (
    <tr>
      <th scope="row">
        <b>{criterion}</b>
        {checks.map(({ code, message }) => (
          <small key={code} className="block">
            {message}
          </small>
        ))}
      </th>
      <td className="figure">{complete === items ? items : `${String(complete)} of ${String(items)} by all`}</td>
      <td className="figure">{apart === undefined ? '–' : fixed(apart, 1)}</td>
      <td className="figure pl-5 text-lead">{icc21 === undefined ? '–' : fixed(icc21, 2)}</td>
      <td className="figure pl-5 whitespace-nowrap text-ink2">
        {ci === undefined ? '' : `${fixed(ci[0], 2)} to ${fixed(ci[1], 2)}`}
      </td>
      <td className="pl-4 text-left">{words ?? ''}</td>
    </tr>
  );
}
