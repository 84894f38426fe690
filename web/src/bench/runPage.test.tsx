import type { NewReading, RunSheet, TodayPage } from '@bent-pail/contract';
import { screen, within, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { Toasts } from '../kit/Toasts';
import { isReading, outboxOf } from '../shared/outbox/store';
import { openSheetOf, PUMICE, sheetOf, openRowOf } from '../testing/fixtures';
import { openPage, type Told } from '../testing/page';
import { useDrafts } from './draftStore';
import { RoundPage } from './RoundPage';
import { RunPage } from './RunPage';

const entries = outboxOf('the-tester').entries;
const user = userEvent.setup();
const NOON = '2026-11-24T12:00:00Z';

beforeEach(async () => {
  vi.restoreAllMocks();
  await entries.clear();
  useDrafts.setState({ texts: {} });
});

const begun = openSheetOf('saturate-drain-dry', { waterTemp: [17.4], tare: [312.4, 311.9, 313] });
const full = openSheetOf('ph-1to5', { pH: [6, 6.1, 6.05] });
const litField = async (): Promise<HTMLInputElement> => {
  const sheet = await screen.findByRole('region', { name: /Run sheet|Now/ });
  return sheet.querySelector('[data-lit] input') as HTMLInputElement;
};
const queued = async (): Promise<NewReading[]> =>
  (await entries.orderBy('place').toArray()).filter(isReading).map((one) => one.reading);

function open(sheet: RunSheet, more: { role?: 'tester' | 'reader'; answers?: object } = {}): readonly Told[] {
  return openPage(<RunPage />, {
    role: more.role ?? 'tester',
    at: `/bench/runs/${sheet.id}`,
    path: '/bench/runs/:id',
    answers: { [`/runs/${sheet.id}`]: sheet, '/instruments': [], ...more.answers },
  });
}

describe('a run sheet', () => {
  it('lights the first empty cell, takes what is typed, and goes on to the next', async () => {
    open(begun);
    await user.type(await litField(), '921,6{Enter}');
    await waitFor(async () => {
      expect(await queued()).toMatchObject([{ step: 'filled', replicate: 0, value: 921.6 }]);
    });
    expect(await screen.findByText(/1 reading waits in this browser/)).toBeTruthy();
    await user.type(await litField(), '902.2{Enter}');
    await waitFor(async () => {
      expect((await queued())[1]).toMatchObject({ step: 'filled', replicate: 1 });
    });
  });

  it('asks about what cannot be before it keeps it, and keeps it all the same where it is typed again', async () => {
    open(openSheetOf('saturate-drain-dry', { ...PUMICE, drained: [], dryTray: [], dry: [] }));
    await user.click(await screen.findByRole('button', { name: /^Weigh, drained, A: empty/ }));
    await user.type(await litField(), '1601.6{Enter}');
    expect(await screen.findByText(/A weighs 1601\.6 g drained but/)).toBeTruthy();
    expect(await queued()).toEqual([]);
    await user.type(await litField(), '{Enter}');
    await waitFor(async () => {
      expect(await queued()).toMatchObject([{ step: 'drained', replicate: 0, value: 1601.6 }]);
    });
  });

  it('keeps what was typed and not entered, while another cell is looked at', async () => {
    open(begun);
    await user.type(await litField(), '92');
    expect(Object.values(useDrafts.getState().texts)).toEqual(['92']);
    expect(await queued()).toEqual([]);
  });

  it('sends a reading straight on where the browser keeps nothing', async () => {
    vi.spyOn(entries, 'add').mockRejectedValue(new Error('QuotaExceededError'));
    const kept = { id: 'k', seq: 9, replicate: 0, step: 'filled', value: 921.6, keptAt: NOON, takenAt: NOON };
    const told = open(begun, { answers: { '/runs/run/readings': kept } });
    await user.type(await litField(), '921.6{Enter}');
    await waitFor(() => {
      expect(told).toMatchObject([{ address: '/runs/run/readings', body: { step: 'filled', value: 921.6 } }]);
    });
    expect(screen.queryByRole('alert')).toBeNull();
  });

  it('puts a reading that nobody took back into its cell, and says so', async () => {
    vi.spyOn(entries, 'add').mockRejectedValue(new Error('QuotaExceededError'));
    open(begun);
    const field = await litField();
    vi.stubGlobal('fetch', () => Promise.reject(new TypeError('Failed to fetch')));
    await user.type(field, '921.6{Enter}');
    expect((await screen.findByRole('alert')).textContent).toMatch(
      /^921\.6 is not kept: this browser keeps nothing\..*It stands in its cell again\.$/,
    );
    expect(useDrafts.getState().texts['run:0:filled']).toBe('921.6');
  });

  it('is finished by whoever works when it is full, and by nobody who looks', async () => {
    const told = open(full, { answers: { '/runs/run/finish': sheetOf('ph-1to5', { pH: [6, 6.1, 6.05] }) } });
    await user.click(await screen.findByRole('button', { name: 'Finish the run' }));
    expect(told).toMatchObject([{ method: 'POST', address: '/runs/run/finish' }]);
    expect(await screen.findByText(/finished;/)).toBeTruthy();
  });

  it('that was finished by mistake is opened again by one press, and that it was is kept', async () => {
    const finished = sheetOf('ph-1to5', { pH: [6, 6.1, 6.05] });
    const told = openPage(
      <>
        <RunPage />
        <Toasts />
      </>,
      {
        role: 'tester',
        at: `/bench/runs/${full.id}`,
        path: '/bench/runs/:id',
        answers: {
          [`/runs/${full.id}`]: full,
          '/instruments': [],
          '/runs/run/finish': finished,
          '/runs/run/reopen': full,
        },
      },
    );
    await user.click(await screen.findByRole('button', { name: 'Finish the run' }));
    // What another test finished may still be told of.
    await user.click((await screen.findAllByRole('button', { name: /^Undo/ })).at(-1) as HTMLElement);
    await waitFor(() => {
      expect(told.at(-1)).toMatchObject({ address: '/runs/run/reopen', body: { reason: 'finished by mistake' } });
    });
    expect(await screen.findByRole('button', { name: 'Finish the run' })).toBeTruthy();
  });

  it('offers a reader no cell, no finish and nothing to leave out', async () => {
    open(full, { role: 'reader' });
    expect(await screen.findByRole('region', { name: 'Run sheet' })).toBeTruthy();
    expect(screen.queryByRole('button', { name: /Finish|Leave a replicate/ })).toBeNull();
    expect(document.querySelector('[data-lit]')).toBeNull();
  });

  it('is not finished while a reading waits', async () => {
    await entries.add({ runId: 'run', reading: { id: 'w', replicate: 0, step: 'pH', value: 6.2 } } as never);
    open(full);
    expect(await screen.findByText(/1 reading waits in this browser/)).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'Finish the run' })).toBeNull();
  });
});

