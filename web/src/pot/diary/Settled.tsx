import type { FilledPotPage } from '@bent-pail/contract';
import { depthsOf, settling, settlingMethod, type PotSettlingInput } from '@bent-pail/core';
import { useMemo, type ReactElement } from 'react';
import { Figure } from '../../shared/Figure';
import { Notice } from '../../kit/Notice';
import { serverNow } from '../../shared/serverClock';
import { amount, told } from '../../shared/units/mine';

/** How the medium went down since it was filled, and what tops it up. */
export function Settled({ page }: { readonly page: FilledPotPage }): ReactElement | null {
  const input = useMemo((): PotSettlingInput | undefined => depthsOf(page, page.diary, serverNow()), [page]);
  const found = useMemo(() => (input === undefined ? undefined : settling(input)), [input]);
  if (input === undefined || found === undefined) return null;
  const { slump_cm, topUp_cm, topUp_L, yearTopUp_L, depth_cm, assumed, checks } = found;
  return (
    <section aria-label="How it settled" className="mt-5">
      <h2>How it settled</h2>
      <p>
        Of <span className="figure">{amount(input.fill_cm, 'cm', 1)}</span> it went down{' '}
        <span className="figure">{amount(slump_cm, 'cm', 1)}</span> when it was first watered; now it stands at{' '}
        <span className="figure">{amount(depth_cm, 'cm', 1)}</span>.{' '}
        {topUp_cm > 0.2 && (
          <>
            To bring it back it takes{' '}
            <Figure
              label="To top up"
              value={topUp_cm}
              digits={1}
              unit="cm"
              origin="worked-out"
              working={settlingMethod.working('topUp', input)}
            />
            {topUp_L !== undefined && (
              <>
                , <span className="figure">{amount(topUp_L * page.count, 'L', 1)}</span>
              </>
            )}
            .
          </>
        )}
        {yearTopUp_L !== undefined && (
          <>
            {' '}
            The year ahead takes <span className="figure">{amount(yearTopUp_L * page.count, 'L', 1)}</span>
            {assumed.includes('k_perD') ? ', at an assumed pace' : ''}.
          </>
        )}
      </p>
      {checks.map(({ code, message }) => (
        <Notice key={code} className="mt-2 p-2">
          {told(message)}
        </Notice>
      ))}
    </section>
  );
}
