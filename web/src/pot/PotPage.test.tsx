import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import { choose } from '../testing/choose';
import { blendRow, SHELF, thinkHere } from '../testing/desk';
import { lists } from '../testing/lists';
import { openPage } from '../testing/page';
import { PotPage } from './PotPage';

vi.mock('../shared/thinking/thinker', () => ({ think: thinkHere }));
vi.mock('../shared/chart/Chart', () => ({ Chart: ({ says }: { readonly says: string }) => <p>{says}</p> }));

const ID = '0190a000-0000-7000-8000-000000000001';
const rows = [blendRow(ID, 'Scree', [{ lotId: 'pumice-coarse', parts: 1 }])];
const open = (asked = ''): ReturnType<typeof userEvent.setup> => {
  openPage(<PotPage />, {
    at: `/pot?pot=10-12-9&days=1${asked}`,
    path: '/pot',
    answers: lists({ lots: SHELF, blends: rows }),
  });
  return userEvent.setup();
};
const WAIT = { timeout: 20_000 };

describe('the station Pot', () => {
  it('asks what is in the pot where nothing is', async () => {
    open();
    expect(await screen.findByText('Which blend or lot is in your pot?', undefined, WAIT)).toBeTruthy();
  });

  it('says what the pot does, and shows it at the hour under the hand', async () => {
    const user = open(`&with=blend:${ID}`);
    expect(await screen.findByText(/^Watered every 2 days, mild days outdoors,/, undefined, WAIT)).toBeTruthy();
    const hand = screen.getByRole('slider', { name: 'The time that is looked at' });
    expect(hand.getAttribute('aria-valuetext')).toBe('day 2, 00:00');
    hand.focus();
    await user.keyboard('{Home}');
    expect(hand.getAttribute('aria-valuetext')).toBe('day 1, 00:00');
    const air = within(screen.getByRole('row', { name: /^Air among its roots, now/ }));
    expect(air.getByText('0.00')).toBeTruthy();
    // A soaked pot drains: an hour later there is air.
    await user.keyboard('{ArrowRight}');
    expect(air.queryByText('0.00')).toBeNull();
  });

  it('sets stones beside none at one press, and says which has more air', async () => {
    const user = open(`&with=blend:${ID}&water=none`);
    await user.click(await screen.findByRole('button', { name: 'Stones below, or none' }, WAIT));
    expect(await screen.findByText(/^Soaked, after ten minutes/, undefined, WAIT)).toBeTruthy();
    expect(screen.getByRole('button', { name: 'no stones', pressed: true })).toBeTruthy();
    await user.click(screen.getByRole('button', { name: /^3.0 cm of stones/ }));
    expect(screen.getByRole('button', { name: /^3.0 cm of stones/, pressed: true })).toBeTruthy();
  });

  it('keeps what is asked in the address, also how it is watered', async () => {
    const user = open(`&with=blend:${ID}`);
    await choose(await screen.findByLabelText('It is watered', undefined, WAIT), 'not at all', user);
    expect(await screen.findByText(/^Not watered, mild days outdoors,/, undefined, WAIT)).toBeTruthy();
    await choose(screen.getByLabelText('Below it'), 'a bed on clay', user);
    expect(await screen.findByLabelText(/^Water table, below the bed/)).toBeTruthy();
  });

  it('says what would do where a number is none', async () => {
    const user = open(`&with=blend:${ID}`);
    const days = await screen.findByLabelText('Days between', undefined, WAIT);
    await user.clear(days);
    await user.type(days, '900');
    expect(screen.getByText('Give 0.25 to 60.')).toBeTruthy();
  });

  it('says how fast water goes through by whose word', async () => {
    open(`&with=blend:${ID}`);
    expect(await screen.findByText(/by its curve alone/, undefined, WAIT)).toBeTruthy();
    expect(screen.getByRole('link', { name: 'run water through it' })).toBeTruthy();
  });

  it('is kept under a name: what was asked, of which version, and what came of it; and put away', async () => {
    const kept = {
      id: 'r',
      name: 'Daily or not',
      address: '/pot?days=1',
      media: ['Scree, version 1'],
      said: ['Scree: it drains.'],
      by: 'Tam',
      at: '2026-11-20T08:00:00Z',
    };
    const told = openPage(<PotPage />, {
      at: `/pot?pot=10-12-9&days=1&with=blend:${ID}`,
      path: '/pot',
      answers: {
        ...lists({ lots: SHELF, blends: rows }),
        '/pot-results': [],
        'POST /pot-results': [kept],
        'PATCH /pot-results/r': [],
      },
    });
    const user = userEvent.setup();
    await user.type(await screen.findByLabelText('Keep this as', undefined, WAIT), 'Daily or not');
    await user.click(screen.getByRole('button', { name: 'How often to water it' }));
    const rhythm = await screen.findByText(
      /is the least work that keeps|no longer spacing keeps|No spacing keeps/,
      undefined,
      WAIT,
    );
    await user.click(screen.getByRole('button', { name: 'Keep it' }));
    const list = within(await screen.findByRole('region', { name: 'Kept before' }));
    expect(told[0]).toMatchObject({
      address: '/pot-results',
      body: { name: 'Daily or not', media: ['Scree, version 1'] },
    });
    const { address, said } = (told[0] as { body: unknown }).body as { address: string; said: string[] };
    const params = new URL(address, 'http://x').searchParams;
    expect([params.get('with'), params.get('pot'), params.get('days')]).toEqual([`blend:${ID}`, '10-12-9', '1']);
    expect(said[0]).toMatch(/^Scree: Watered every 2 days/);
    expect(said[1]).toBe(`Scree: ${rhythm.textContent}`);
    expect(list.getByRole('link', { name: 'Daily or not' }).getAttribute('href')).toBe('/pot?days=1');
    await user.click(list.getByRole('button', { name: 'Put Daily or not away' }));
    await waitFor(() => {
      expect(screen.queryByRole('region', { name: 'Kept before' })).toBeNull();
    });
    expect(told[1]).toMatchObject({ method: 'PATCH', body: { archived: true } });
  });
});
