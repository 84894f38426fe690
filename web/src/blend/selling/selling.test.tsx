import type { SellingPage } from '@bent-pail/contract';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { openPage, type Told } from '../../testing/page';
import type { BlendPage } from '@bent-pail/contract';
import { SellingPanel } from './SellingPanel';

const PAGE = {
  id: 'b1',
  name: 'Tub mix',
  versions: [
    {
      id: 'v2',
      n: 2,
      names: ['Bark', 'Pumice'],
      recipe: {
        lines: [
          { lotId: 'l1', parts: 3 },
          { lotId: 'l2', parts: 1 },
        ],
        pot: { height_cm: 30 },
      },
      result: { air: 0.2, water: 0.5, pricePerL: 0.1 },
      reason: 'somebody said: dries out',
    },
  ],
} as unknown as BlendPage;

const SELLING: SellingPage = {
  currency: '£',
  costPerL: 0.1,
  terms: {
    pack_L: 40,
    packaging: 0.45,
    minutes: 6,
    hourPrice: 20,
    tradePrice: 6,
    privatePrice: 9,
    by: 'Tam',
    keptAt: '2026-11-20T08:00:00Z',
  },
  batches: [],
  sales: [{ id: 's1', on: '2026-11-20', packs: 12, kind: 'trade', price: 6, by: 'Tam', code: 'OT-1' }],
  complaints: [
    { id: 'c1', on: '2026-11-21', words: 'dries out', by: 'Tam' },
    { id: 'c2', on: '2026-11-22', words: 'sinks in the pot', by: 'Tam' },
  ],
};

const open = (selling: SellingPage = SELLING): readonly Told[] =>
  openPage(<SellingPanel page={PAGE} />, {
    role: 'tester',
    answers: {
      '/blends/b1/selling': selling,
      '/blends/b1/selling/terms': selling,
      '/blends/b1/selling/complaints': selling,
      '/blends/b1/selling/sales': selling,
    },
  });

describe('a mix of one’s own', () => {
  it('says what a pack costs and what is left of each price, a loss too', async () => {
    open();
    expect((await screen.findByText(/A pack costs/)).textContent).toBe('A pack costs £6.45 to make.');
    const cells = (name: string) =>
      within(screen.getByRole('row', { name: new RegExp(`^${name}`) }))
        .getAllByRole('cell')
        .map(({ textContent }) => textContent);
    expect(cells('To private buyers')).toEqual(['9.00', '2.55', '28 %']);
    expect(cells('To the trade')).toEqual(['6.00', '−0.45', '−7 %']);
  });

  it('has a label that says what is only worked out, and by a measured batch no longer does', async () => {
    open();
    expect((await screen.findByRole('figure', { name: 'Its label' })).textContent).toMatch(/worked out from its parts/);
    const batch = { lotId: 'x', code: 'OT-1', n: 2, sold: 12, air: 0.22, water: 0.48, height_cm: 12 };
    open({ ...SELLING, batches: [batch] });
    await waitFor(() => {
      const labels = screen.getAllByRole('figure', { name: 'Its label' });
      expect(labels.at(-1)?.textContent).toMatch(/In a pot of 12 cm, drained: air 22 %, water 48 %.*Batch OT-1/);
    });
  });

  it('leads from a complaint to a further version, and names the one that was kept because of it', async () => {
    open();
    const answered = within((await screen.findByText(/“dries out”/)).closest('li') as HTMLElement);
    expect(answered.getByText('version 2 was kept because of it')).toBeTruthy();
    const link = screen.getByRole('link', { name: 'Change the mix because of it' });
    expect(link.getAttribute('href')).toBe('/blend/b1?because=somebody%20said%3A%20sinks%20in%20the%20pot');
  });

  it('notes how it is packed and what was sold', async () => {
    const user = userEvent.setup();
    const told = open();
    await user.click(await screen.findByRole('button', { name: 'Change pack and prices' }));
    const pack = screen.getByLabelText(/^A pack holds/);
    await user.clear(pack);
    await user.type(pack, '50');
    await user.click(screen.getByRole('button', { name: 'Keep it' }));
    await user.click(await screen.findByRole('button', { name: 'Packs were sold' }));
    await user.type(screen.getByLabelText('Packs'), '4');
    await user.click(screen.getByRole('button', { name: 'Note it' }));
    await waitFor(() => {
      expect(told).toHaveLength(2);
    });
    expect(told[0]?.body).toMatchObject({ pack_L: 50, privatePrice: 9 });
    expect(told[1]?.body).toMatchObject({ packs: 4, kind: 'private', price: 9 });
  });

  it('says why a cost is not known', async () => {
    const { costPerL: _cost, ...without } = SELLING;
    open(without);
    expect(await screen.findByText(/One of its parts has no price yet/)).toBeTruthy();
  });
});
