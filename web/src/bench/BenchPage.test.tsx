import type { RunRow } from '@bent-pail/contract';
import { screen } from '@testing-library/react';
import { expect, it } from 'vitest';
import { lists, pageOf } from '../testing/lists';
import { openPage } from '../testing/page';
import { BenchPage } from './BenchPage';

const run: RunRow = {
  id: 'r',
  number: 12,
  lotId: 'l',
  lotName: 'Pumice',
  lotCode: 'PM-3',
  protocolLabel: 'Heft',
  groupName: 'Group 2',
  startedAt: '2026-11-24T08:00:00Z',
  startedBy: 'Tam Oswin',
};
const open = (at: string) =>
  openPage(<BenchPage />, {
    at,
    path: '/bench',
    answers: { ...lists({}), '/runs': pageOf([run]), '/users': [], '/protocols': [] },
  });

it('a run without an end is open, and names its group', async () => {
  open('/bench');
  expect(await screen.findByText(/^Open on the bench/)).toBeTruthy();
  expect(screen.getByText('Group 2')).toBeTruthy();
});

it('a run that was put away is not called open', async () => {
  open('/bench?state=archived');
  expect(await screen.findByText(/^Put away/)).toBeTruthy();
  expect(screen.queryByText(/^Open on the bench/)).toBeNull();
  expect(screen.queryByText('open')).toBeNull();
});
