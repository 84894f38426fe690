import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { choose } from '../testing/choose';
import { classRow } from '../testing/desk';
import { openPage } from '../testing/page';
import { RecordPage } from './RecordPage';

const CHANGE = {
  id: 'c1',
  kind: 'corrected',
  at: '2026-11-24T09:00:00Z',
  by: 'Isla Brandreth',
  of: { kind: 'run', id: 'r1' },
  title: 'Rice hulls, RH-1',
  number: 87,
  part: 'pH A',
  old: '5.1 pH',
  new: '5.2 pH',
  reason: 'misread',
};

describe('the history', () => {
  it('tells from what to what, why, and leads to the thing', async () => {
    openPage(<RecordPage />, { answers: { '/history': { rows: [CHANGE] }, '/users': [] } });
    const row = within((await screen.findByText('5.1 pH')).closest('tr') as HTMLElement);
    expect(row.getByText('5.2 pH')).toBeTruthy();
    expect(row.getByText('misread')).toBeTruthy();
    expect(row.getByRole('link', { name: 'Run 87, Rice hulls, RH-1' }).getAttribute('href')).toBe('/bench/runs/r1');
    expect(screen.queryByRole('button', { name: 'Further back' })).toBeNull();
  });

  it('is asked by kind, and goes further back', async () => {
    const asked: string[] = [];
    openPage(<RecordPage />, {
      answers: {
        '/history': (params: URLSearchParams) => {
          asked.push(params.toString());
          return params.has('before')
            ? { rows: [{ ...CHANGE, id: 'c2', old: '4.9 pH' }] }
            : { rows: [CHANGE], before: '2026-11-24T09:00:00Z' };
        },
        '/users': [],
      },
    });
    const user = userEvent.setup();
    await user.click(await screen.findByRole('button', { name: 'Further back' }));
    expect(await screen.findByText('4.9 pH')).toBeTruthy();
    await choose(screen.getByRole('combobox', { name: 'What' }), 'reading corrected', user);
    await waitFor(() => {
      expect(asked.at(-1)).toBe('kind=corrected');
    });
    expect(asked).toContain('before=2026-11-24T09%3A00%3A00Z');
  });

  it('of one lot names it, and goes back to all', async () => {
    const asked: string[] = [];
    openPage(<RecordPage />, {
      at: '/record?lot=l1',
      answers: {
        '/history': (params: URLSearchParams) => {
          asked.push(params.toString());
          return { rows: [CHANGE] };
        },
        '/users': [],
        '/lots': { rows: [{ ...classRow('rice-hulls', 'Rice hulls'), id: 'l1', code: 'RH-1' }], total: 1 },
      },
    });
    const user = userEvent.setup();
    const of = await screen.findByRole('combobox', { name: 'Of' });
    await waitFor(() => {
      expect(of.textContent).toContain('Rice hulls, RH-1');
    });
    await choose(of, 'any lot', user);
    await waitFor(() => {
      expect(asked.at(-1)).toBe('');
    });
    expect(asked[0]).toBe('lot=l1');
  });

  it('says so where nothing was changed', async () => {
    openPage(<RecordPage />, { role: 'reader', answers: { '/history': { rows: [] }, '/users': [] } });
    expect(await screen.findByText('Nothing was changed.')).toBeTruthy();
  });
});
