import type { DeskLot } from '@bent-pail/contract';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import { choose } from '../testing/choose';
import { classRow } from '../testing/desk';
import { lists } from '../testing/lists';
import { openPage } from '../testing/page';
import { NewLotPage } from './NewLotPage';

const bark: DeskLot = {
  ...classRow('bark-graded', 'Bark', { aliases: ['rinde'], source: 'the mill', grade: '0-10 mm', stock_L: 120 }),
  code: 'BK-7',
};

describe('a new lot', () => {
  const open = (answers: Readonly<Record<string, unknown>> = {}) =>
    openPage(<NewLotPage />, { answers: { ...lists({ lots: [bark] }), ...answers } });
  const keep = () => userEvent.setup().click(screen.getByRole('button', { name: 'Put it on the shelf' }));

  it('needs a name; its kind of stuff is guessed, its code given', async () => {
    const user = userEvent.setup();
    const told = open();
    await user.type(screen.getByLabelText('Name'), 'Pumice 3-8 mm');
    await user.tab();
    expect(screen.getByLabelText('Kind of material').textContent).toMatch(/^Pumice/);
    await keep();
    await waitFor(() => {
      expect(told).toHaveLength(2);
    });
    const [material, lot] = told;
    expect(material).toMatchObject({ address: '/materials', body: { name: 'Pumice 3-8 mm', kind: 'material' } });
    expect(lot).toMatchObject({ address: '/lots', body: { materialId: material?.body.id, code: '1' } });
    expect(Object.keys(lot?.body ?? {}).sort()).toEqual(['code', 'id', 'materialId']);
  });

  it('is read anew when its name is another, but not over what somebody chose or took back', async () => {
    const user = userEvent.setup();
    open();
    const stuff = (): string => screen.getByLabelText('Kind of material').textContent;
    const call = async (name: string): Promise<void> => {
      await user.clear(screen.getByLabelText('Name'));
      await user.type(screen.getByLabelText('Name'), name);
      await user.tab();
    };
    await call('coco peat');
    expect(stuff()).toMatch(/^Coir pith/);
    await call('perlite');
    expect(stuff()).toBe('not known yet');
    await user.click(screen.getByRole('button', { name: /coarse/ }));
    await call('perlite, white');
    expect(stuff()).toMatch(/coarse/);
  });

  it('of a known material is of its class, whatever its name is usually read as', async () => {
    const user = userEvent.setup();
    const told = openPage(<NewLotPage />, {
      answers: lists({ lots: [{ ...bark, name: 'Coir', classId: 'coir-chips' }] }),
    });
    await user.type(screen.getByLabelText('Name'), 'Coir');
    await screen.findByText(/on the shelf already/);
    await user.tab();
    expect(screen.queryByText(/Read as/)).toBeNull();
    await keep();
    await waitFor(() => {
      expect(told).toHaveLength(1);
    });
    expect(told[0]?.body.classId).toBeUndefined();
  });

  it('of a known material is of the class that is chosen, also where the name is usually read so', async () => {
    const user = userEvent.setup();
    const told = openPage(<NewLotPage />, {
      answers: lists({ lots: [{ ...bark, name: 'Coir', classId: 'coir-chips' }] }),
    });
    await user.type(screen.getByLabelText('Name'), 'Coir');
    await user.tab();
    await screen.findByText(/on the shelf already/);
    await waitFor(() => {
      expect(screen.getByLabelText('Kind of material').textContent).toBe('not known yet');
    });
    await choose(screen.getByLabelText('Kind of material'), /^Coir pith/, user);
    await keep();
    await waitFor(() => {
      expect(told).toHaveLength(1);
    });
    expect(told[0]?.body.classId).toBe('coir-pith');
  });

  it('takes a pack in any unit, and shows what was understood', async () => {
    const user = userEvent.setup();
    const told = open();
    await user.type(screen.getByLabelText('Name'), 'Lava');
    await user.type(screen.getByLabelText('Pack on the label, L'), '2 cu ft');
    expect(screen.getByText('= 56.6337 L')).toBeTruthy();
    await keep();
    await waitFor(() => {
      expect(told).toHaveLength(2);
    });
    expect(told[1]?.body.packVolume_L).toBeCloseTo(56.633693184, 9);
  });

  it('says which units a pack can be in', async () => {
    const user = userEvent.setup();
    open();
    await user.type(screen.getByLabelText('Name'), 'Lava');
    await user.type(screen.getByLabelText('Pack on the label, L'), '2 lb');
    await keep();
    expect((await screen.findByRole('alert')).textContent).toMatch(/“lb” is no unit for this; use L, mL/);
  });

  it('of a known material is its next lot', async () => {
    const user = userEvent.setup();
    const told = open();
    await user.type(screen.getByLabelText('Name'), 'bark ');
    await screen.findByText('', { selector: 'option[value="Bark"]' });
    await user.type(screen.getByLabelText('Paid for one pack, £'), '9,50');
    await keep();
    await waitFor(() => {
      expect(told).toHaveLength(1);
    });
    expect(told[0]).toMatchObject({
      address: '/lots',
      body: { materialId: bark.materialId, code: '2', price: 9.5 },
    });
  });

  it('makes no second material when its lot is refused and tried again', async () => {
    const user = userEvent.setup();
    const told = open({ '/materials': {} });
    vi.stubGlobal('fetch', refusingLots(told));
    await user.type(screen.getByLabelText('Name'), 'Lava');
    await keep();
    expect(await screen.findByRole('alert')).toBeTruthy();
    await keep();
    await waitFor(() => {
      expect(materialIds(told)).toHaveLength(2);
    });
    expect(new Set(materialIds(told)).size).toBe(1);
  });

  it('says what is no number, and sends nothing', async () => {
    const user = userEvent.setup();
    const told = open();
    await user.type(screen.getByLabelText('Name'), 'Lava');
    await user.type(screen.getByLabelText('Pack on the label, L'), 'big');
    await keep();
    await screen.findByRole('alert');
    expect(screen.getByLabelText('Pack on the label, L').getAttribute('aria-invalid')).toBe('true');
    expect(told).toEqual([]);
  });
});

/** A server that takes materials and refuses every lot. */
function refusingLots(told: readonly object[]) {
  return (url: string, { method, body }: { readonly method: string; readonly body?: string }) => {
    if (method === 'GET') return Promise.resolve(new Response('{"rows":[],"total":0}'));
    (told as object[]).push({ method, address: url.replace('/api', ''), body: JSON.parse(body ?? '{}') as object });
    const problem = { error: { code: 'invalid', message: 'Write the day as 2026-11-24.', path: 'boughtOn' } };
    return Promise.resolve(
      url === '/api/lots' ? new Response(JSON.stringify(problem), { status: 422 }) : new Response('{}'),
    );
  };
}
const materialIds = (told: readonly { address: string; body: Record<string, unknown> }[]): unknown[] =>
  told.filter(({ address }) => address === '/materials').map(({ body }) => body.id);
