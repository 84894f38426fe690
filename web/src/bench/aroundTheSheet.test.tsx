import type { InstrumentRow, NewReading, RunRow, RunSheet } from '@bent-pail/contract';
import { Sheet, type Reading } from '@bent-pail/core';
import { screen, within, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState, type ReactElement } from 'react';
import { describe, expect, it } from 'vitest';
import { outboxOf } from '../shared/outbox/store';
import { useWaitingReadings } from '../shared/outbox/useOutbox';
import { queryClient } from '../shared/resources/client';
import { runQuery } from '../shared/resources/runs';
import { openSheetOf, PUMICE, sheetOf } from '../testing/fixtures';
import { lists } from '../testing/lists';
import { openPage } from '../testing/page';
import { Asides } from './Asides';
import { BenchPage } from './BenchPage';
import { LeaveOut } from './LeaveOut';
import { MeasureVessels } from './MeasureVessels';
import { RunInstruments } from './RunInstruments';
import { StuckReadings } from './StuckReadings';
import { WhichCounts } from './WhichCounts';
import { choicesOf, choose } from '../testing/choose';

const open = openSheetOf('saturate-drain-dry', PUMICE);
const user = userEvent.setup();

describe('a reading that the server would not keep', () => {
  function Stuck(): ReactElement {
    return <StuckReadings waiting={useWaitingReadings('run') ?? []} />;
  }
  const entries = outboxOf('the-lead').entries;
  const stick = async (): Promise<void> => {
    await entries.clear();
    const reading = { id: 'a', replicate: 1, step: 'tare', value: 9999 };
    await entries.add({ runId: 'run', reading, problem: 'That is over the scale.' } as never);
    openPage(<Stuck />);
    expect((await screen.findByRole('alert')).textContent).toContain('B, tare, 9999: That is over the scale.');
  };

  it('stands in sight with its sentence until it is sent again', async () => {
    await stick();
    await user.click(screen.getByRole('button', { name: 'Send again' }));
    await waitFor(() => {
      expect(screen.queryByRole('alert')).toBeNull();
    });
    expect(await entries.toArray()).toMatchObject([{ reading: { id: 'a' } }]);
    expect((await entries.toArray())[0]?.problem).toBeUndefined();
  });

  it('or is let go, after being asked once more', async () => {
    await stick();
    await user.click(screen.getByRole('button', { name: 'Discard it' }));
    await user.click(screen.getByRole('button', { name: 'Keep it waiting' }));
    expect(await entries.count()).toBe(1);
    await user.click(screen.getByRole('button', { name: 'Discard it' }));
    await user.click(within(screen.getByRole('alertdialog')).getByRole('button', { name: 'Discard it' }));
    await waitFor(async () => {
      expect(await entries.count()).toBe(0);
    });
  });
});

describe('two readings of one cell', () => {
  const reading = (id: string, value: number, by: string): Reading => ({
    id,
    replicate: 0,
    step: 'tare',
    value,
    by,
    takenAt: '2026-11-24T08:30:00Z',
  });
  const cell = new Sheet([reading('x', 312.4, 'Tam'), reading('y', 321.4, 'Isla')]).cell(0, 'tare');
  const step = open.protocol.steps.find(({ key }) => key === 'tare');
  const choose = (mayWrite: boolean) => {
    const kept: NewReading[] = [];
    if (step === undefined) throw new Error('no such step');
    openPage(
      <WhichCounts step={step} replicate={0} cell={cell} mayWrite={mayWrite} onKeep={(one) => kept.push(one)} />,
    );
    return kept;
  };

  it('are told apart by who and when; the chosen one corrects the other, with the reason', async () => {
    const kept = choose(true);
    await user.click(screen.getByRole('button', { name: /^321\.4 Isla, 08:30/ }));
    expect(kept).toMatchObject([{ step: 'tare', replicate: 0, value: 321.4, corrects: 'x' }]);
    expect(kept[0]?.reason).toBe('two readings in one cell; the one by Isla, 08:30 counts');
  });

  it('are chosen by nobody who only looks', () => {
    choose(false);
    expect(screen.getAllByRole('button').every((one) => one.hasAttribute('disabled'))).toBe(true);
  });
});

