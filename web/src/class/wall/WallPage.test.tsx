import type { ClassPage } from '@bent-pail/contract';
import { screen, within, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, it, vi } from 'vitest';
import { classPageOf, groupId, SAMPLE } from '../../testing/classes';
import { openPage } from '../../testing/page';
import { WallPage } from './WallPage';

vi.mock('../../shared/chart/Chart', () => ({
  Chart: ({ says, onPick }: { readonly says: string; readonly onPick?: (name: string) => void }) => (
    <button type="button" onClick={() => onPick?.('01a22d52-1820-76f2-84ea-000000000004')}>
      {says}
    </button>
  ),
}));

const open = (more: Partial<ClassPage> = {}) =>
  openPage(<WallPage />, {
    role: 'tester',
    at: '/class/c1/wall',
    path: '/class/:id/wall',
    answers: { '/classes/c1': classPageOf(more), 'POST /classes/c1/exclusions': classPageOf(more) },
  });

const tile = (number: number): HTMLElement => {
  const found = document.querySelector(`[data-group="${String(number)}"]`);
  if (!(found instanceof HTMLElement)) throw new Error('no such tile');
  return found;
};

it('shows the code while nobody has measured, and dots of nobody before all have guessed', async () => {
  const [first, ...others] = classPageOf().groups;
  open({ groups: first === undefined ? [] : [{ ...first, guesses: [] }, ...others] });
  expect(await screen.findByText('1 group has still to guess.')).toBeTruthy();
  expect(screen.getByText('ABC346')).toBeTruthy();
  expect(tile(1).textContent).toMatch(/8 of 8 read/);
  expect(screen.queryByText(/groups found/)).toBeNull();
  await userEvent.click(screen.getByRole('button', { name: 'Show them anyway' }));
  expect(screen.getByText(/^5 groups found/, { selector: 'p' })).toBeTruthy();
});

it('says what the class found and how well it repeats, each number with its working', async () => {
  open();
  expect(await screen.findByText(/^5 groups found 16\.\d %.*once in twenty/, { selector: 'p' })).toBeTruthy();
  expect(screen.getByRole('button', { name: /Air, class mean: .*Show working/ })).toBeTruthy();
  expect(screen.getByRole('button', { name: /Air, R: .*Show working/ })).toBeTruthy();
  expect(tile(6).textContent).toMatch(/has guessed/);
  // The bench's value and the guesses wait for the reveal.
  expect(screen.queryByText('Guesses, the best first')).toBeNull();
  expect(screen.queryByText(/by the curve/)).toBeNull();
});

it('opens the group that lies apart from its dot, and asks first what its readings speak for', async () => {
  open();
  await userEvent.click(await screen.findByRole('button', { name: /^Air by group/ }));
  const strip = await screen.findByRole('complementary', { name: 'Group 4' });
  expect(within(strip).getByText(/far from the others/)).toBeTruthy();
  const asked = [...strip.querySelectorAll('[data-fits="yes"]')].map((one) => one.textContent);
  expect(asked).toHaveLength(1);
  expect(asked[0]).toMatch(/pressed it down/);
  expect(within(strip).getByRole('button', { name: /Air, group 4, time 1: 11\.2 %. Show working/ })).toBeTruthy();
});

it('leaves a group out with a reason, and says so in the open', async () => {
  const told = open();
  await screen.findByText(/groups found/, { selector: 'p' });
  await userEvent.click(tile(4));
  await userEvent.click(screen.getByRole('button', { name: 'Leave it out' }));
  expect(await screen.findByText(/Say why, in 1 to 200 letters/)).toBeTruthy();
  await userEvent.type(screen.getByLabelText('Leave it out, because'), 'packed with the fist');
  await userEvent.click(screen.getByRole('button', { name: 'Leave it out' }));
  await waitFor(() => {
    expect(told).toMatchObject([
      {
        address: '/classes/c1/exclusions',
        body: { groupId: groupId(4), sampleId: SAMPLE, isOut: true, reason: 'packed with the fist' },
      },
    ]);
  });
});

it('counts without a group that is out, draws it all the same, and takes it in again', async () => {
  const out = {
    groupId: groupId(4),
    sampleId: SAMPLE,
    isOut: true,
    reason: 'a fist',
    by: 'Tam',
    at: '2026-11-24T11:30:00Z',
  };
  open({ exclusions: [out] });
  expect(await screen.findByText(/^4 groups found 17\.\d %/, { selector: 'p' })).toBeTruthy();
  expect(tile(4).textContent).toMatch(/left out/);
  await userEvent.click(tile(4));
  expect(screen.getByText('Left out: a fist')).toBeTruthy();
  expect(screen.getByRole('button', { name: 'Take it in again' })).toBeTruthy();
});

it('after the reveal tells the bench’s value and ranks the guesses, near and honest', async () => {
  open({ revealedAt: '2026-11-24T11:40:00Z' });
  expect(await screen.findByText('Guesses, the best first')).toBeTruthy();
  const guesses = screen.getByRole('region', { name: 'Guesses' });
  const [best, worst] = [within(guesses).getAllByRole('listitem')[0], within(guesses).getAllByRole('listitem')[5]];
  expect(best?.textContent).toMatch(/^1\. group 1: 15\.0 % ± 5\.0 %, 3\.3 off, honest$/);
  expect(worst?.textContent).toMatch(/group 6: 40\.0 % .*too sure$/);
  expect(screen.getByText(/by the curve/)).toBeTruthy();
  expect(screen.queryByRole('button', { name: 'Reveal to all' })).toBeNull();
});
