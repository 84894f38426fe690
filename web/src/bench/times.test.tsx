import type { NewReading, RunSheet } from '@bent-pail/contract';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { isReading, outboxOf } from '../shared/outbox/store';
import { openSheetOf } from '../testing/fixtures';
import { NOW, openPage } from '../testing/page';
import { useDrafts } from './draftStore';
import { RunPage } from './RunPage';

const entries = outboxOf('the-tester').entries;
const user = userEvent.setup();

beforeEach(async () => {
  await entries.clear();
  useDrafts.setState({ texts: {} });
  vi.useFakeTimers({ toFake: ['Date'], now: NOW });
});
afterEach(() => {
  vi.useRealTimers();
});

const queued = async (): Promise<NewReading[]> =>
  (await entries.orderBy('place').toArray()).filter(isReading).map((one) => one.reading);

function open(sheet: RunSheet): void {
  openPage(<RunPage />, {
    role: 'tester',
    at: `/bench/runs/${sheet.id}`,
    path: '/bench/runs/:id',
    answers: { [`/runs/${sheet.id}`]: sheet, '/instruments': [] },
  });
}

const MASSES = { waterTemp: [17.4], tare: [312.4, 311.9, 313], filled: [921.6, 902.2, 899] };
const waiting = openSheetOf('saturate-drain-dry', MASSES);
const seconds = (iso: string): number => Date.parse(iso) / 1000;

describe('when a soak began', () => {
  it('is one press as it does', async () => {
    open(waiting);
    await user.click(await screen.findByRole('button', { name: 'Start soaking' }));
    await waitFor(async () => {
      expect(await queued()).toMatchObject([{ step: 'soak', replicate: 0, value: NOW / 1000 }]);
    });
  });

  it('is typed from a paper sheet, and nonsense is refused in a sentence', async () => {
    open(waiting);
    await user.click(await screen.findByRole('button', { name: 'It began earlier' }));
    const field = await screen.findByLabelText(/^When it began/);
    expect(document.activeElement).toBe(field);
    await user.type(field, '25 Nov 8:00{Enter}');
    expect(await screen.findByText(/not later than now/)).toBeTruthy();
    expect(await queued()).toEqual([]);
    await user.clear(field);
    await user.type(field, 'yesterday 8:15{Enter}');
    await waitFor(async () => {
      expect(await queued()).toMatchObject([{ step: 'soak', value: seconds('2026-11-23T08:15:00Z') }]);
    });
  });

  it('is offered again for the next replicate, but never for another step', async () => {
    open(waiting);
    await user.click(await screen.findByRole('button', { name: 'It began earlier' }));
    await user.type(await screen.findByLabelText(/^When it began.*A$/), 'yesterday 8:15{Enter}');
    expect((await screen.findByLabelText<HTMLInputElement>(/^When it began.*B$/)).value).toBe('yesterday 8:15');
    await user.click(screen.getByRole('button', { name: /^Open the holes.*A: empty$/ }));
    expect(await screen.findByRole('button', { name: 'Start draining' })).toBeTruthy();
    expect(screen.queryByLabelText(/^When it began/)).toBeNull();
  });

  it('is corrected, with a reason once it is no slip any more', async () => {
    const soaking = openSheetOf('saturate-drain-dry', { ...MASSES, soak: [seconds('2026-11-23T08:00:00Z')] });
    open(soaking);
    await user.click(await screen.findByRole('button', { name: /, A: began 08:00$/ }));
    await user.click(await screen.findByRole('button', { name: 'It began at another time' }));
    await user.type(await screen.findByLabelText(/^When it began/), 'yesterday 7:30');
    await user.click(screen.getByRole('button', { name: 'Correct the time' }));
    expect(await screen.findByText(/^Say why it is corrected/)).toBeTruthy();
    await user.type(screen.getByLabelText('Reason for the correction'), 'misread the paper{Enter}');
    await waitFor(async () => {
      expect(await queued()).toMatchObject([
        { step: 'soak', value: seconds('2026-11-23T07:30:00Z'), reason: 'misread the paper' },
      ]);
    });
  });
});

describe('a slip of the finger', () => {
  const at = (takenAt: string): RunSheet => {
    const sheet = openSheetOf('ph-1to5', { pH: [6] });
    return { ...sheet, readings: sheet.readings.map((one) => ({ ...one, takenAt })) };
  };
  const correct = async (): Promise<void> => {
    await user.click(await screen.findByRole('button', { name: /^pH.*, A: 6/ }));
    const field = document.querySelector<HTMLInputElement>('[data-lit] input');
    await user.type(field as HTMLInputElement, '6.4{Enter}');
  };

  it('is mended within a minute without a reason, and is kept as what it was', async () => {
    open(at('2026-11-24T11:59:30Z'));
    await correct();
    await waitFor(async () => {
      expect(await queued()).toMatchObject([{ step: 'pH', value: 6.4, reason: 'slip of the finger' }]);
    });
  });

  it('is none any more after that', async () => {
    open(at('2026-11-24T11:58:30Z'));
    await correct();
    expect(await screen.findByText(/^Say why it is corrected/)).toBeTruthy();
    expect(await queued()).toEqual([]);
  });
});
