import { act, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { ReactElement } from 'react';
import { useLocation } from 'react-router';
import { afterEach, describe, expect, it } from 'vitest';
import { useFind } from '../../shared/findStore';
import { me, openPage } from '../../testing/page';
import { FindEverything } from './FindEverything';
import { runOn } from './foundThings';
import { useLately } from './latelyStore';
import { PLACES, placesFor } from './places';
import { VIEWS } from '../views';

const LOT = { kind: 'lot', id: 'l1', title: 'Rice hulls, RH-1', about: 'rice husk' };
const RUN = { kind: 'run', id: 'r87', title: '87', about: 'Rice hulls, RH-1' };

function Somewhere({ who }: { readonly who: 'tester' | 'reader' }): ReactElement {
  const { pathname, search } = useLocation();
  return (
    <>
      <p>at {pathname + search}</p>
      <FindEverything me={me(who)} />
    </>
  );
}

function open(role: 'tester' | 'reader' = 'tester') {
  openPage(<Somewhere who={role} />, {
    role,
    answers: { '/find': (asked: URLSearchParams) => (asked.get('for') === 'nothing' ? [] : [RUN, LOT]) },
  });
  useFind.getState().setOpen(true);
  return userEvent.setup();
}
afterEach(() => {
  useFind.getState().setOpen(false);
  useLately.setState({ pages: [] });
});
const box = () => screen.findByPlaceholderText(/start a run on/);

describe('the box that finds anything', () => {
  it('shows things by their kind, and goes to the first by Enter', async () => {
    const user = open();
    await user.type(await box(), 'rice');
    const runs = within(await screen.findByRole('group', { name: 'Runs' }));
    expect(runs.getByText('Run 87')).toBeTruthy();
    expect(runs.getByText('Rice hulls, RH-1')).toBeTruthy();
    expect(screen.getByRole('group', { name: 'Lots and products' })).toBeTruthy();
    await user.keyboard('{Enter}');
    expect(await screen.findByText('at /bench/runs/r87')).toBeTruthy();
    expect(useFind.getState().isOpen).toBe(false);
  });

  it('starts a run on what comes after these words', async () => {
    const user = open();
    await user.type(await box(), 'start a run on rice');
    await user.click(await screen.findByText('Start a run on Rice hulls, RH-1'));
    expect(await screen.findByText('at /bench?lot=l1')).toBeTruthy();
    expect(['run on x', 'Start run on x', 'run 87', 'start a run'].map(runOn)).toEqual([
      'x',
      'x',
      undefined,
      undefined,
    ]);
  });

  it('finds pages and acts by other words too, but no acts for a reader', async () => {
    const user = open('reader');
    await user.type(await box(), 'glossary');
    expect(await screen.findByText('Words')).toBeTruthy();
    expect(placesFor('start a run', 'reader')).toEqual([]);
    expect(placesFor('start a run', 'tester')).toHaveLength(1);
  });

  it('gives the focus back when it is left', async () => {
    openPage(
      <>
        <button type="button">before</button>
        <Somewhere who="tester" />
      </>,
      { answers: { '/find': [] } },
    );
    const user = userEvent.setup();
    const before = screen.getByRole('button', { name: 'before' });
    before.focus();
    act(() => {
      useFind.getState().setOpen(true);
    });
    await box();
    await user.keyboard('{Escape}');
    await waitFor(() => {
      expect(document.activeElement).toBe(before);
    });
  });

  it('says so where nothing is called so', async () => {
    const user = open();
    await user.type(await box(), 'nothing');
    expect(await screen.findByText('Nothing is called so.')).toBeTruthy();
  });

  it('offers where one was lately, the last first, each once', async () => {
    for (const to of ['/blend/a', '/shelf/lots/b', '/blend/a']) useLately.getState().wasAt({ to, words: `page ${to}` });
    const user = open();
    const lately = within(await screen.findByRole('group', { name: 'Lately' }));
    expect(lately.getAllByRole('option').map(({ textContent }) => textContent)).toEqual([
      'page /blend/a',
      'page /shelf/lots/b',
    ]);
    await user.keyboard('{ArrowDown}{Enter}');
    expect(await screen.findByText('at /shelf/lots/b')).toBeTruthy();
  });
});

it('every page that is found is there', () => {
  const paths = Object.values(VIEWS).flatMap(({ pages }) => pages.map(({ path }) => path));
  for (const { to } of PLACES) {
    const [path = ''] = to.split('?');
    expect(
      paths.some((one) => one === path || (one.endsWith('/:id') && path === '/blend/desk')),
      to,
    ).toBe(true);
  }
});
