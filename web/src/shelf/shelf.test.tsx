import type { DeskLot } from '@bent-pail/contract';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { classRow } from '../testing/desk';
import { lists } from '../testing/lists';
import { openPage } from '../testing/page';
import { EditLot } from './EditLot';
import { LotStock } from './LotStock';
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

  it('of nobody’s is empty', async () => {
    open([]);
    expect(await screen.findByRole('link', { name: 'Say what is in the pail' })).toBeTruthy();
  });
});

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
        packWeight_kg: null,
        opensTo: null,
        opensToBy: null,
      },
    });
  });

  it('asks how far a pack opens and by whose word, once it has a volume', async () => {
    const told = await open();
    const user = userEvent.setup();
    await user.clear(screen.getByLabelText(/^Pack on the label/));
    expect(screen.queryByLabelText('By whose word')).toBeNull();
    await user.type(screen.getByLabelText(/^Pack on the label/), '40');
    await user.type(screen.getByLabelText('It opens to, times the label'), '1.82');
    await user.type(screen.getByLabelText('By whose word'), 'the supplier');
    await save();
    await waitFor(() => {
      expect(told[0]?.body).toMatchObject({ packVolume_L: 40, opensTo: 1.82, opensToBy: 'the supplier' });
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
    const field = screen.getByLabelText('On hand now, loose, L');
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
