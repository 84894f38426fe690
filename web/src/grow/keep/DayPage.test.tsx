import { pulledPlants } from '@bent-pail/core';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { isTrialReading, outboxOf } from '../../shared/outbox/store';
import { NOW, openPage } from '../../testing/page';
import { trialPageOf, trialReadingsOf } from '../../testing/trials';
import { DayPage } from './DayPage';

beforeEach(async () => {
  vi.useFakeTimers({ toFake: ['Date'], now: NOW });
  await outboxOf('the-tester').entries.clear();
});
afterEach(() => {
  vi.useRealTimers();
});

const page = trialPageOf();
const open = (at = '/grow/t1/day', path = '/grow/:id/day', more = {}, role: 'tester' | 'reader' = 'tester') =>
  openPage(<DayPage />, {
    role,
    at,
    path,
    answers: { '/trials/t1': { ...page, ...more }, '/trials/t1/readings': trialReadingsOf(page, 7) },
  });

const numberOf = (id: string): string => `p${String(page.plots.find((plot) => plot.id === id)?.number ?? 0)}`;

const queued = async () =>
  (await outboxOf('the-tester').entries.orderBy('place').toArray())
    .filter(isTrialReading)
    .map(({ trialReading: { plotId, plant, trait, value, state, signs, on } }) => ({
      cell: `${numberOf(plotId)} ${String(plant)} ${trait}`,
      on,
      said: value ?? state ?? signs,
    }));

const cell = (): HTMLElement => screen.getByRole('region', { name: 'The cell to fill' });
const input = async (): Promise<HTMLInputElement> => screen.findByRole<HTMLInputElement>('textbox');

describe('a day of readings', () => {
  it('takes a number and Enter for each cell, and goes on by itself', async () => {
    open();
    await input();
    await userEvent.keyboard('8{Enter}9{Enter}10{Enter}');
    await waitFor(async () => {
      expect(await queued()).toEqual([
        { cell: 'p1 0 up', on: '2026-11-24', said: 8 },
        { cell: 'p2 0 up', on: '2026-11-24', said: 9 },
        { cell: 'p3 0 up', on: '2026-11-24', said: 10 },
      ]);
    });
    expect(cell().textContent).toMatch(/^4Seedlings up/);
    expect(screen.getByText(/wait for the bench computer/).textContent).toMatch(/3 of 48 read, 3 wait/);
  });

  it('takes Enter alone for seedlings: none came up since', async () => {
    open();
    await input();
    await userEvent.keyboard('{Enter}');
    // It had 4 + 1 up the last time.
    await waitFor(async () => {
      expect(await queued()).toEqual([{ cell: 'p1 0 up', on: '2026-11-24', said: 5 }]);
    });
  });

  it('takes D and M: dead and missing are two things', async () => {
    open('/grow/t1/day');
    await input();
    await userEvent.click(screen.getByRole('button', { name: 'Go to plot 2' }));
    await userEvent.keyboard('m');
    await userEvent.keyboard('d');
    await waitFor(async () => {
      expect((await queued()).map(({ said }) => said)).toEqual(['missing', 'dead']);
    });
  });

  it('does not take what cannot be, says why, and loses nothing', async () => {
    open();
    const field = await input();
    await userEvent.type(field, '11{Enter}');
    expect((await screen.findByRole('alert')).textContent).toMatch(/Seedlings up lies between 0 and 10/);
    expect((await input()).value).toBe('11');
    expect(await queued()).toEqual([]);
  });

  it('shows neither the medium nor who is better: plots are read blind', async () => {
    open();
    await input();
    const main = screen.getByRole('main');
    for (const name of ['Peat', 'Bark', 'Coir']) expect(within(main).queryByText(new RegExp(name))).toBeNull();
  });

  it('opens at the plot whose label was scanned', async () => {
    open('/grow/t1/plots/6', '/grow/:id/plots/:number');
    await input();
    expect(cell().textContent).toMatch(/^6Seedlings up/);
  });

  it('walks plot by plot where that is chosen, with what is seen at the end of each', async () => {
    open();
    await input();
    await userEvent.click(screen.getByRole('radio', { name: 'plot by plot' }));
    await userEvent.click(screen.getByRole('button', { name: 'Go to plot 1' }));
    await userEvent.keyboard('6{Enter}30{Enter}32{Enter}');
    await userEvent.click(await screen.findByRole('checkbox', { name: 'mould' }));
    fireEvent.click(screen.getByRole('button', { name: 'Keep what is seen' }));
    await waitFor(async () => {
      expect((await queued()).map(({ cell: at, said }) => [at, said])).toEqual([
        ['p1 0 up', 6],
        ['p1 1 height', 30],
        ['p1 2 height', 32],
        ['p1 0 signs', ['mould']],
      ]);
    });
  });

  it('says when nothing is read on a day, and when the next is', async () => {
    open('/grow/t1/day?on=2026-11-23');
    expect(await screen.findByText(/Nothing is read on this day/)).toBeTruthy();
  });

  it('stands a caution before the first cell', async () => {
    open();
    await input();
    expect(screen.getByText('Sap and thorns.')).toBeTruthy();
  });

  it('says which plant is pulled for its roots: the one that lot drew, the same one each time', async () => {
    const plan = { ...page.plan, pull: { each: 1, age_d: 14 }, observe: [{ trait: 'roots' as const, ages: [14] }] };
    open('/grow/t1/day', '/grow/:id/day', { plan });
    const said = (await screen.findByText(/^Pull plant/)).textContent;
    expect(said).toBe(`Pull plant ${pulledPlants(7, 1, 2, 1).join()}, drawn by lot.`);
  });

  it('is for testers while it grows', async () => {
    open('/grow/t1/day', '/grow/:id/day', {}, 'reader');
    expect(await screen.findByText(/A reader looks on/)).toBeTruthy();
  });

  it('is over once the trial is finished', async () => {
    open('/grow/t1/day', '/grow/:id/day', { state: 'finished' });
    expect(await screen.findByText(/taken while a trial grows/)).toBeTruthy();
  });
});
