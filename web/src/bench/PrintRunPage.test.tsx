import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { openSheetOf, PUMICE, sheetOf } from '../testing/fixtures';
import { openPage } from '../testing/page';
import { PrintRunPage, PrintRunsPage } from './PrintRunPage';

const at = { at: '/bench/runs/run/print', path: '/bench/runs/:id/print' };

describe('a run on paper', () => {
  it('has its readings, its results and how the sample was taken', async () => {
    const sample = { from: 'heap', increments: 9, combined: 'quartered', finesMixedBack: false } as const;
    const sheet = sheetOf('saturate-drain-dry', PUMICE, { sample });
    openPage(<PrintRunPage />, { ...at, answers: { '/runs/run': sheet } });
    expect((await screen.findByRole('row', { name: /Tare, vessel dry/ })).textContent).toContain('312.4');
    expect(screen.getByText('Sample: 9 increments from the heap, mixed and quartered.')).toBeDefined();
    expect(screen.getByText(/Air space/).closest('li')?.textContent).toMatch(/0\.3\d+ ± 0\.\d+, n 3/);
  });

  it('is empty at a press, to write on, and keeps later dryings for those who need them', async () => {
    openPage(<PrintRunPage />, { ...at, answers: { '/runs/run': sheetOf('saturate-drain-dry', PUMICE) } });
    await userEvent.click(await screen.findByRole('button', { name: 'Empty, to write on' }));
    expect(screen.getByRole('row', { name: /Tare, vessel dry/ }).textContent).not.toContain('312.4');
    expect(screen.getByText(/Measured by/)).toBeDefined();
    expect(screen.queryByText(/Third weighing/)).toBeNull();
  });

  it('names what was corrected, by whom and why, and what was left out', async () => {
    const sheet = sheetOf('saturate-drain-dry', PUMICE);
    const [first] = sheet.readings.filter((one) => one.step === 'tare' && one.replicate === 0);
    if (first === undefined) throw new Error('no tare');
    const correction = { ...first, id: 'new', value: 312.6, corrects: first.id, reason: 'read again' };
    const exclusions = [{ replicate: 2, reason: 'mesh floated off', by: 'Isla Brandreth' }];
    const changed = { ...sheet, readings: [...sheet.readings, correction], exclusions };
    openPage(<PrintRunPage />, { ...at, answers: { '/runs/run': changed } });
    expect(await screen.findByText(/read again/)).toBeDefined();
    expect(screen.getByText(/C is left out by Isla Brandreth: mesh floated off/)).toBeDefined();
  });

  it('has no sentence on a run that is not finished', async () => {
    openPage(<PrintRunPage />, { ...at, answers: { '/runs/run': openSheetOf('saturate-drain-dry', { tare: [312] }) } });
    await screen.findByRole('row', { name: /Tare, vessel dry/ });
    expect(screen.queryByText(/Of a drained vessel/)).toBeNull();
  });
});

describe('many sheets', () => {
  const group = (id: string, groupName: string) => ({ ...openSheetOf('saturate-drain-dry', {}), id, groupName });
  const answers = { '/runs/a': group('a', 'Group 1'), '/runs/b': group('b', 'Group 2') };
  const open = (runs: string) =>
    openPage(<PrintRunsPage />, { at: `/bench/print?runs=${runs}`, path: '/bench/print', answers });

  it('are one print, each for its group, with its vessels and room for its times', async () => {
    open('a,b');
    expect(await screen.findByRole('article', { name: '2 sheets on paper' })).toBeTruthy();
    const titles = screen.getAllByRole('heading', { level: 1 }).map(({ textContent }) => textContent);
    expect(titles).toEqual(['Group 1: Saturate, drain, dry', 'Group 2: Saturate, drain, dry']);
    expect(screen.getAllByText('in V1')).toHaveLength(2);
    const [soak] = screen.getAllByRole('row', { name: /Wet slowly from below/ });
    expect(soak?.textContent).toMatch(/from ____:____to ____:____/);
  });

  it('says which cannot be had, and prints the others', async () => {
    open('a,gone');
    expect(await screen.findByRole('heading', { name: /Group 1/ })).toBeTruthy();
    expect(await screen.findByRole('alert')).toBeTruthy();
  });
});
