import { screen } from '@testing-library/react';
import { expect, it } from 'vitest';
import { blendRow } from '../../testing/desk';
import { openPage } from '../../testing/page';
import { VersionsPanel } from './VersionsPanel';

const row = blendRow('b', 'Tub mix', [{ lotId: 'bark-graded', parts: 3 }]);
const page = {
  id: 'b',
  name: 'Tub mix',
  versions: [{ ...row.latest, id: 'b-2', n: 2, reason: 'it stood wet in November' }, row.latest],
};

it('says why each version came about, and what a measured batch of it was', async () => {
  const found = { property: 'air', measured: 0.31, se: 0.02, predicted: 0.28, corrected: 0.3 };
  openPage(<VersionsPanel page={page} />, {
    answers: {
      '/learning': {
        batches: [{ lotId: 'lot', lotCode: 'TM-1', blendId: 'b', blendName: 'Tub mix', n: 1 }],
        learning: { blends: [{ name: 'Tub mix', properties: [found] }] },
      },
    },
  });
  expect(screen.getByRole('row', { name: /^2 .*because it stood wet in November.*not measured$/ })).toBeTruthy();
  const lot = await screen.findByRole('link', { name: 'TM-1' });
  expect(lot.closest('tr')?.textContent).toMatch(/^1.*TM-1: air space 0.31, predicted 0.28$/);
});
