import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import { cardPageOf, PUMICE, sheetOf } from '../testing/fixtures';
import { openPage } from '../testing/page';
import { LotPage } from './LotPage';
import { choose } from '../testing/choose';

// A canvas cannot be drawn on here; what the charts are given is tested where they are made.
vi.mock('../shared/chart/Chart', () => ({ Chart: () => null }));

const at = { at: '/shelf/lots/lot', path: '/shelf/lots/:id' };
const good = sheetOf('saturate-drain-dry', PUMICE);
const settings = { ...good.settings, packingHabit: 'firmed' } as const;
const firmed = sheetOf(
  'saturate-drain-dry',
  { ...PUMICE, drained: PUMICE.drained.map((mass) => mass + 60) },
  { id: 'firmed', number: 9, settings },
);

describe('the card of a lot', () => {
  it('shows each figure with spread, method, run and age, and what is not known', async () => {
    openPage(<LotPage />, { ...at, answers: { '/lots/lot': cardPageOf([good]) } });
    const row = await screen.findByRole('row', { name: /^Container capacity/ });
    expect(row.textContent).toMatch(/0\.3\d+± 0\.\d+/);
    expect(row.textContent).toContain('12 cm vessel, tapped, drained 60 min; run 7');
    expect(screen.getByText('pH 1:5')).toBeDefined();
    expect(await screen.findByText(/Curve from 3 drained vessels of one depth/)).toBeDefined();
  });

  it('says that it follows a change, until it does', async () => {
    openPage(<LotPage />, { ...at, answers: { '/lots/lot': cardPageOf([good], { following: true }) } });
    expect((await screen.findByRole('status')).textContent).toMatch(/being worked out again.*figures of before/);
  });

  it('says what firming costs where a pair of runs shows it', async () => {
    openPage(<LotPage />, { ...at, answers: { '/lots/lot': cardPageOf([good, firmed]) } });
    expect((await screen.findByText(/firmed instead of tapped/)).textContent).toMatch(/0\.05\d/);
  });

  it('offers to measure what nobody knows, and to blend what is known', async () => {
    openPage(<LotPage />, { ...at, answers: { '/lots/lot': cardPageOf([good]) } });
    expect((await screen.findByRole('link', { name: 'Put into a new blend' })).getAttribute('href')).toBe(
      '/blend/desk?lot=lot',
    );
  });

  it('makes a prepared lot with what was noted, and what was parted off', async () => {
    const told = openPage(<LotPage />, { ...at, answers: { '/lots/lot': cardPageOf([good]) } });
    await userEvent.click(await screen.findByRole('button', { name: 'Prepare a lot from it' }));
    await choose(screen.getByLabelText('It was'), /^sieved/i);
    await userEvent.type(screen.getByLabelText('Taken, L'), '20');
    await userEvent.type(screen.getByLabelText('Minutes'), '25');
    await userEvent.type(screen.getByLabelText(/Mesh, plate/), '4 mm mesh');
    await userEvent.type(screen.getByLabelText(/parted off/), 'fines');
    await userEvent.type(screen.getByLabelText('How much of it, L'), '5,5');
    await userEvent.click(screen.getByRole('button', { name: 'As a new lot' }));
    await waitFor(() => {
      expect(told).toHaveLength(1);
    });
    expect(told[0]).toMatchObject({
      address: '/lots/lot/prepared',
      body: { how: 'sieved', took_L: 20, minutes: 25, tool: '4 mm mesh', rest: { code: 'fines', made_L: 5.5 } },
    });
    expect(told[0]?.body.water_L).toBeUndefined();
  });

  it('says what is wrong with a number before anything is sent', async () => {
    const told = openPage(<LotPage />, { ...at, answers: { '/lots/lot': cardPageOf([good]) } });
    await userEvent.click(await screen.findByRole('button', { name: 'Prepare a lot from it' }));
    await userEvent.type(screen.getByLabelText('Passes'), 'twice');
    await userEvent.click(screen.getByRole('button', { name: 'As a new lot' }));
    expect(await screen.findByText(/“twice” is not a number/)).toBeDefined();
    expect(told).toEqual([]);
  });
});
