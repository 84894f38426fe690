import type { ProfileRow } from '@bent-pail/contract';
import { TARGET_PROFILES } from '@bent-pail/core';
import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { openPage, type Told } from '../../testing/page';
import { ProfilesPage } from './ProfilesPage';
import { choose } from '../../testing/choose';

const [first] = TARGET_PROFILES;
const own: ProfileRow = {
  ...(first as ProfileRow),
  id: '0190a000-0000-7000-8000-000000000001',
  label: 'Ours',
  own: { version: 2, by: 'Tam Oswin' },
};
const open = (role: 'tester' | 'reader' = 'tester'): readonly Told[] =>
  openPage(<ProfilesPage />, { role, answers: { '/profiles': [...TARGET_PROFILES, own] } });
const edit = async (name: RegExp, act: string): Promise<ReturnType<typeof userEvent.setup>> => {
  const user = userEvent.setup();
  await user.click(await screen.findByRole('button', { name }));
  await user.click(screen.getByRole('button', { name: act }));
  return user;
};

describe('uses', () => {
  it('show what each asks, with its limits and its basis', async () => {
    open('reader');
    const asks = within(await screen.findByRole('region', { name: 'What it asks' }));
    const air = first?.targets.find(({ property }) => property === 'air');
    expect(asks.getByRole('row', { name: /^Air space/ }).textContent).toContain(String(air?.ideal[0]));
    expect(screen.queryByRole('button', { name: 'Make a copy to change' })).toBeNull();
  });

  it('are copied before they are changed, and then kept as one’s own', async () => {
    const told = open();
    const user = await edit(/^Seed and plugs/, 'Make a copy to change');
    await user.clear(screen.getByLabelText('Air space, bears to'));
    await user.click(screen.getByLabelText('Air space is a must'));
    await user.click(screen.getByRole('button', { name: 'Do not ask for EC, 1:2 at 25 °C' }));
    await user.click(screen.getByRole('button', { name: 'Keep it' }));
    const [{ address, body }] = told as [Told];
    expect(address).toBe('/profiles');
    expect(body).toMatchObject({ version: 0, label: 'Seed and plugs, ours', basis: 'bench lore' });
    const targets = body.targets as { property: string; limits: unknown[]; must?: boolean }[];
    expect(targets.find(({ property }) => property === 'air')).toMatchObject({ limits: [0.02, null], must: true });
    expect(targets.map(({ property }) => property)).not.toContain('ec_dSm');
  });

  it('of one’s own are changed in place, or taken off the list', async () => {
    const told = open();
    const user = await edit(/^Ours/, 'Change it');
    await user.click(screen.getByRole('button', { name: 'Keep it' }));
    expect(told[0]?.body).toMatchObject({ id: own.id, version: 2, label: 'Ours' });
  });

  it('keep what cannot be read, with its name in the sentence', async () => {
    const told = open();
    const user = await edit(/^Seed and plugs/, 'Make a copy to change');
    await user.type(screen.getByLabelText('Air space, weight'), 'x');
    await user.click(screen.getByRole('button', { name: 'Keep it' }));
    expect((await screen.findByRole('alert')).textContent).toContain('Air space, weight');
    expect(told).toEqual([]);
  });

  it('can ask for something else too', async () => {
    open();
    const user = await edit(/^Seed and plugs/, 'Make a copy to change');
    await choose(screen.getByLabelText('Ask for something else too'), /price/i, user);
    expect(screen.getByLabelText('Price, ideal to')).toBeTruthy();
  });
});
