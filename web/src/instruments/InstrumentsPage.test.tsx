import type { InstrumentRow } from '@bent-pail/contract';
import { screen, within, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { NOW, openPage, type Told } from '../testing/page';
import { InstrumentsPage } from './InstrumentsPage';

const calibration = (at: string, low: number) => ({
  id: at,
  at,
  temp_C: 20,
  points: [
    { nominal: 4.01, shown: low },
    { nominal: 7, shown: 0 },
  ],
});

const pen = (more: Partial<InstrumentRow> = {}): InstrumentRow => ({
  id: 'pen',
  name: 'Red pen',
  kind: 'pH',
  showsMv: true,
  calibrations: [],
  calibrated: 0,
  readings: 0,
  ...more,
});

const open = (...rows: InstrumentRow[]): readonly Told[] =>
  openPage(<InstrumentsPage />, {
    role: 'tester',
    answers: { '/instruments': rows, '/instruments/pen/calibrations': rows },
  });

beforeEach(() => {
  vi.useFakeTimers({ toFake: ['Date'], now: NOW });
});
afterEach(() => {
  vi.useRealTimers();
});

describe('what a pen is worth today', () => {
  it.each([
    ['Good', pen({ calibrations: [calibration('2026-11-24T09:00:00Z', 173)] })],
    ['Stale', pen({ calibrations: [calibration('2026-11-20T09:00:00Z', 173)] })],
    ['Stale', pen({ calibrations: [calibration('2026-11-24T09:00:00Z', 173)], readings: 40 })],
    ['Failed', pen({ calibrations: [calibration('2026-11-24T09:00:00Z', 130)] })],
    ['Never', pen()],
  ])('%s', async (word, row) => {
    open(row);
    const card = within(await screen.findByRole('region', { name: 'Red pen' }));
    expect(card.getByText(word)).toBeDefined();
  });

  it('stands before meters and scales, which age by the month', async () => {
    open(pen({ id: 's', name: 'Scale', kind: 'scale' }), pen());
    await screen.findByRole('region', { name: 'Red pen' });
    expect(screen.getAllByRole('region').map((card) => card.getAttribute('aria-label'))).toEqual(['Red pen', 'Scale']);
  });

  it('is asked for where there is no instrument yet', async () => {
    open();
    expect(await screen.findByText('What do you read pH and salts with?')).toBeDefined();
  });
});

describe('the log of a pen that is calibrated every day', () => {
  it('shows the newest few, and all of them page by page when somebody asks', async () => {
    const days = Array.from({ length: 7 }, (_, i) => calibration(`2026-11-2${String(7 - i)}T09:00:00Z`, 173));
    openPage(<InstrumentsPage />, {
      role: 'tester',
      answers: {
        '/instruments': [pen({ calibrations: days.slice(0, 3), calibrated: 7 })],
        '/instruments/pen/calibrations': (asked: URLSearchParams) =>
          asked.get('after') === null
            ? { rows: days.slice(0, 5), total: 7, next: 'here' }
            : { rows: days.slice(5), total: 7 },
      },
    });
    const log = within(await screen.findByRole('region', { name: 'Red pen' }));
    expect(log.getAllByRole('row')).toHaveLength(3);
    await userEvent.click(log.getByRole('button', { name: 'All 7' }));
    await userEvent.click(await log.findByRole('button', { name: 'Show more calibrations' }));
    expect(await log.findByText('21 Nov,', { exact: false })).toBeDefined();
    expect(log.getAllByRole('row')).toHaveLength(7);
    expect(log.queryByRole('button', { name: /^Show more/ })).toBeNull();
  });
});

describe('calibrating', () => {
  const type = async (values: readonly string[]): Promise<void> => {
    await userEvent.click(await screen.findByRole('button', { name: 'Calibrate Red pen' }));
    const shown = screen.getAllByLabelText(/^Shown, mV/);
    for (const [i, value] of values.entries()) await userEvent.type(shown[i] as HTMLElement, value);
  };

  it('says what it is worth before it is kept, and sends what was typed', async () => {
    const told = open(pen());
    await type(['172,5', '-1']);
    expect(screen.getByText(/99\.\d %|slope/i)).toBeDefined();
    await userEvent.click(screen.getByRole('button', { name: 'Keep' }));
    await waitFor(() => {
      expect(told).toHaveLength(1);
    });
    expect(told[0]).toMatchObject({
      address: '/instruments/pen/calibrations',
      body: {
        temp_C: 20,
        points: [
          { nominal: 4.01, shown: 172.5 },
          { nominal: 7, shown: -1 },
        ],
      },
    });
  });

  it('keeps a failed one as it is, and says so on the button', async () => {
    open(pen());
    await type(['120', '0']);
    expect(screen.getByRole('button', { name: 'Keep it, failed as it is' })).toBeDefined();
  });

  it('says which field is no number, and loses nothing', async () => {
    const told = open(pen());
    await type(['a lot', '0']);
    await userEvent.click(screen.getByRole('button', { name: 'Keep' }));
    expect((await screen.findByRole('alert')).textContent).toMatch(/“a lot” is not a number/);
    expect(screen.getByDisplayValue('a lot').getAttribute('aria-invalid')).toBe('true');
    expect(screen.getByDisplayValue('a lot')).toBeDefined();
    expect(told).toEqual([]);
  });
});