describe('leaving a replicate out', () => {
  /** The sheet as the page holds it: what the server answers takes its place. */
  function Page(): ReactElement {
    const [sheet, setSheet] = useState<RunSheet>(open);
    queryClient.getQueryCache().subscribe(() => {
      setSheet(queryClient.getQueryData(runQuery('run').queryKey) ?? open);
    });
    return <LeaveOut sheet={sheet} />;
  }
  const leaveOut = async (which: string, why: string): Promise<void> => {
    await user.click(screen.getByRole('button', { name: 'Leave a replicate out' }));
    await choose(screen.getByLabelText('Which one'), which, user);
    await user.type(screen.getByLabelText('Why'), why);
    await user.click(screen.getByRole('button', { name: 'Leave it out' }));
  };

  it('sends which and why; the next one is another', async () => {
    const exclusion = { id: 'e', replicate: 0, reason: 'knocked over', by: 'Tam', at: '2026-11-24T08:00:00Z' };
    const told = openPage(<Page />, {
      answers: { '/runs/run/exclusions': { ...open, exclusions: [exclusion] } },
    });
    await leaveOut('A', 'knocked over');
    await waitFor(() => {
      expect(screen.queryByLabelText('Why')).toBeNull();
    });
    expect(told[0]).toMatchObject({
      address: '/runs/run/exclusions',
      body: { replicate: 0, reason: 'knocked over' },
    });
    await user.click(screen.getByRole('button', { name: 'Leave a replicate out' }));
    const which = screen.getByLabelText('Which one');
    expect(which.textContent).toBe('B');
    expect(await choicesOf(which, user)).toEqual(['B', 'C']);
    expect(screen.getByLabelText<HTMLInputElement>('Why').value).toBe('');
  });

  it('is not offered where only one would be left to leave', () => {
    openPage(<LeaveOut sheet={openSheetOf('ph-1to5', { pH: [6] })} />);
    expect(screen.queryByRole('button')).toBeNull();
  });
});

describe('a vessel that nobody measured', () => {
  const bare: RunSheet = { ...open, vessels: [open.vessels[0], undefined, undefined] };

  it('is filled with water on the scale, one after the other', async () => {
    const told = openPage(<MeasureVessels sheet={bare} />);
    expect(screen.getByRole('heading', { name: 'How much does V2 hold?' })).toBeTruthy();
    expect(screen.getByText(/1 more after this/)).toBeTruthy();
    await user.type(screen.getByLabelText('Depth inside, cm'), '12');
    await user.type(screen.getByLabelText('Empty, g'), '301,5');
    await user.type(screen.getByLabelText('Full of water, g'), '1352');
    await user.click(screen.getByRole('button', { name: 'Keep the vessel' }));
    await waitFor(() => {
      expect(told).toHaveLength(1);
    });
    expect(told[0]).toMatchObject({
      address: '/vessels/1/fillings',
      body: { empty_g: 301.5, full_g: 1352, waterTemp_C: 20, shape: { height_cm: 12 } },
    });
  });

  it('says which field is none', async () => {
    const told = openPage(<MeasureVessels sheet={bare} />);
    await user.type(screen.getByLabelText('Depth inside, cm'), '12');
    await user.type(screen.getByLabelText('Empty, g'), 'light');
    await user.click(screen.getByRole('button', { name: 'Keep the vessel' }));
    expect((await screen.findByRole('alert')).textContent).toMatch(/“light” is not a number/);
    expect(screen.getByLabelText('Empty, g').getAttribute('aria-invalid')).toBe('true');
    expect(told).toEqual([]);
  });

  it('asks nothing where all are measured', () => {
    openPage(<MeasureVessels sheet={open} />);
    expect(screen.queryByRole('form')).toBeNull();
  });
});

