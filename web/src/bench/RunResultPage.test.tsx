import { screen } from '@testing-library/react';
import { expect, it } from 'vitest';
import { openSheetOf, sheetOf } from '../testing/fixtures';
import { openPage } from '../testing/page';
import { RunResultPage } from './RunResultPage';

const open = (sheet: ReturnType<typeof sheetOf>) =>
  openPage(<RunResultPage />, {
    role: 'reader',
    at: '/bench/runs/run/result',
    path: '/bench/runs/:id/result',
    answers: { '/runs/run': sheet, '/verdicts': [] },
  });

it('a group’s result is theirs by its name, in a sentence and with every figure explained', async () => {
  open({ ...sheetOf('kitchen-form', { added: [455, 448], collected: [142, 137] }), groupName: 'Group 3' });
  expect(await screen.findByRole('heading', { name: 'What Group 3 found' })).toBeTruthy();
  expect(screen.getByText(/of it is air, and it holds at least/)).toBeTruthy();
  expect(screen.getByText('Air space').nextElementSibling?.textContent).toMatch(/\.$/);
  expect(screen.getByRole('link', { name: 'Back to the sheet' }).getAttribute('href')).toBe('/bench/runs/run');
});

it('a sheet on which nothing stands yet says what to do', async () => {
  open(openSheetOf('kitchen-form', {}));
  expect(await screen.findByText(/fill the sheet, and it stands here/)).toBeTruthy();
});
