import type { LabRequestRow } from '@bent-pail/contract';
import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, it } from 'vitest';
import { classRow } from '../testing/desk';
import { lists } from '../testing/lists';
import { openPage } from '../testing/page';
import { LaboratoryPage } from './LaboratoryPage';
import { choose } from '../testing/choose';

const coir = { ...classRow('coir-pith', 'Coir pith'), id: 'coir' };
const sent = (n: number, more: Partial<LabRequestRow> = {}): LabRequestRow => ({
  id: `q${String(n)}`,
  lot: { id: 'coir', name: 'Coir pith', code: `CO-${String(n)}` },
  askedAt: '2026-11-20T08:00:00Z',
  askedBy: 'Tam',
  readyAt: '2026-11-21T08:00:00Z',
  ...more,
});

it('shows what was sent without a bar to find by while it is little', async () => {
  const labRequests = [sent(1, { report: 'Nitrate N;62;mg/L' }), sent(2, { runId: 'r' })];
  openPage(<LaboratoryPage />, { answers: lists({ lots: [coir], labRequests }), role: 'tester' });
  expect(await screen.findByRole('button', { name: 'Open the report' })).toBeTruthy();
  expect(screen.getByRole('link', { name: 'its run' })).toBeTruthy();
  expect(screen.queryByRole('searchbox')).toBeNull();
  await userEvent.click(screen.getByRole('button', { name: 'Open the report' }));
  expect(screen.getByLabelText('The report')).toHaveProperty('value', 'Nitrate N;62;mg/L');
});

it('asks the server for those that are no run yet among many', async () => {
  const labRequests = [1, 2, 3, 4, 5, 6].map((n) => sent(n, n === 3 ? {} : { runId: `r${String(n)}` }));
  openPage(<LaboratoryPage />, { answers: lists({ lots: [coir], labRequests }), role: 'reader' });
  const list = within(await screen.findByRole('region', { name: 'Sent away' }));
  expect(list.getAllByRole('listitem')).toHaveLength(6);
  await choose(list.getByLabelText('Only'), 'no run yet');
  expect(await list.findByText('Coir pith, CO-3')).toBeTruthy();
  expect(list.getAllByRole('listitem')).toHaveLength(1);
});

it('says so where nothing was sent', async () => {
  openPage(<LaboratoryPage />, { answers: lists({ lots: [coir] }), role: 'tester' });
  expect(await screen.findByText('Nothing was sent yet.')).toBeTruthy();
});
