import { screen, within } from '@testing-library/react';
import { expect, it } from 'vitest';
import { classRow } from '../testing/desk';
import { lists } from '../testing/lists';
import { openPage } from '../testing/page';
import { NotMeasured } from './NotMeasured';

it('offers four lots that nobody has measured, each a press from its first run', async () => {
  const lots = ['A', 'B', 'C', 'D', 'E'].map((code) => classRow('coir-pith', `Coir ${code}`, { id: code, code }));
  openPage(<NotMeasured />, { answers: lists({ lots }) });
  const list = within(await screen.findByRole('region', { name: 'On the shelf, not measured' }));
  expect(list.getAllByRole('listitem')).toHaveLength(4);
  expect(list.getByRole('link', { name: 'measure it: Coir A, A' }).getAttribute('href')).toBe(
    '/bench?lot=A&protocol=saturate-drain-dry',
  );
  expect(list.queryByText('Coir E')).toBeNull();
});

it('is not there where everything was measured', async () => {
  openPage(<NotMeasured />, { answers: lists({}) });
  await new Promise((resolve) => setTimeout(resolve, 20));
  expect(screen.queryByRole('region')).toBeNull();
});