describe('the round', () => {
  const second: RunSheet = {
    ...openSheetOf('ph-1to5', { pH: [6] }),
    id: 'other',
    number: 8,
    replicateCount: 2,
    lot: { id: 'coir', name: 'Coir', code: 'CO-2' },
  };
  const open = (sheets: readonly RunSheet[]): void => {
    const today: TodayPage = {
      openRuns: sheets.map(openRowOf),
      sheetsToRate: 0,
      labRequests: [],
      planned: [],
      pots: [],
      classes: [],
      trials: [],
    };
    openPage(<RoundPage />, {
      role: 'tester',
      answers: { '/today': today, ...Object.fromEntries(sheets.map((one) => [`/runs/${one.id}`, one])) },
    });
  };

  it('lays open runs side by side and lights one pot', async () => {
    open([begun, second]);
    expect(await screen.findByText(/^2 runs side by side; \d+ to do now/)).toBeTruthy();
    expect(screen.getByRole('region', { name: 'Run 7' })).toBeTruthy();
    const other = within(screen.getByRole('region', { name: 'Run 8' }));
    await user.click(other.getByRole('button', { name: /^B/ }));
    expect(screen.getByRole('heading', { name: 'Coir, CO-2: B' })).toBeTruthy();
    await user.type(await litField(), '5,9{Enter}');
    await waitFor(async () => {
      expect(await entries.toArray()).toMatchObject([
        { runId: 'other', reading: { step: 'pH', replicate: 1, value: 5.9 } },
      ]);
    });
  });

  it('of full sheets says where to finish them', async () => {
    open([{ ...full, id: 'run' }]);
    expect(await screen.findByText('Full: finish it on its sheet.')).toBeTruthy();
  });

  it('of nothing offers to start', async () => {
    open([]);
    expect(await screen.findByRole('link', { name: 'Start a run' })).toBeTruthy();
  });

  it('leaves out a run that was finished meanwhile', async () => {
    open([begun, sheetOf('saturate-drain-dry', PUMICE, { id: 'done', number: 9 })]);
    expect(await screen.findByText(/^1 run side by side/)).toBeTruthy();
    expect(screen.queryByRole('region', { name: 'Run 9' })).toBeNull();
  });
});
