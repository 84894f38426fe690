import type { PriceBoardPage } from '@bent-pail/contract';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { choose } from '../../testing/choose';
import { classRow } from '../../testing/desk';
import { lists } from '../../testing/lists';
import { AMERICAN, openPage } from '../../testing/page';
import { litresWanted, firstNeed } from './need';
import { PricesPage } from './PricesPage';

const BOARD: PriceBoardPage = {
  currency: '£',
  measured: [
    { name: 'Hopwell, H-1', figures: { airSpace: 0.2, containerCapacity: 0.6, pH: 6 } },
    { name: 'Scarp, S-1', figures: { airSpace: 0.21, containerCapacity: 0.61, pH: 6.1 } },
    { name: 'Tarn, T-1', figures: { airSpace: 0.4, containerCapacity: 0.4, pH: 5 } },
  ],
  packs: [
    {
      name: 'Hopwell, H-1',
      lotId: 'h',
      kind: 'paid',
      price: 10,
      pack_L: 40,
      form: 'loose',
      noted: 1,
      on: '2026-11-01',
    },
    { name: 'Scarp, S-1', lotId: 's', kind: 'offer', price: 12, pack_L: 50, true_L: 48, form: 'loose', noted: 2 },
    { name: 'Tub mix, made here', blendId: 'b', kind: 'made', price: 0.18, noted: 0 },
  ],
};
const product = classRow('bark-graded', 'Hopwell', { kind: 'product', id: '0190a000-0000-7000-8000-00000000000a' });

const open = (units?: typeof AMERICAN) =>
  openPage(<PricesPage />, {
    answers: { '/prices': BOARD, ...lists({ lots: [product] }) },
    ...(units === undefined ? {} : { units }),
  });
const rows = (): string[] => screen.getAllByRole('rowheader').map((cell) => cell.textContent);

describe('the price board', () => {
  it('has every pack by the price of a real litre, what is made among them', async () => {
    open();
    await screen.findByText('Hopwell, H-1');
    expect(rows().map((words) => words.split(',')[0])).toEqual(['Tub mix', 'Hopwell', 'Scarp']);
    const scarp = within(screen.getByRole('row', { name: /Scarp/ }));
    expect(scarp.getByText('0.250')).toBeTruthy();
    expect(scarp.getByText(/on offer, poured out/)).toBeTruthy();
    expect(within(screen.getByRole('row', { name: /Hopwell/ })).getByText('7.08')).toBeTruthy();
    expect(screen.getByText(/1 of 3 goes by the label alone/)).toBeTruthy();
  });

  it('names what nobody can tell apart by what was measured', async () => {
    open();
    expect(await screen.findByText(/^Nobody can tell them apart .*: Hopwell, H-1 and Scarp, S-1\.$/)).toBeTruthy();
    expect(screen.queryByText(/Tarn/)).toBeNull();
  });

  it('counts whole packs, what is left and what it costs once something is wanted', async () => {
    open();
    await choose(await screen.findByLabelText('Wanted for'), 'a volume');
    const hopwell = within(screen.getByRole('row', { name: /Hopwell/ }));
    expect(hopwell.getByText('3')).toBeTruthy();
    expect(hopwell.getByText('20 L')).toBeTruthy();
    expect(hopwell.getByText('£30.00')).toBeTruthy();
    expect(within(screen.getByRole('row', { name: /Tub mix/ })).getByText('£18.00')).toBeTruthy();
  });

  it('takes a price as it is seen, in the units of whoever types it', async () => {
    const user = userEvent.setup();
    const told = open(AMERICAN);
    await user.click(await screen.findByRole('button', { name: 'Note a price' }));
    await user.type(screen.getByLabelText('One pack, £'), '22');
    await choose(screen.getByLabelText('The pack'), 'compressed, a bale', user);
    const measures = screen.getByLabelText('It measures, cu ft');
    await user.clear(measures);
    await user.type(measures, '3');
    await user.type(screen.getByLabelText('Opens to, times'), '1.8');
    await user.click(screen.getByRole('button', { name: 'Keep the price' }));
    await waitFor(() => {
      expect(told).toHaveLength(1);
    });
    expect(told[0]).toMatchObject({
      address: '/prices',
      body: { lotId: product.id, kind: 'paid', price: 22, form: 'compressed', factor: 1.8 },
    });
    expect(told[0]?.body.pack_L).toBeCloseTo(84.950539776, 6);
  });
});

describe('what is wanted', () => {
  it.each([
    [{ kind: 'none' as const }, undefined],
    [{ kind: 'volume' as const, volume_L: '60' }, 60],
    [{ kind: 'volume' as const, volume_L: 'lots' }, undefined],
    [{ kind: 'pots' as const, pots: '12', potVolume_L: '5' }, 60],
    [{ kind: 'bed' as const, length_m: '3', width_m: '1.2', depth_cm: '20' }, 720],
    [{ kind: 'topDressing' as const, length_m: '10', width_m: '2', depth_cm: '2' }, 400],
  ])('%j is %s litres', (typed, litres) => {
    openPage(<p>a page</p>);
    const found = litresWanted({ ...firstNeed(), ...typed });
    if (litres === undefined) expect(found).toBeUndefined();
    else expect(found).toBeCloseTo(litres, 9);
  });
});