describe('what a sheet is read with', () => {
  const pen: InstrumentRow = {
    id: 'pen',
    name: 'Red pen',
    kind: 'pH',
    calibrations: [],
    readings: 12,
  } as unknown as InstrumentRow;

  it('offers only its kinds, says what a pen without calibration is worth, and sends the choice', async () => {
    const sheet = openSheetOf('ph-1to5', { pH: [6, 6.1] });
    const told = openPage(<RunInstruments sheet={{ ...sheet, instruments: [pen] }} />, {
      answers: { '/instruments': [pen, { ...pen, id: 'scale', name: 'Blue scale', kind: 'scale' }] },
    });
    const choice = await screen.findByLabelText(/^pH pen/);
    expect(await choicesOf(choice, user)).toEqual(['none on record', 'Red pen']);
    expect(screen.getByRole('button', { name: 'Calibrate' })).toBeTruthy();
    await choose(choice, 'none on record', user);
    expect(told[0]).toEqual({ method: 'PUT', address: '/runs/run/instruments', body: { instrumentIds: [] } });
  });

  it('has a pen added and calibrated where there is none, without leaving the sheet', async () => {
    const rows = [pen];
    const told = openPage(<RunInstruments sheet={openSheetOf('ph-1to5', { pH: [6, 6.1] })} />, {
      answers: { '/instruments': rows },
    });
    await user.click(await screen.findByRole('button', { name: 'Add a pH pen' }));
    await user.type(screen.getByLabelText(/^Name/), 'Blue pen');
    await user.click(screen.getByRole('button', { name: 'Put it on the bench' }));
    expect(told[0]).toMatchObject({ address: '/instruments', body: { name: 'Blue pen', kind: 'pH', showsMv: true } });
  });
});

describe('notes and photos', () => {
  const note = { id: 'n', text: 'smells of earth', by: 'Tam', keptAt: '2026-11-24T09:15:00Z' };

  it('say who and when', () => {
    openPage(<Asides sheet={{ ...open, notes: [note] }} mayWrite={false} />);
    expect(screen.getByText('smells of earth').textContent).toContain('Tam, 24 Nov, 09:15');
    expect(screen.queryByLabelText('A note')).toBeNull();
  });

  it('are kept without the spaces around them, and never empty', async () => {
    const told = openPage(<Asides sheet={open} mayWrite />);
    const button = screen.getByRole('button', { name: 'Note it' });
    await user.type(screen.getByLabelText('A note'), '   ');
    expect(button.hasAttribute('disabled')).toBe(true);
    await user.type(screen.getByLabelText('A note'), 'dusty ');
    await user.click(button);
    expect(told[0]).toMatchObject({ address: '/runs/run/notes', body: { text: 'dusty' } });
  });

  it('take no photo over 12 MB', async () => {
    const told = openPage(<Asides sheet={open} mayWrite />);
    const large = new File([new Uint8Array(12.5 * 1024 * 1024)], 'big.png', { type: 'image/png' });
    await user.upload(screen.getByLabelText('Photo'), large);
    expect((await screen.findByRole('alert')).textContent).toMatch(/over 12 MB/);
    expect(told).toEqual([]);
  });

  it('are not there where nobody said anything and nobody may', () => {
    openPage(<Asides sheet={open} mayWrite={false} />);
    expect(screen.queryByRole('region', { name: 'Notes and photos' })).toBeNull();
  });
});

describe('the bench', () => {
  const row = (number: number, more: Partial<RunRow> = {}): RunRow => ({
    id: `r${String(number)}`,
    number,
    lotId: 'lot',
    lotName: 'Pumice',
    lotCode: 'PM-3',
    protocolLabel: 'Saturate, drain, dry',
    startedAt: '2026-11-22T08:00:00Z',
    startedBy: 'Tam',
    ...more,
  });

  it('keeps open and finished runs apart', async () => {
    openPage(<BenchPage />, {
      answers: lists({ runs: [row(7), row(6, { finishedAt: sheetOf('ph-1to5', {}).startedAt })] }),
    });
    const rows = await screen.findAllByRole('row');
    expect(rows.map(({ textContent }) => textContent).slice(1)).toEqual([
      'Open on the bench 1',
      expect.stringMatching(/^7Pumice/),
      'Finished 1',
      expect.stringMatching(/^6Pumice/),
    ]);
  });

  it('of nobody’s asks what is in the pail; a reader starts nothing', async () => {
    openPage(<BenchPage />, { answers: lists({}), role: 'reader', at: '/bench?start', path: '/bench' });
    expect(await screen.findByText('Nothing has been weighed yet.')).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'Start a run' })).toBeNull();
    expect(screen.queryByRole('form')).toBeNull();
  });
});
