import type { Counts, Role } from '@bent-pail/contract';
import { fireEvent, screen } from '@testing-library/react';
import type { ReactElement } from 'react';
import { useLocation } from 'react-router';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { useHand } from '../shared/handStore';
import { outboxOf } from '../shared/outbox/store';
import { useWorking } from '../shared/workingStore';
import { openPage } from '../testing/page';
import { BenchEdge } from './BenchEdge';
import { STATIONS } from './views';
import { useKeys } from './useKeys';

const COUNTS: Counts = {
  lots: 27,
  openRuns: 1,
  blends: 0,
  scorecards: 3,
  sheetsToRate: 1,
  openClasses: 1,
  openTrials: 0,
};

afterEach(() => {
  useHand.setState({ hand: undefined });
  useWorking.getState().close();
});

describe('the bench edge', () => {
  const open = (role: Role): void => {
    openPage(<BenchEdge onKeys={vi.fn()} onFind={undefined} />, {
      role,
      at: '/bench/runs/1',
      answers: { '/counts': COUNTS },
    });
  };

  it('counts what lies at each station, and what is on the go', async () => {
    open('tester');
    expect(await screen.findByText('27 lots')).toBeTruthy();
    expect(screen.getByText('1 run open')).toBeTruthy();
    expect(screen.queryByText('0 blends')).toBeNull();
    expect(screen.getByText('2 on the go')).toBeTruthy();
  });

  it.each<[Role, readonly string[]]>([
    ['lead', ['Shelf', 'Bench', 'Blend', 'Pot', 'Score', 'Grow', 'Class', 'Record']],
    ['reader', ['Shelf', 'Bench', 'Blend', 'Pot', 'Score', 'Grow', 'Class', 'Record']],
    ['panellist', []],
  ])('shows a %s only where they may go', (role, words) => {
    open(role);
    const shown = STATIONS.map(({ word }) => word).filter((word) => screen.queryByText(word) !== null);
    expect(shown).toEqual(words);
  });

  it('carries what is in hand, until it is put down', () => {
    useHand.getState().take({ kind: 'lot', id: 'l1', name: 'Bark BK-7' });
    open('tester');
    expect(screen.getByText('Bark BK-7')).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'clear' }));
    expect(screen.getByText('nothing yet')).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'clear' })).toBeNull();
  });

  it('says how many readings wait, and how many were refused', async () => {
    const { entries } = outboxOf('the-tester');
    const wait = (more: object = {}) => entries.add({ runId: 'r', reading: { id: 'a' }, ...more } as never);
    open('tester');
    expect(screen.queryByRole('status')).toBeNull();
    await wait();
    expect((await screen.findByRole('status')).textContent).toBe('1 waiting');
    await wait({ problem: 'Too heavy.' });
    expect(await screen.findByText('1 refused')).toBeTruthy();
    await entries.clear();
  });
});

describe('single keys', () => {
  const onKeys = vi.fn();
  const onFind = vi.fn();
  const pressed = vi.fn<(which: string) => void>();
  function Page({ single }: { readonly single: boolean }): ReactElement {
    useKeys({ stations: STATIONS, single, onKeys, onFind });
    const { pathname, search } = useLocation();
    return (
      <main>
        <p>at {pathname + search}</p>
        <input aria-label="a field" />
        <button
          type="button"
          data-working="a"
          onClick={() => {
            pressed('first');
          }}
        >
          0.50
        </button>
        <button
          type="button"
          data-working="b"
          onClick={() => {
            pressed('second');
          }}
        >
          0.29
        </button>
      </main>
    );
  }
  const open = (single = true): void => {
    onKeys.mockClear();
    onFind.mockClear();
    pressed.mockClear();
    openPage(<Page single={single} />);
  };
  const press = (key: string, more: object = {}): void => {
    fireEvent.keyDown(document.activeElement ?? document.body, { key, ...more });
  };

  it.each([
    ['1', '/shelf'],
    ['3', '/blend'],
    ['5', '/score'],
    ['8', '/record'],
    ['0', '/'],
  ])('%s goes to %s', (key, address) => {
    open();
    press(key);
    expect(screen.getByText(`at ${address}`)).toBeTruthy();
  });

  it('9 goes nowhere, for there is no such station', () => {
    open();
    press('9');
    expect(screen.getByText('at /')).toBeTruthy();
  });

  it('/ finds anything, and so does Ctrl-K, also from a field and where single keys are off', () => {
    open();
    press('/');
    expect(onFind).toHaveBeenCalledTimes(1);
    screen.getByLabelText('a field').focus();
    press('/');
    expect(onFind).toHaveBeenCalledTimes(1);
    press('k', { ctrlKey: true });
    expect(onFind).toHaveBeenCalledTimes(2);
  });

  it('? opens the sheet of keys', () => {
    open();
    press('?');
    expect(onKeys).toHaveBeenCalledOnce();
  });

  it('W opens the working of the number in focus, or of the first one', () => {
    open();
    press('w');
    screen.getByRole('button', { name: '0.29' }).focus();
    press('W');
    expect(pressed.mock.calls).toEqual([['first'], ['second']]);
  });

  it('are silent in a field, with Ctrl held, and where the person switched them off', () => {
    open();
    screen.getByLabelText('a field').focus();
    press('1');
    (document.activeElement as HTMLElement).blur();
    press('1', { ctrlKey: true });
    expect(screen.getByText('at /')).toBeTruthy();
  });

  it('switched off, only Escape works', () => {
    open(false);
    press('1');
    press('?');
    expect(screen.getByText('at /')).toBeTruthy();
    expect(onKeys).not.toHaveBeenCalled();
    const close = vi.spyOn(useWorking.getState(), 'close');
    press('Escape');
    expect(close).toHaveBeenCalled();
  });
});
