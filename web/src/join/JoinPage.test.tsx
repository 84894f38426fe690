import type { GroupPage } from '@bent-pail/contract';
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { outboxOf } from '../shared/outbox/store';
import { queueOfGroup } from '../shared/outbox/keep';
import { groupId, GUESSED, groupPageOf, jugReadings, SAMPLE } from '../testing/classes';
import { openPage } from '../testing/page';
import { noteJoined } from './joinedBy';
import { JoinPage } from './JoinPage';

// Whether the queue is sent is a matter of its own: here it only waits.
vi.mock('../shared/outbox/sender', () => ({ startOutbox: () => () => undefined }));

class Quiet {
  addEventListener(): void {
    // Nothing is heard in these tests.
  }
  close(): void {
    // Nor is anything open.
  }
}

beforeEach(async () => {
  localStorage.clear();
  noteJoined('ABC346');
  vi.stubGlobal('EventSource', Quiet);
  await outboxOf(queueOfGroup(groupId(1))).entries.clear();
});
afterEach(() => {
  vi.unstubAllGlobals();
});

const open = (page: GroupPage | undefined, at = '/join') =>
  openPage(<JoinPage />, {
    at,
    path: at.includes('ABC346') ? '/join/:code' : '/join',
    answers: {
      ...(page === undefined ? {} : { '/group': page }),
      'POST /join': { title: 'Air and water', groups: [1, 2].map((number) => ({ number, phones: number - 1 })) },
      'POST /join/group': groupPageOf(),
    },
  });

const queued = async () =>
  outboxOf(queueOfGroup(groupId(1)))
    .entries.orderBy('place')
    .toArray();

describe('coming in', () => {
  it('by the QR takes one press: which group', async () => {
    localStorage.clear();
    open(undefined, '/join/ABC346');
    await userEvent.click(await screen.findByRole('button', { name: /^Group 2/ }));
    expect(await screen.findByText(/^Guess first. Air in %/)).toBeTruthy();
    expect(screen.getByText('With pupils.')).toBeTruthy();
  });
});

describe('guessing', () => {
  it('takes a number and a margin, refuses what cannot be, and goes on to the next', async () => {
    open(groupPageOf());
    const guess = await screen.findByLabelText(/^Your guess/);
    await userEvent.type(guess, '130');
    await userEvent.click(screen.getByRole('button', { name: 'Keep the guess' }));
    expect(screen.getByText('Guess a number from 0 to 100 %.')).toBeTruthy();
    await userEvent.clear(guess);
    await userEvent.type(guess, '25');
    await userEvent.click(screen.getByRole('button', { name: '5' }));
    await userEvent.click(screen.getByRole('button', { name: 'Keep the guess' }));
    expect(await screen.findByText(/^Guess first. Water held in %/)).toBeTruthy();
  });
});

describe('measuring', () => {
  const sheet = (readings = groupPageOf().readings): GroupPage => groupPageOf({ guesses: GUESSED, readings });

  it('is one step a screen, with its caution, and goes on by itself', async () => {
    open(sheet());
    expect(await screen.findByRole('heading', { name: 'Water poured in' })).toBeTruthy();
    expect(screen.getByText('Germs.')).toBeTruthy();
    expect(screen.getByText(/^Time 1 of 2, step 1 of 4$/)).toBeTruthy();
    await userEvent.type(screen.getByRole('textbox'), '604');
    await userEvent.click(screen.getByRole('button', { name: 'Keep it' }));
    expect(await screen.findByRole('heading', { name: 'Let it stand full' })).toBeTruthy();
  });

  it('refuses what cannot be, and doubts what is odd, in a sentence', async () => {
    open(sheet());
    await userEvent.type(await screen.findByRole('textbox'), '-4');
    await userEvent.click(screen.getByRole('button', { name: 'Keep it' }));
    expect(screen.getByText(/must lie between 0 and 20000 mL/)).toBeTruthy();
    await userEvent.clear(screen.getByRole('textbox'));
    await userEvent.type(screen.getByRole('textbox'), '1400');
    await userEvent.click(screen.getByRole('button', { name: 'Keep it' }));
    expect(await screen.findByText(/More went in than the empty pot holds/)).toBeTruthy();
  });

  it('starts a wait and says how long it still runs', async () => {
    open(sheet(jugReadings([[604, 186]]).slice(0, 2)));
    expect(await screen.findByRole('heading', { name: 'Open the holes' })).toBeTruthy();
    expect(screen.getByRole('timer').textContent).toMatch(/standing full/);
    await userEvent.click(screen.getByRole('button', { name: 'Start: 10 min' }));
    expect(await screen.findByRole('heading', { name: 'Water that ran out' })).toBeTruthy();
  });

  it('goes back to a step, and another value takes the place of the first', async () => {
    open(sheet(jugReadings([[604, 186]]).slice(0, 1)));
    await userEvent.click(await screen.findByRole('button', { name: 'Back to: Water poured in' }));
    expect(screen.getByText('604')).toBeTruthy();
    await userEvent.type(screen.getByRole('textbox'), '640');
    await userEvent.click(screen.getByRole('button', { name: 'Keep it' }));
    expect(await screen.findByRole('heading', { name: 'Let it stand full' })).toBeTruthy();
  });

  it('without an answer keeps what is typed in the phone, and says so', async () => {
    open(sheet());
    await screen.findByRole('heading', { name: 'Water poured in' });
    vi.stubGlobal('fetch', () => Promise.reject(new TypeError('no network')));
    await userEvent.type(screen.getByRole('textbox'), '604');
    await userEvent.click(screen.getByRole('button', { name: 'Keep it' }));
    expect(await screen.findByText('1 value waits to be sent, and is safe in this phone.')).toBeTruthy();
    expect(await queued()).toMatchObject([{ groupReading: { step: 'added', value: 604, repeat: 0 } }]);
  });
});

describe('afterwards', () => {
  const full = jugReadings([
    [604, 186],
    [611, 190],
  ]);

  it('says what the group found, with a way back to each value', async () => {
    open(groupPageOf({ guesses: GUESSED, readings: full }));
    expect(await screen.findByRole('heading', { name: 'What you found' })).toBeTruthy();
    expect(screen.getByText('17.7 % and 18.1 %')).toBeTruthy();
    expect(screen.getByRole('button', { name: 'Water poured in, time 2' })).toBeTruthy();
  });

  it('after the reveal tells the class, the bench, the guess; of no group but one’s own', async () => {
    const air = {
      sampleId: SAMPLE,
      figure: 'air',
      bench: { value: 18.3, how: 'by the curve' },
      class: { mean: 17.7, band: [17, 18.4] as const, n: 5 },
      all: [17, 17.2, 17.9],
      guess: { off: 1.7, isHonest: true, place: 2, of: 6 },
    };
    open(groupPageOf({ guesses: GUESSED, readings: full, revealed: [air] }));
    expect(await screen.findByRole('heading', { name: 'What all found' })).toBeTruthy();
    expect(screen.getByText('Honest: it holds the value. Place 2 of 6.')).toBeTruthy();
    expect(screen.getByText('All groups: 17.0 % · 17.2 % · 17.9 %')).toBeTruthy();
    expect(screen.getByText('To talk about')).toBeTruthy();
  });
});
