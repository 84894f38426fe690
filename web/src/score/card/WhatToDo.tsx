import type { ScorecardPage } from '@bent-pail/contract';
import { useQuery } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import { Await } from '../../shared/Await';
import { lotQuery } from '../../shared/resources/lots';
import { BestUses } from './BestUses';
import { Remedies } from './Remedies';

/** What the bag is good for and what would mend it, by the figures of its lot. */
export function WhatToDo({ page }: { readonly page: ScorecardPage }): ReactElement {
  const query = useQuery(lotQuery(page.row.product.lotId));
  return (
    <Await query={query}>
      {(lot) => (
        <>
          <BestUses lot={lot} card={page.card} grown={page.told.trial} />
          <Remedies page={page} lot={lot} />
        </>
      )}
    </Await>
  );
}
