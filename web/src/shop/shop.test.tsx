import { act, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it } from 'vitest';
import { choose } from '../testing/choose';
import { openPage } from '../testing/page';
import { ShopPage } from './ShopPage';
import { useShop } from './shopStore';
import { shopVerdict } from './shopView';

beforeEach(() => {
  act(() => {
    useShop.getState().anew();
  });
});

/** The verdict's sentence. What an earlier test's slip said may still be announced beside the page. */
const verdict = (): string | null => within(screen.getByRole('main')).getByRole('status').textContent;

const fill = async (place: number, name: string, price: string, pack: string, claims = ''): Promise<void> => {
  const user = userEvent.setup();
  const card = within(screen.getByRole('group', { name: new RegExp(`^Pack ${String(place)}|${name}`) }));
  await user.type(card.getByLabelText(`Pack ${String(place)}, its name`), name);
  await user.type(card.getByLabelText('Price of one'), price);
  await user.type(card.getByLabelText('On the label, L'), pack);
  if (claims !== '') await user.type(card.getByLabelText('What it claims, asterisks too'), claims);
};

describe('the shop desk', () => {
  it('says which pack to take by the label, what would turn it, and what to ask', async () => {
    openPage(<ShopPage />);
    expect(screen.getByText(/Type what two packs cost/)).toBeTruthy();
    await fill(1, 'Hopwell', '10', '40', 'Feeds for 6 months*');
    await fill(2, 'Scarp', '6', '40');
    expect(verdict()).toBe('Take Scarp: 40 % cheaper than Hopwell by the litre. 3 packs, 20 L left over.');
    expect(screen.getByText(/turns if Scarp holds 40 % less than it says/)).toBeTruthy();
    const asked = within(screen.getByRole('region', { name: 'What the labels come to' })).getAllByRole('listitem');
    expect(asked.map((one) => one.textContent)).toEqual([
      expect.stringContaining('asterisk') as string,
      expect.stringContaining('how much nitrogen') as string,
    ]);
  });

  it('asks whether a block by its name is one, before its litres are taken for loose', async () => {
    openPage(<ShopPage />);
    await fill(1, 'Fairlop coir block', '8', '5');
    await userEvent.setup().click(screen.getByRole('button', { name: 'It is a block' }));
    expect(useShop.getState().notes.packs[0]?.form).toBe('block');
    expect(screen.getByText(/is 30 L by its label/)).toBeTruthy();
  });

  it('puts what one makes oneself in the same line', async () => {
    const user = userEvent.setup();
    openPage(<ShopPage />);
    await fill(1, 'Hopwell', '10', '40');
    await user.type(screen.getByLabelText(/^If you make it, a litre costs/), '0.1');
    expect(verdict()).toBe('Make it yourself: 60 % cheaper than Hopwell by the litre, your time not counted.');
    expect(screen.queryByText(/^That turns if/)).toBeNull();
    expect(screen.getByRole('row', { name: /^What you make/ })).toBeTruthy();
    await user.clear(screen.getByLabelText(/^If you make it, a litre costs/));
    await user.type(screen.getByLabelText(/^If you make it, a litre costs/), '0.5');
    expect(verdict()).toMatch(/^Take Hopwell/);
  });

  it('calls level what two labels cannot tell apart', async () => {
    openPage(<ShopPage />);
    await fill(1, 'Hopwell', '10', '40');
    await fill(2, 'Scarp', '9.8', '40');
    expect(verdict()).toMatch(/^Scarp and Hopwell may cost the same/);
  });

  it('shows how a name is read, so that a block is not taken for loose stuff', async () => {
    openPage(<ShopPage />);
    await fill(1, 'coco peat', '8', '5');
    expect(screen.getByText(/Read as/).textContent).toMatch(/Coir/i);
  });

  it('judges what the hands found in the first one, for the use that is chosen', async () => {
    openPage(<ShopPage />);
    const user = userEvent.setup();
    await choose(screen.getByLabelText('Squeezed, it'), 'drips', user);
    const region = within(screen.getByRole('region', { name: 'Buy one first' }));
    expect(region.getByText(/Fist squeeze, drips: (not|bearable)/)).toBeTruthy();
  });

  it('asks for a sign-in before anything is put on a shelf', () => {
    openPage(<ShopPage />, { role: 'reader' });
    expect(screen.getByText(/All this stays in this browser/)).toBeTruthy();
  });

  it('becomes products by one press for whoever works here', async () => {
    const told = openPage(<ShopPage />, { role: 'tester' });
    await fill(1, 'Hopwell', '10', '40', 'peat-free');
    await userEvent.setup().click(screen.getByRole('button', { name: 'Put them on the shelf' }));
    expect(await screen.findByText('They are on the shelf.')).toBeTruthy();
    await waitFor(() => {
      expect(told.map(({ address }) => address)).toEqual(['/materials', '/lots', '/prices']);
    });
    expect(told[0]?.body).toMatchObject({ name: 'Hopwell', kind: 'product' });
    expect(told[1]?.body).toMatchObject({ packVolume_L: 40, labelAnalysis: 'peat-free' });
    expect(told[2]?.body).toMatchObject({ price: 10, kind: 'paid', form: 'loose', pack_L: 40 });
  });
});

it('two packs of one name are told apart, and a pack without a price is left out', () => {
  openPage(<p>a page</p>);
  const { notes, pack, another } = useShop.getState();
  expect(shopVerdict(notes)).toBeUndefined();
  act(() => {
    another();
    pack(0, { name: 'Fell', price: '10', pack: '40' });
    pack(1, { name: 'Fell', price: '9', pack: '30' });
  });
  const verdict = shopVerdict(useShop.getState().notes);
  expect(typeof verdict === 'object' && verdict.lines.map(({ name }) => name)).toEqual(['Fell, 1', 'Fell, 2']);
});
