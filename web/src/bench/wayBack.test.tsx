import type { NewReading, RunSheet } from '@bent-pail/contract';
import { runProgress, Sheet } from '@bent-pail/core';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import { sheetOf } from '../testing/fixtures';
import { openPage } from '../testing/page';
import { toRecord } from '../shared/toRecord';
import { LeftOut } from './LeaveOut';
import { offeredFor } from './offered';
import { PutAway } from './PutAway';
import { TakeBack } from './TakeBack';
import { TopUp } from './TopUp';
import type { LiveRun } from './useRunSheet';
import { WasPutAway } from './WasPutAway';

const open: Partial<RunSheet> = {};
const justNow = (): string => new Date(Date.now() - 5000).toISOString();

function sheetOpen(protocol: string, values: Readonly<Record<string, readonly number[]>>): RunSheet {
  const { finishedAt: _, ...sheet } = sheetOf(protocol, values, open);
  return { ...sheet, readings: sheet.readings.map((one) => ({ ...one, takenAt: justNow(), keptAt: justNow() })) };
}

const lastOf = ({ readings }: RunSheet): NewReading => readings.at(-1) as NewReading;

describe('a reading that was kept just now', () => {
  it('is taken back by one press, and its cell is asked for again', async () => {
    const sheet = sheetOpen('saturate-drain-dry', { waterTemp: [17.4], tare: [312.4] });
    const taken = vi.fn();
    const told = openPage(<TakeBack sheet={sheet} last={lastOf(sheet)} onTaken={taken} />, {
      answers: { '/runs/run/taken-back': sheet },
    });
    await userEvent.click(screen.getByRole('button', { name: 'Take back 312.4 g' }));
    await waitFor(() => {
      expect(taken).toHaveBeenCalledWith({ replicate: 0, step: 'tare' });
    });
    expect(told[0]).toMatchObject({ address: '/runs/run/taken-back', body: { reading: 'tare0' } });
  });

  it('cannot be taken back once a minute has passed, nor while the bench computer has not got it', () => {
    const sheet = sheetOf('saturate-drain-dry', { tare: [312.4] });
    openPage(<TakeBack sheet={sheet} last={lastOf(sheet)} onTaken={vi.fn()} />);
    expect(screen.queryByRole('button')).toBeNull();
    const fresh = sheetOpen('saturate-drain-dry', { tare: [312.4] });
    openPage(<TakeBack sheet={{ ...fresh, readings: [] }} last={lastOf(fresh)} onTaken={vi.fn()} />);
    expect(screen.queryByRole('button')).toBeNull();
  });
});

describe('a replicate that was left out', () => {
  it('is taken in again by one press', async () => {
    const sheet = sheetOf('saturate-drain-dry', { tare: [312.4, 311] });
    const out = { ...sheet, exclusions: [{ replicate: 1, reason: 'knocked over', by: 'Tam Oswin' }] };
    const told = openPage(<LeftOut sheet={out} />, { answers: { '/runs/run/taken-back': sheet } });
    await userEvent.click(screen.getByRole('button', { name: 'Take B in again' }));
    await waitFor(() => {
      expect(told[0]?.body).toMatchObject({ replicate: 1 });
    });
  });
});

describe('a run that was a mistake', () => {
  it('is discarded by one press while nothing was read on it', async () => {
    const sheet = sheetOpen('heft', {});
    const told = openPage(<PutAway sheet={sheet} isEmpty />, { answers: { '/runs/run/archive': sheet } });
    await userEvent.click(screen.getByRole('button', { name: 'Discard this sheet' }));
    await waitFor(() => {
      expect(told[0]).toMatchObject({ address: '/runs/run/archive', body: { reason: 'nothing was read on it' } });
    });
  });

  it('is put away with a reason once something was', async () => {
    const sheet = sheetOpen('heft', { tare: [1] });
    const told = openPage(<PutAway sheet={sheet} isEmpty={false} />, { answers: { '/runs/run/archive': sheet } });
    await userEvent.click(screen.getByRole('button', { name: 'It was a mistake' }));
    await userEvent.type(screen.getByLabelText('What was wrong with it'), 'the wrong bag{Enter}');
    await waitFor(() => {
      expect(told[0]?.body).toMatchObject({ reason: 'the wrong bag' });
    });
  });

  it('says so from then on, and comes back', async () => {
    const away: RunSheet = {
      ...sheetOpen('heft', { tare: [1] }),
      archivedAt: '2026-11-24T08:00:00Z',
      archivings: [{ archived: true, at: '2026-11-24T08:00:00Z', by: 'Isla Brandreth', reason: 'the wrong bag' }],
    };
    const told = openPage(<WasPutAway sheet={away} />, { answers: { '/runs/run/restore': away } });
    expect(screen.getByText(/Isla Brandreth: the wrong bag. It counts nowhere/)).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'Bring it back' }));
    await waitFor(() => {
      expect(told[0]?.address).toBe('/runs/run/restore');
    });
  });
});

function liveOf(sheet: RunSheet): LiveRun {
  const record = toRecord(sheet, []);
  return { sheet, record, cells: new Sheet(record.readings), progress: runProgress(record) } as LiveRun;
}

describe('water poured after it while it soaks', () => {
  const soaking = sheetOpen('kitchen-form', { added: [455, 448], soak: [Date.now() / 1000] });

  it('is added to what went in, with the amount as the reason', async () => {
    const kept: NewReading[] = [];
    openPage(<TopUp run={liveOf(soaking)} onKeep={(reading) => kept.push(reading)} />);
    // B does not soak yet.
    expect(screen.getAllByRole('button').map(({ textContent }) => textContent)).toEqual(['A, 455 mL so far']);
    await userEvent.click(screen.getByRole('button'));
    const form = screen.getByRole('form', { name: 'Top up A' });
    await userEvent.type(within(form).getByRole('textbox'), 'some{Enter}');
    expect(screen.getByText(/how much you poured/)).toBeTruthy();
    await userEvent.clear(within(form).getByRole('textbox'));
    await userEvent.type(within(form).getByRole('textbox'), '30{Enter}');
    expect(kept).toMatchObject([{ step: 'added', value: 485, corrects: 'added0', reason: 'topped up by 30 mL' }]);
  });

  it('is asked for nowhere else', () => {
    openPage(<TopUp run={liveOf(sheetOpen('saturate-drain-dry', { tare: [312] }))} onKeep={vi.fn()} />);
    expect(screen.queryByRole('button')).toBeNull();
  });
});

describe('what measuring the vessels told already', () => {
  it('is offered for tare and water, until they are read', () => {
    const live = liveOf(sheetOpen('saturate-drain-dry', { tare: [311] }));
    expect(offeredFor(live, { replicate: 0, step: 'waterTemp' })).toMatchObject({ value: 20 });
    expect(offeredFor(live, { replicate: 0, step: 'tare' })).toBeUndefined();
    expect(
      offeredFor(liveOf(sheetOpen('saturate-drain-dry', { waterTemp: [17] })), { replicate: 0, step: 'tare' }),
    ).toEqual({
      value: 300,
      from: 'as V1 weighed when it was measured',
    });
  });

  it('is nothing for a vessel that a jug measured', () => {
    const live = liveOf(sheetOpen('saturate-drain-dry', { waterTemp: [17] }));
    const vessels = live.record.vessels.map((vessel) => vessel && { ...vessel, fillings: [{ jug_mL: 1040 }] });
    const byJug = { ...live, record: { ...live.record, vessels } };
    expect(offeredFor(byJug, { replicate: 0, step: 'tare' })).toBeUndefined();
  });
});
