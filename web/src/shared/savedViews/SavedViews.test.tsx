import type { SavedView } from '@bent-pail/contract';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { openPage } from '../../testing/page';
import { ListBar } from '../lists/ListBar';
import { useAsked } from '../lists/useAsked';

const CHEAP: SavedView = {
  id: 'v1',
  page: '/shelf',
  name: 'Bark, cheapest first',
  query: 'find=bark&sort=price',
  by: 'Isla Brandreth',
  keptAt: '2026-11-20T08:00:00Z',
};
const ELSEWHERE: SavedView = { ...CHEAP, id: 'v2', page: '/bench', name: 'Mine' };
const answers = {
  '/saved-views': [CHEAP, ELSEWHERE],
  'DELETE /saved-views/v1': [ELSEWHERE],
  'POST /saved-views': [CHEAP, ELSEWHERE],
};

function List() {
  const [asked, ask] = useAsked(['find']);
  return (
    <>
      <ListBar
        find={asked.find ?? ''}
        placeholder="name"
        onFind={(text) => {
          ask('find', text);
        }}
      />
      <p>asked: {asked.find ?? 'nothing'}</p>
    </>
  );
}
const open = async (): Promise<HTMLElement> => {
  await userEvent.click(await screen.findByRole('button', { name: 'Kept lists' }));
  return screen.findByRole('dialog');
};

describe('lists kept under a name', () => {
  it('are those of the page, and lead to what is asked there; the box for words follows', async () => {
    openPage(<List />, { at: '/shelf?find=peat', answers });
    const slip = within(await open());
    expect(slip.queryByText('Mine')).toBeNull();
    await userEvent.click(await slip.findByRole('link', { name: 'Bark, cheapest first' }));
    expect(await screen.findByText('asked: bark')).toBeTruthy();
    expect(screen.getByRole<HTMLInputElement>('searchbox', { name: 'Find' }).value).toBe('bark');
    expect(await screen.findByText('Bark, cheapest first')).toBeTruthy();
  });

  it('are kept as the address stands', async () => {
    const told = openPage(<List />, { at: '/shelf?find=peat&group=class', answers });
    const slip = within(await open());
    await userEvent.type(slip.getByLabelText('Name of this list'), 'Peats{Enter}');
    await waitFor(() => {
      expect(told[0]?.body).toMatchObject({ page: '/shelf', name: 'Peats', query: 'find=peat&group=class' });
    });
  });

  it('are forgotten one by one', async () => {
    const told = openPage(<List />, { at: '/shelf', answers });
    const slip = within(await open());
    expect(slip.queryByLabelText('Name of this list')).toBeNull();
    await userEvent.click(await slip.findByRole('button', { name: 'Forget the list Bark, cheapest first' }));
    await waitFor(() => {
      expect(told[0]).toMatchObject({ method: 'DELETE', address: '/saved-views/v1' });
    });
  });

  it('are read by readers, and nothing to panellists or on other pages', async () => {
    openPage(<List />, { at: '/shelf?find=peat', answers, role: 'reader' });
    const slip = within(await open());
    expect(await slip.findByRole('link', { name: 'Bark, cheapest first' })).toBeTruthy();
    expect(slip.queryByRole('button')).toBeNull();
    expect(slip.queryByLabelText('Name of this list')).toBeNull();
  });
});
