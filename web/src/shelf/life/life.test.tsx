import type { LotLife } from '@bent-pail/contract';
import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { choicesOf, choose } from '../../testing/choose';
import { openPage } from '../../testing/page';
import { LifePage } from './LifePage';

const at = '2026-11-20T08:00:00Z';
const LIFE: LotLife = {
  lot: { id: 'l1', name: 'Pumice', code: 'PM-3' },
  restsOn: [
    { kind: 'run', id: 'r2', title: 'Saturate, drain, dry', number: 12, at, readings: 25, leftOut: 1 },
    { kind: 'run', id: 'r1', title: 'pH, 1:5 in water', number: 7, at, readings: 3, leftOut: 0 },
  ],
  goesInto: [
    { kind: 'blend', id: 'b1', title: 'Tub mix', number: 2, at },
    { kind: 'batch', id: 'l9', title: 'Tub mix, TM-1', at },
  ],
};

const sheet = (replicateCount: number, readings: readonly object[]) => ({
  replicateCount,
  readings,
  protocol: {
    steps: [
      { key: 'pH', label: 'pH of the extract' },
      { key: 'temp', label: 'Temperature', optional: true },
    ],
  },
});

const open = (life: LotLife, without: unknown = []) =>
  openPage(<LifePage />, {
    at: '/shelf/lots/l1/life',
    path: '/shelf/lots/:id/life',
    answers: {
      '/lots/l1/life': life,
      '/runs/r2': sheet(3, []),
      '/runs/r1': sheet(2, [
        { step: 'pH', replicate: 0, value: 5.1 },
        { step: 'pH', replicate: 1, value: 5.2 },
        { step: 'temp', replicate: 1, value: 20 },
      ]),
      'POST /lots/l1/without': without,
    },
  });

describe('the life of a lot', () => {
  it('stands between what it rests on and what rests on it, each a way on', async () => {
    open(LIFE);
    const before = within(await screen.findByRole('region', { name: 'Rests on' }));
    expect(before.getByRole('link', { name: /12, Saturate, drain, dry/ }).getAttribute('href')).toBe('/bench/runs/r2');
    expect(before.getByText(/25 readings, 1 replicate left out/)).toBeTruthy();
    const after = within(screen.getByRole('region', { name: 'Goes into' }));
    expect(after.getByRole('link', { name: /Tub mix.*version 2/ }).getAttribute('href')).toBe('/blend/b1');
    expect(after.getByRole('link', { name: /TM-1/ }).getAttribute('href')).toBe('/shelf/lots/l9/life');
  });

  it('says so where nothing is behind it, or rests on it', async () => {
    open({ ...LIFE, restsOn: [], goesInto: [] });
    expect(await screen.findByText(/^No run of it is finished/)).toBeTruthy();
    expect(screen.getByText('Nothing rests on it yet.')).toBeTruthy();
    expect(screen.queryByRole('region', { name: 'If it were left out' })).toBeNull();
  });

  it('tells what would change without a replicate of one of its runs', async () => {
    const told = open(LIFE, [
      {
        property: 'airSpace',
        method: 'porosity@3',
        is: { mean: 0.265, sd: 0.012, n: 3 },
        would: { mean: 0.271, n: 2 },
      },
    ]);
    const user = userEvent.setup();
    await choose(await screen.findByRole('combobox', { name: 'Of the run' }), '7, pH', user);
    await screen.findByRole('combobox', { name: 'Replicate' });
    await choose(screen.getByRole('combobox', { name: 'Replicate' }), 'B', user);
    await user.click(screen.getByRole('button', { name: 'What would change' }));
    const row = within((await screen.findByText('Air space')).closest('tr') as HTMLElement);
    expect(row.getByText('0.265, apart by 0.012')).toBeTruthy();
    expect(row.getByText('0.271')).toBeTruthy();
    expect(told[0]?.body).toEqual({ runId: 'r1', replicate: 1 });
    await choose(screen.getByRole('combobox', { name: 'Without' }), 'temperature', user);
    expect(screen.queryByText('Air space')).toBeNull();
    await user.click(screen.getByRole('button', { name: 'What would change' }));
    await screen.findByText('Air space');
    expect(told[1]?.body).toEqual({ runId: 'r1', replicate: 1, step: 'temp' });
    // Of another replicate only what was read there.
    await choose(screen.getByRole('combobox', { name: 'Replicate' }), 'A', user);
    expect(await choicesOf(screen.getByRole('combobox', { name: 'Without' }), user)).toEqual([
      'the whole replicate',
      'pH of the extract',
    ]);
  });

  it('says so where nothing would', async () => {
    open(LIFE);
    const user = userEvent.setup();
    await user.click(await screen.findByRole('button', { name: 'What would change' }));
    expect(await screen.findByText('Nothing on its card would change.')).toBeTruthy();
  });
});
