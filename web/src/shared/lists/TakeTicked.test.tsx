import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, it } from 'vitest';
import { openPage } from '../../testing/page';
import { TakeTicked } from './TakeTicked';

const hrefs = (): (string | null)[] => screen.getAllByRole('link').map((one) => one.getAttribute('href'));

it('gives what is ticked as tables, and to a lead as a file of its own', async () => {
  openPage(<TakeTicked of="lot" ids={['a', 'b']} />);
  await userEvent.click(screen.getByRole('button', { name: 'Take away' }));
  expect(screen.getByRole('link', { name: 'Prices that were seen or paid, CSV' })).toBeTruthy();
  expect(hrefs()).toContain('/api/exports/readings.xlsx?lot=a,b');
  expect(hrefs()).toContain('/api/notebook-file/notebook.zip?lots=a,b');
});

it('gives tables alone to whoever is no lead', async () => {
  openPage(<TakeTicked of="pot" ids={['p']} />, { role: 'tester' });
  await userEvent.click(screen.getByRole('button', { name: 'Take away' }));
  expect(hrefs()).toEqual(['/api/exports/diaries.csv?pot=p', '/api/exports/diaries.xlsx?pot=p']);
});
