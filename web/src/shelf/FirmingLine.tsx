import type { FirmingLoss } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { Figure } from '../shared/Figure';
import { fixed } from '../kit/format';

/** What packing it harder costs, where a pair of runs shows it. */
export function FirmingLine({ firming }: { readonly firming: FirmingLoss }): ReactElement {
  const { looser, firmer, lost, depth, working } = firming;
  return (
    <p className="mt-2">
      {firmer.habit} instead of {looser.habit}, it loses{' '}
      <Figure label="Air lost by firming" value={lost} digits={3} origin="worked-out" working={working} /> of air (
      <span className="figure">{fixed(looser.air, 2)}</span> to <span className="figure">{fixed(firmer.air, 2)}</span>,{' '}
      {depth}).
    </p>
  );
}
