import type { TodayPage as TodayData } from '@bent-pail/contract';
import { screen, within } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { openRowOf, openSheetOf, PUMICE } from '../testing/fixtures';
import { NOW, openPage } from '../testing/page';
import { TodayPage } from './TodayPage';

const today = (more: Partial<TodayData> = {}): TodayData => ({
  openRuns: [],
  sheetsToRate: 0,
  labRequests: [],
  planned: [],
  pots: [],
  classes: [],
  trials: [],
  ...more,
});

beforeEach(() => {
  vi.useFakeTimers({ toFake: ['Date'], now: NOW });
});
afterEach(() => {
  vi.useRealTimers();
});

const seconds = (iso: string): number => Date.parse(iso) / 1000;
const draining = (openedAt: string) =>
  openSheetOf(
    'saturate-drain-dry',
    {
      waterTemp: [17],
      tare: [312],
      soak: [seconds('2026-11-23T08:00:00Z')],
      saturated: [PUMICE.saturated[0]],
      drain: [seconds(openedAt)],
    },
    { id: openedAt },
  );

const due = async (): Promise<string[]> => {
  const list = within(await screen.findByRole('region', { name: 'Due, in order' }));
  return list.getAllByRole('listitem').map((item) => item.textContent);
};

describe('what is due', () => {
  it('stands in order: what is over first, then by the clock, then by the day', async () => {
    const later = '2026-11-24T11:30:00Z';
    const over = '2026-11-24T10:30:00Z';
    const labRequests = [
      {
        id: 'r',
        lot: { id: 'lot', name: 'Coir', code: 'CO-2' },
        askedAt: '2026-11-24T08:00:00Z',
        askedBy: 'Tam',
        readyAt: '2026-11-29T08:00:00Z',
      },
    ];
    const data = today({ openRuns: [openRowOf(draining(later)), openRowOf(draining(over))], labRequests });
    openPage(<TodayPage />, { answers: { '/today': data, '/instruments': [] } });
    const rows = await due();
    expect(rows[0]).toMatch(/^30:00 over.*Weigh, drained, A/);
    expect(rows[1]).toMatch(/^12:30.*Weigh, drained, A/);
    expect(rows[2]).toMatch(/^29 Nov.*Report of the laboratory/);
  });

  it('says so where nothing is, and asks a newcomer one question', async () => {
    openPage(<TodayPage />, { answers: { '/today': today(), '/instruments': [] } });
    expect(await due()).toEqual(['Nothing is due. Soaks, drains and ovens will stand here.']);
    expect(await screen.findByRole('heading', { name: 'What is in the pail?' })).toBeDefined();
  });

  it('sends a panellist to the sheets, and asks nothing of a reader', async () => {
    openPage(<TodayPage />, { role: 'panellist', answers: { '/today': today({ sheetsToRate: 2 }) } });
    expect((await due())[0]).toContain('2 samples to rate');
    expect(screen.queryByRole('heading', { name: 'What is in the pail?' })).toBeNull();
  });
});
