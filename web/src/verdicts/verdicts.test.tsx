import { VERDICT_TABLE, type VerdictLine } from '@bent-pail/core';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { choose } from '../testing/choose';
import { openPage } from '../testing/page';
import { rangeWords } from './rangeWords';
import { VerdictPage } from './VerdictPage';
import { VerdictsPage } from './VerdictsPage';

const rows = VERDICT_TABLE.map((line) => ({ ...line, version: 0 }));
const ID = 'weedsPerL.seed.2';
const line = (id: string): VerdictLine => VERDICT_TABLE.find((one) => one.id === id) as VerdictLine;
const openLine = (id: string, more: object = {}, role: 'lead' | 'tester' = 'lead') =>
  openPage(<VerdictPage />, {
    role,
    at: `/verdicts/${id}`,
    path: '/verdicts/:id',
    answers: {
      '/verdicts': rows.map((row) => (row.id === id ? { ...row, ...more } : row)),
      'POST /verdicts': rows,
      [`DELETE /verdicts/${id}`]: rows,
    },
  });

describe('the table of verdicts', () => {
  it('is found by words, with what a line holds for', async () => {
    openPage(<VerdictsPage />, { answers: { '/verdicts': rows }, at: '/verdicts?find=steaming', path: '/verdicts' });
    expect((await screen.findAllByRole('link', { name: /^Weed seedlings: 2 \/L and over/ })).length).toBeGreaterThan(0);
    expect(screen.queryByRole('link', { name: /Palm grit/ })).toBeNull();
  });

  it.each([
    ['squeeze.containers.2', 'holds, crumbles at a touch'],
    ['palmGrit.bed.1', 'none, a quarter or less'],
    ['maturity.seed.3', 'ripe'],
    ['ec_dSm.seed.1', 'under 0.76 dS/m'],
    ['ec_dSm.seed.2', '0.76 to under 1.26 dS/m'],
    ['ec_dSm.seed.3', '1.26 dS/m and over'],
  ])('says of %s that it holds for %s', (id, words) => {
    expect(rangeWords(line(id))).toBe(words);
  });
});

describe('a line', () => {
  it('is moved and said otherwise by a lead', async () => {
    const told = openLine(ID);
    const user = userEvent.setup();
    const from = await screen.findByLabelText('Begins at');
    await user.clear(from);
    await user.type(from, '0,8');
    await choose(screen.getByLabelText('Is'), 'not', user);
    await user.click(screen.getByRole('button', { name: 'Keep the line' }));
    await waitFor(() => {
      expect(told[0]?.body).toEqual({ id: ID, version: 0, from: 0.8, says: 'not', because: line(ID).because });
    });
  });

  it('is parted by a lead: from a value on a line of the notebook’s own holds', async () => {
    const told = openLine(ID);
    const user = userEvent.setup();
    await user.type(await screen.findByLabelText('From'), '1,5');
    await choose(screen.getByLabelText('It is'), 'not', user);
    await user.type(screen.getByLabelText('Because of what'), 'Our trays are weeded by hand.');
    await user.click(screen.getByRole('button', { name: 'Add the line' }));
    await waitFor(() => {
      expect(told[0]?.body).toMatchObject({
        version: 0,
        from: 1.5,
        says: 'not',
        because: 'Our trays are weeded by hand.',
      });
    });
    expect(told[0]?.body.id).toMatch(/^weedsPerL\.seed\.own-[0-9a-f]{8}$/);
  });

  it('of the notebook’s own is taken out', async () => {
    const told = openPage(<VerdictPage />, {
      at: '/verdicts/weedsPerL.seed.own-3f2a91c4',
      path: '/verdicts/:id',
      answers: {
        '/verdicts': [
          { ...line(ID), id: 'weedsPerL.seed.own-3f2a91c4', version: 1, changed: { by: 'Isla', at: '2026-11-20' } },
        ],
        'DELETE /verdicts/weedsPerL.seed.own-3f2a91c4': rows,
      },
    });
    expect(await screen.findByText('added by Isla')).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'Take it out' }));
    await waitFor(() => {
      expect(told[0]?.method).toBe('DELETE');
    });
  });

  it('of classes keeps its place', async () => {
    const told = openLine('squeeze.seed.3');
    await userEvent.setup().click(await screen.findByRole('button', { name: 'Keep the line' }));
    expect(screen.queryByLabelText('Begins at')).toBeNull();
    await waitFor(() => {
      expect(told[0]?.body).toMatchObject({ from: 2 });
    });
  });

  it('that was changed says by whom, and goes back to what ships', async () => {
    const told = openLine(ID, { version: 3, changed: { by: 'Tam Oswin', at: '2026-11-24T08:00:00Z' } });
    expect(await screen.findByText('changed by Tam Oswin')).toBeTruthy();
    await userEvent.setup().click(screen.getByRole('button', { name: 'As it ships' }));
    expect(await screen.findByText('another page')).toBeTruthy();
    expect(told).toMatchObject([{ method: 'DELETE', address: `/verdicts/${ID}` }]);
  });

  it('is only read by a tester', async () => {
    openLine(ID, {}, 'tester');
    expect(await screen.findByText(/bearable: A weed in every second pot/)).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'Keep the line' })).toBeNull();
  });
});
