import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it } from 'vitest';
import { choose } from '../../testing/choose';
import { AMERICAN, openPage } from '../../testing/page';
import { BuyingPage } from './BuyingPage';
import { useBuying } from './buyingStore';

const typed = async (label: RegExp | string, text: string): Promise<void> => {
  const user = userEvent.setup();
  const field = screen.getByLabelText(label);
  await user.clear(field);
  if (text !== '') await user.type(field, text);
};
const BAGS = /^Bags so far/;

beforeEach(() => {
  useBuying.setState({ figure: 'bagVolume_L', good: '50', bad: '46', sd: '2.5', risk: '5', most: '10', values: '' });
});

describe('a delivery', () => {
  it('is tested bag by bag until it is clear', async () => {
    openPage(<BuyingPage />);
    expect(screen.getByText('Test the first bag.')).toBeTruthy();
    await typed(BAGS, '47.5 49');
    expect(screen.getByText('Test one more.')).toBeTruthy();
    expect(screen.getByText(/^With 3 bags it is taken from a mean of/)).toBeTruthy();
    await typed(BAGS, '53, 52');
    expect(screen.getByText('Take it.')).toBeTruthy();
    await typed(BAGS, '42');
    expect(screen.getByText('Send it back.')).toBeTruthy();
    expect(screen.getByRole('img', { name: /^Means of 1 bags: 42/ })).toBeTruthy();
  });

  it('says the risks of the plan and how many bags it takes', () => {
    openPage(<BuyingPage />);
    const row = (name: string): string =>
      within(screen.getByRole('row', { name: new RegExp(`^${name}`) })).getByRole('cell').textContent;
    expect(Number.parseFloat(row('Chance to take a bad one'))).toBeLessThanOrEqual(5);
    expect(Number.parseFloat(row('Bags on the average'))).toBeLessThan(Number(row('Bags if all')));
  });

  it('warns where the bags allowed are too few, and says what cannot be read', async () => {
    openPage(<BuyingPage />);
    await typed('Bags at most', '1');
    expect(screen.getByText(/too few for these risks/)).toBeTruthy();
    await typed(BAGS, '47 x');
    expect(screen.getByText(/^Bag 2:/)).toBeTruthy();
    await typed(BAGS, '');
    await typed(/^A bad one/, '50');
    expect(screen.getByText(/nothing to tell apart/)).toBeTruthy();
  });

  it('takes what should be low, in the units of whoever reads it', async () => {
    openPage(<BuyingPage />, { units: AMERICAN });
    expect(screen.getByLabelText('A bad one, cu ft')).toBeTruthy();
    await choose(screen.getByRole('combobox', { name: 'Tested for' }), 'Weed seedlings');
    await typed(/^A good delivery/, '1');
    await typed(/^A bad one/, '6');
    await typed(/^Spread/, '2');
    await typed(BAGS, '0');
    expect(screen.getByText('Take it.')).toBeTruthy();
  });
});
