import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import { classRow, deskViewOf, profileCalled, SHELF, thinkHere } from '../../testing/desk';
import { openPage } from '../../testing/page';
import { SearchPanel } from './SearchPanel';
import { choose } from '../../testing/choose';

vi.mock('../../shared/thinking/thinker', () => ({ think: thinkHere }));

const lines = [
  { lotId: 'bark-graded', parts: 3 },
  { lotId: 'coir-pith', parts: 1 },
];
const nearest = () => within(screen.getByRole('region', { name: 'Nearest whole-part recipes' }));

describe('the nearest recipe', () => {
  it('waits for something to aim at', () => {
    openPage(<SearchPanel view={deskViewOf(lines)} asked="air" />);
    expect(nearest().getByRole<HTMLButtonElement>('button', { name: 'Search 2 lots' }).disabled).toBe(true);
  });

  it('keeps to the limits that are typed and to what the stock reaches for', async () => {
    const user = userEvent.setup();
    const view = deskViewOf(lines, { profile: profileCalled('acid-lovers') });
    openPage(<SearchPanel view={view} asked="air" />);
    await user.click(nearest().getByRole('button', { name: 'Limit the lots' }));
    await user.type(nearest().getByLabelText('Fewest parts of Bark'), '2');
    // 60 L of coir are three of 8 parts in 160 L.
    await user.type(nearest().getByLabelText('Litres that the stock must reach for'), '160');
    await user.click(nearest().getByRole('button', { name: 'Search 2 lots' }));
    expect(await nearest().findByText(/all 4 tried/)).toBeTruthy();
    const best = await nearest().findAllByRole('button', { name: /^Take / });
    const first = best[0] as HTMLElement;
    expect(await within(first).findByText(/least likely met|every target/)).toBeTruthy();
    await user.click(first);
    expect(view.taken[0]?.find(({ lotId }) => lotId === 'bark-graded')?.parts).toBeGreaterThanOrEqual(5);
  });

  it('looks for the like of a bought bag, with both prices', async () => {
    const user = userEvent.setup();
    const bag = classRow('coir-pith', 'Old Sluice', { id: 'bag', kind: 'product', price: 10, packVolume_L: 50 });
    const view = deskViewOf(lines, { lots: [...SHELF, bag] });
    openPage(<SearchPanel view={view} asked="air" />);
    await choose(screen.getByLabelText('What to aim at'), /bag|like of Old Sluice/, user);
    expect(screen.getByText(/bought £0.20 per L; this blend £0/)).toBeTruthy();
    await user.click(nearest().getByRole('button', { name: 'Search 2 lots' }));
    const [best] = await nearest().findAllByRole('button', { name: /^Take 0 to 8: .*off by 0.00/ });
    expect(best).toBeTruthy();
  });
});
