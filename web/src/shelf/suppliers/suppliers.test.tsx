import type { SupplierPage as Page } from '@bent-pail/contract';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { choose } from '../../testing/choose';
import { classRow } from '../../testing/desk';
import { idOf } from '../../testing/ids';
import { lists, pageOf } from '../../testing/lists';
import { openPage, type Told } from '../../testing/page';
import { SupplierPage } from './SupplierPage';
import { SuppliersPage } from './SuppliersPage';

const lot = { ...classRow('compost-green', 'Load of compost'), id: idOf('load') };
const PAGE: Page = {
  id: 's1',
  name: 'Council heap',
  kind: 'free',
  permission: 'the foreman',
  permissionUntil: '2026-01-31',
  came: 1,
  sorted: 1,
  sentBack: 0,
  outOfStock: 1,
  lastOn: '2026-11-20',
  currency: '£',
  even: [],
  deliveries: [
    { id: 'd2', on: '2026-11-22', outOfStock: 'Leaf mould', by: 'Tam' },
    {
      id: 'd1',
      on: '2026-11-20',
      lot: { id: 'l1', name: 'Green compost', code: 'GC-1', pricePerL: 0.04 },
      gate: { weeds: 2 },
      decision: 'sort',
      words: 'sieved',
      by: 'Tam',
    },
  ],
};

const open = (): readonly Told[] =>
  openPage(<SupplierPage />, {
    role: 'tester',
    at: '/shelf/suppliers/s1',
    path: '/shelf/suppliers/:id',
    answers: { ...lists({ lots: [lot] }), '/suppliers/s1': PAGE, '/suppliers/s1/deliveries': PAGE },
  });

describe('a supplier', () => {
  it('shows what came, at which price, what was out of stock, and why a load was sorted', async () => {
    open();
    const row = within(await screen.findByRole('row', { name: /Green compost, GC-1/ }));
    expect(row.getByText('£0.04')).toBeTruthy();
    expect(row.getByText('sort it or set it apart')).toBeTruthy();
    expect(row.getByText(/^Some weeds or creeping roots/)).toBeTruthy();
    expect(screen.getByText('Leaf mould, out of stock')).toBeTruthy();
    expect(screen.getByText(/^The word that it may be taken has run out/)).toBeTruthy();
  });

  it('says at the gate what to do with what is seen, and notes it with the lot', async () => {
    const user = userEvent.setup();
    const told = open();
    await user.click(await screen.findByRole('button', { name: 'Something came' }));
    const form = within(screen.getByRole('form', { name: 'Something came' }));
    await choose(form.getByRole('combobox', { name: 'The lot that came' }), 'Load of compost');
    expect(form.queryByText(/Creeping roots all through it/)).toBeNull();
    await user.type(form.getByLabelText('Weeds, roots in a bucket'), '7');
    expect(form.getByText(/Creeping roots all through it/)).toBeTruthy();
    expect(form.getByText('send it back.')).toBeTruthy();
    await choose(form.getByRole('combobox', { name: 'Smell, wafted' }), 'earthy');
    await choose(form.getByRole('combobox', { name: 'What was done' }), 'send it back');
    await user.click(form.getByRole('button', { name: 'Note it' }));
    await waitFor(() => {
      expect(told).toHaveLength(1);
    });
    expect(told[0]).toMatchObject({
      address: '/suppliers/s1/deliveries',
      body: { lotId: idOf('load'), gate: { weeds: 7, smell: 'earthy' }, decision: 'sendBack' },
    });
  });

  it('notes what was out of stock, and nothing of a gate with it', async () => {
    const user = userEvent.setup();
    const told = open();
    await user.click(await screen.findByRole('button', { name: 'Something came' }));
    await user.click(screen.getByLabelText('It was out of stock'));
    expect(screen.queryByLabelText('Weeds, roots in a bucket')).toBeNull();
    await user.type(screen.getByLabelText('What was out of stock'), 'Coir');
    await user.click(screen.getByRole('button', { name: 'Note it' }));
    await waitFor(() => {
      expect(told).toHaveLength(1);
    });
    expect(told[0]?.body).toMatchObject({ outOfStock: 'Coir' });
    expect(told[0]?.body).not.toHaveProperty('gate');
    expect(told[0]?.body).not.toHaveProperty('lotId');
  });
});

describe('suppliers', () => {
  it('stand in a list, and a new one is kept', async () => {
    const user = userEvent.setup();
    const told = openPage(<SuppliersPage />, {
      role: 'tester',
      answers: { '/suppliers': pageOf([PAGE]), 'POST /suppliers': PAGE },
    });
    const row = within(await screen.findByRole('row', { name: /Council heap/ }));
    expect(row.getByText(/^gives it away/)).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'A new one' }));
    await user.type(screen.getByLabelText('Name'), 'Haldane');
    await user.click(screen.getByRole('button', { name: 'Keep them' }));
    await waitFor(() => {
      expect(told).toHaveLength(1);
    });
    expect(told[0]).toMatchObject({ address: '/suppliers', body: { name: 'Haldane', kind: 'trade' } });
  });

  it('ask whom things come from where there is none', async () => {
    openPage(<SuppliersPage />, { role: 'reader', answers: { '/suppliers': pageOf([]) } });
    expect(await screen.findByText('Whom does it come from?')).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'A new one' })).toBeNull();
  });
});
