import type { YearsPage } from '@bent-pail/contract';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { openPage } from '../../testing/page';
import { Years } from './Years';

const NOW: YearsPage['now'] = { from: '2025-12-31T17:00:00Z', runs: 85, openRuns: 2, emptiedPots: 1 };
const CLOSED: YearsPage['years'][number] = {
  id: 'y1',
  label: '2025',
  closedAt: '2025-12-31T17:00:00Z',
  by: 'Isla Brandreth',
  runs: 40,
  backup: 'year-2025.tar',
};
const page: YearsPage = { years: [CLOSED], now: NOW };

describe('year’s end', () => {
  it('says what closing does before it does it, and names the year', async () => {
    const after: YearsPage = { ...page, now: { ...NOW, runs: 0 } };
    const told = openPage(<Years />, {
      answers: {
        '/years': () => (told.length === 0 ? { years: [], now: NOW } : after),
        'POST /years': after,
      },
    });
    const user = userEvent.setup();
    await user.click(await screen.findByRole('button', { name: 'Close the year' }));
    const dialog = within(await screen.findByRole('dialog'));
    expect(dialog.getByText(/^85 runs were finished since/)).toBeTruthy();
    expect(dialog.getByText('2 open runs go on into the next year.')).toBeTruthy();
    expect(told).toEqual([]);
    const label = dialog.getByLabelText<HTMLInputElement>('The year is called');
    await user.clear(label);
    await user.type(label, '2026');
    await user.click(dialog.getByRole('button', { name: 'Close it' }));
    await waitFor(() => {
      expect(told[0]).toMatchObject({ method: 'POST', address: '/years', body: { label: '2026' } });
    });
    expect(await screen.findByRole('rowheader', { name: /^2025/ })).toBeTruthy();
    expect(screen.queryByRole('dialog')).toBeNull();
  });

  it('leads to the runs and the backup of a closed one, and opens it with a reason', async () => {
    const told = openPage(<Years />, { answers: { '/years': page, 'POST /years/y1/opening': page } });
    const user = userEvent.setup();
    const row = within((await screen.findByRole('rowheader', { name: /^2025/ })).closest('tr') as HTMLElement);
    expect(row.getByRole('link', { name: '40 runs' }).getAttribute('href')).toBe('/bench?state=finished&to=2025-12-31');
    expect(row.getByRole('link', { name: 'Fetch the backup of 2025' }).getAttribute('href')).toBe(
      '/api/backups/year-2025.tar',
    );
    await user.click(row.getByRole('button', { name: 'open again' }));
    await user.type(await screen.findByLabelText('Why'), 'a tare was wrong');
    await user.click(screen.getByRole('button', { name: 'Open it again' }));
    await waitFor(() => {
      expect(told[0]).toMatchObject({ address: '/years/y1/opening', body: { reason: 'a tare was wrong' } });
    });
  });

  it('is for others to read', async () => {
    openPage(<Years />, { role: 'reader', answers: { '/years': page } });
    expect(await screen.findByRole('link', { name: '40 runs' })).toBeTruthy();
    expect(screen.queryByRole('button')).toBeNull();
    expect(screen.queryByRole('link', { name: /backup/ })).toBeNull();
  });
});
