import type { Check } from '../errors';
import { readStep, waitStep } from '../protocols';
import type { Handling, PupilFigure, PupilSheet } from './lesson';

const AIR: PupilFigure = {
  key: 'air',
  label: 'Air',
  unit: '%',
  times: 100,
  digits: 1,
  from: { add: ['collected'], per: ['volume'] },
  bench: 'airSpace',
  guess: [0, 100],
  says: 'of the pot is air once it has stopped dripping.',
};

const HELD: PupilFigure = {
  key: 'held',
  label: 'Water held',
  unit: '%',
  times: 100,
  digits: 1,
  from: { add: ['added'], take: ['collected'], per: ['volume'] },
  bench: 'containerCapacity',
  guess: [0, 100],
  says: 'of the pot is water that stayed, at least.',
  note: 'A class finds at least so much: what was wet before is not counted, and the bench dries it to know.',
};

const DAYS: PupilFigure = {
  key: 'days',
  label: 'Days until it wants water',
  unit: 'd',
  digits: 1,
  bench: 'days',
  guess: [0, 60],
  says: 'until the water that a plant takes with ease is used, on mild days.',
  note: 'Nobody waits for it in a lesson: the bench works it out.',
};

/** What pupils do at a pot with a jug, and how the readings show it. */
export const POT_HANDLINGS: readonly Handling[] = [
  {
    key: 'packed',
    words: 'pressed it down, or filled it in many small lots',
    moves: { added: 'low', collected: 'low' },
  },
  { key: 'loose', words: 'filled it loosely, without dropping the pot', moves: { added: 'high', collected: 'high' } },
  { key: 'soaked', words: 'let it stand full for less long', moves: { added: 'low', held: 'low' }, shortens: 'soak' },
  { key: 'drained', words: 'let it drain for less long', moves: { collected: 'low', held: 'high' }, shortens: 'drain' },
  {
    key: 'level',
    words: 'poured until water stood above the surface',
    moves: { added: 'high', collected: 'high', air: 'high' },
  },
  { key: 'jug', words: 'caught it in a jug that was not empty', moves: { collected: 'high', held: 'low' } },
  {
    key: 'tilted',
    words: 'tilted or shook the pot while it drained',
    moves: { collected: 'high', air: 'high', held: 'low' },
  },
];

export function potDoubts(
  added: number | undefined,
  collected: number | undefined,
  volume: number | undefined,
): Check[] {
  const checks: Check[] = [];
  const say = (code: string, message: string): void => {
    checks.push({ code, severity: 'caution', message });
  };
  if (added !== undefined && volume !== undefined && added > volume)
    say('more-than-pot', 'More went in than the empty pot holds. Read the jug again.');
  if (added !== undefined && volume !== undefined && added < 0.05 * volume)
    say('hardly-any', 'Hardly any water went in. Was the stuff soaked already, or does the water stand on top?');
  if (collected !== undefined && added !== undefined && collected > added)
    say('more-out', 'More ran out than went in. Was the jug empty, was the stuff wet before?');
  if (collected === 0) say('none-out', 'Nothing ran out. Are the holes open?');
  return checks;
}

/** A pot, a jug, water in and water out. */
export const JUG_SHEET: PupilSheet = {
  key: 'jug',
  steps: [
    readStep('volume', {
      key: 'volume',
      label: 'How much the empty pot holds',
      say: 'Close the holes. Fill the empty pot with water to its line, pour it into the jug, read the jug.',
      why: 'Everything else is a part of this.',
      picture: 'jug',
      bounds: [50, 20000],
    }),
    readStep('volume', {
      key: 'added',
      label: 'Water poured in',
      say: 'Fill the pot with the stuff to the line, drop it three times from a hand’s breadth, fill up, never press. Holes closed: pour slowly until the water is level with the surface. How much went in?',
      why: 'It fills every space that was not wet before.',
      picture: 'soak',
      bounds: [0, 20000],
      caution: 'germs',
    }),
    waitStep(
      { name: 'standing full', minutes: 10 },
      {
        key: 'soak',
        label: 'Let it stand full',
        say: 'Press start. Keep the water level with the surface; if it sinks, pour a little more and put the new total in the step before.',
        why: 'Dry stuff takes its time to let water in.',
        picture: 'level',
      },
    ),
    waitStep(
      { name: 'draining', minutes: 10 },
      {
        key: 'drain',
        label: 'Open the holes',
        say: 'Empty the jug. Hold the pot over it, open the holes, press start. Do not tilt it, do not shake it.',
        why: 'What runs out leaves air behind.',
        picture: 'drain',
      },
    ),
    readStep('volume', {
      key: 'collected',
      label: 'Water that ran out',
      say: 'When it has stopped dripping: how much is in the jug?',
      why: 'Its volume is the air’s volume.',
      picture: 'jug',
      bounds: [0, 20000],
    }),
  ],
  figures: [AIR, HELD],
  doubts: ({ added, collected, volume }) => potDoubts(added, collected, volume),
  handlings: POT_HANDLINGS,
  bench: { protocol: 'kitchen-form', steps: { added: 'added', soak: 'soak', drain: 'drain', collected: 'collected' } },
  potStep: 'volume',
};

/** The same, with a guess that takes longer than a lesson to come true. */
export const GUESS_SHEET: PupilSheet = { ...JUG_SHEET, key: 'guess', figures: [AIR, HELD, DAYS] };
