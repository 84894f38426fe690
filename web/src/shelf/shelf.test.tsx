import type { DeskLot } from '@bent-pail/contract';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import { classRow } from '../testing/desk';
import { lists } from '../testing/lists';
import { openPage } from '../testing/page';
import { EditLot } from './EditLot';
import { LotStock } from './LotStock';
import { NewLotPage } from './NewLotPage';
import { ShelfPage } from './ShelfPage';
import { choose } from '../testing/choose';

const bark: DeskLot = {
  ...classRow('bark-graded', 'Bark', { aliases: ['rinde'], source: 'the mill', grade: '0-10 mm', stock_L: 120 }),
  code: 'BK-7',
};
const bag: DeskLot = { ...classRow('peat-light', 'Moorland All Round', { kind: 'product' }), id: 'bag', code: 'MA-1' };

describe('the shelf', () => {
  const open = (lots: readonly DeskLot[], at = '/shelf'): void => {
    openPage(<ShelfPage />, { answers: lists({ lots }), at, path: '/shelf' });
  };

  it('keeps materials and bought products apart', async () => {
    open([bark, bag]);
    const rows = await screen.findAllByRole('row');
    expect(rows.map(({ textContent }) => textContent).slice(1)).toEqual([
      'Materials 1',
      expect.stringMatching(/^Bark, BK-7/),
      'Bought products 1',
      expect.stringMatching(/^Moorland All Round, MA-1/),
    ]);
  });

  it.each(['bk-7', 'MILL', 'rinde', 'bark 0-10'])('finds a lot by %j', async (text) => {
    open([bark, bag]);
    await userEvent.setup().type(await screen.findByRole('searchbox'), text);
    await waitFor(() => {
      expect(screen.queryByText(/Moorland/)).toBeNull();
    });
    expect(screen.getByText('Bark, BK-7')).toBeTruthy();
  });

  it('says so when nothing answers, and asks for the first pail when it is empty', async () => {
    open([bark]);
    await userEvent.setup().type(await screen.findByRole('searchbox'), 'gold');
    expect(await screen.findByText('Nothing on the shelf answers to “gold”.')).toBeTruthy();
  });

  it('puts the cursor into the field of finding where the address says so', async () => {
    open([bark], '/shelf?find');
    expect(await screen.findByRole('searchbox')).toBe(document.activeElement);
  });

  it('of nobody’s is empty', async () => {
    open([]);
    expect(await screen.findByRole('link', { name: 'Say what is in the pail' })).toBeTruthy();
  });
});

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

describe('changing what is known of a lot', () => {
  const open = async (answers: Readonly<Record<string, unknown>> = {}) => {
    const told = openPage(<EditLot lot={bark} />, {
      answers: { [`/lots/${bark.id}`]: bark, [`/materials/${bark.materialId}`]: {}, ...answers },
    });
    await userEvent.setup().click(screen.getByRole('button', { name: 'Change what is known' }));
    return told;
  };
  const save = () => userEvent.setup().click(screen.getByRole('button', { name: 'Save' }));

  it('sends what is filled, and empties what was emptied', async () => {
    const told = await open();
    const user = userEvent.setup();
    await user.clear(screen.getByLabelText('Paid for one pack, £'));
    await user.clear(screen.getByLabelText('Grade'));
    await user.type(screen.getByLabelText('Grade'), '2-6 mm');
    await save();
    await waitFor(() => {
      expect(told).toHaveLength(1);
    });
    expect(told[0]).toEqual({
      method: 'PATCH',
      address: `/lots/${bark.id}`,
      body: {
        version: 1,
        source: 'the mill',
        grade: '2-6 mm',
        boughtOn: null,
        state: null,
        price: null,
        packVolume_L: 40,
      },
    });
  });

  it('can say that its kind is not known after all', async () => {
    const told = await open();
    await choose(screen.getByLabelText('Kind of material'), 'not known yet');
    await save();
    await waitFor(() => {
      expect(told).toHaveLength(1);
    });
    // The lot's own: its material and its siblings stay what they are.
    expect(told[0]).toMatchObject({ address: `/lots/${bark.id}`, body: { version: 1, classId: null } });
  });

  it('keeps nothing of a number that is none', async () => {
    const told = await open();
    await userEvent.setup().type(screen.getByLabelText('Paid for one pack, £'), 'x');
    await choose(screen.getByLabelText('Kind of material'), 'not known yet');
    await save();
    await screen.findByRole('alert');
    expect(screen.getByLabelText('Paid for one pack, £').getAttribute('aria-invalid')).toBe('true');
    expect(told).toEqual([]);
  });
});

describe('the stock of a lot', () => {
  it('is counted in litres, with a comma too', async () => {
    const user = userEvent.setup();
    const told = openPage(<LotStock lot={bark} />);
    expect(screen.getByText('120.0 L')).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Count it' }));
    const field = screen.getByLabelText('On hand now, loose L');
    await user.clear(field);
    await user.type(field, '87,5');
    await user.click(screen.getByRole('button', { name: 'Keep' }));
    await waitFor(() => {
      expect(told).toHaveLength(1);
    });
    expect(told[0]).toMatchObject({ address: `/lots/${bark.id}/stock`, body: { stock_L: 87.5 } });
  });

  it('that nobody counted says so', () => {
    const { stock_L: _, ...uncounted } = bark;
    openPage(<LotStock lot={uncounted} />);
    expect(screen.getByText('never counted')).toBeTruthy();
  });
});
