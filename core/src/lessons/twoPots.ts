import { readStep, waitStep } from '../protocols';
import type { Step } from '../sheets';
import { potDoubts } from './jugSheet';
import type { Handling, PupilFigure, PupilSheet, Readings } from './lesson';

/** A pot of two that are treated alike: what its steps begin with, and what it is called. */
interface Pot {
  readonly key: string;
  readonly name: string;
  readonly say: string;
}

const at = (pot: Pot, step: string): string => `${pot.key}-${step}`;

function stepsOf(pot: Pot): Step[] {
  return [
    readStep('volume', {
      key: at(pot, 'volume'),
      label: `Stuff in the ${pot.name}`,
      say: pot.say,
      why: 'Both are told as a part of the stuff, not of the pot.',
      picture: 'jug',
      bounds: [50, 20000],
      caution: 'germs',
    }),
    readStep('volume', {
      key: at(pot, 'added'),
      label: `Water poured into the ${pot.name}`,
      say: 'Holes closed: pour slowly until the water is level with the surface. How much went in?',
      why: 'It fills every space that was not wet before.',
      picture: 'soak',
      bounds: [0, 20000],
    }),
    waitStep(
      { name: 'draining', minutes: 10 },
      {
        key: at(pot, 'drain'),
        label: `Open the holes of the ${pot.name}`,
        say: 'After ten minutes full: empty the jug, open the holes over it, press start. Do not tilt it.',
        why: 'Both pots drain for the same time.',
        picture: 'drain',
      },
    ),
    readStep('volume', {
      key: at(pot, 'collected'),
      label: `Water that ran out of the ${pot.name}`,
      say: 'When it has stopped dripping: how much is in the jug?',
      why: 'What ran out left air behind; the rest stayed.',
      picture: 'jug',
      bounds: [0, 20000],
    }),
  ];
}

const airOf = (pot: Pot, guess?: readonly [number, number]): PupilFigure => ({
  key: `${pot.key}Air`,
  label: `Air in the ${pot.name}`,
  unit: '%',
  times: 100,
  digits: 1,
  from: { add: [at(pot, 'collected')], per: [at(pot, 'volume')] },
  ...(guess === undefined ? {} : { guess }),
  says: `of the stuff in the ${pot.name} is air once it has stopped dripping.`,
});

const heldOf = (pot: Pot, guess?: readonly [number, number]): PupilFigure => ({
  key: `${pot.key}Held`,
  label: `Water held in the ${pot.name}`,
  unit: '%',
  times: 100,
  digits: 1,
  from: { add: [at(pot, 'added')], take: [at(pot, 'collected')], per: [at(pot, 'volume')] },
  ...(guess === undefined ? {} : { guess }),
  says: `of the stuff in the ${pot.name} is water that stayed.`,
});

const handlingsOf = (pots: readonly Pot[]): Handling[] =>
  pots.flatMap((pot) => [
    {
      key: `packed-${pot.key}`,
      words: `pressed the stuff into the ${pot.name}`,
      moves: { [at(pot, 'added')]: 'low', [at(pot, 'collected')]: 'low' },
    },
    {
      key: `drained-${pot.key}`,
      words: `let the ${pot.name} drain for less long`,
      moves: { [at(pot, 'collected')]: 'low', [`${pot.key}Held`]: 'high' },
      shortens: at(pot, 'drain'),
    },
    {
      key: `level-${pot.key}`,
      words: `poured until water stood above the surface of the ${pot.name}`,
      moves: { [at(pot, 'added')]: 'high', [at(pot, 'collected')]: 'high' },
    },
  ]);

const doubtsOf = (pots: readonly Pot[]) => (readings: Readings) =>
  pots.flatMap((pot) =>
    potDoubts(readings[at(pot, 'added')], readings[at(pot, 'collected')], readings[at(pot, 'volume')]),
  );

const LOW: Pot = {
  key: 'low',
  name: 'low pot',
  say: 'Fill the low, wide pot with stuff to its line, dropped three times, never pressed. How much stuff is that? Pour it over from a jug.',
};
const TALL: Pot = {
  key: 'tall',
  name: 'tall pot',
  say: 'Fill the tall, narrow pot with the same stuff in the same way. How much stuff is that?',
};
const PLAIN: Pot = {
  key: 'plain',
  name: 'plain pot',
  say: 'Fill a pot with stuff alone to its line, dropped three times, never pressed. How much stuff is that?',
};
const STONES: Pot = {
  key: 'stones',
  name: 'pot with stones',
  say: 'Lay 3 cm of wet, drained stones into the same kind of pot, then stuff on top to the same line. How much stuff, without the stones?',
};

/** The same stuff in a low and in a tall pot. */
export const HEIGHT_SHEET: PupilSheet = {
  key: 'heights',
  steps: [...stepsOf(LOW), ...stepsOf(TALL)],
  figures: [airOf(LOW, [0, 100]), airOf(TALL, [0, 100]), heldOf(LOW), heldOf(TALL)],
  doubts: doubtsOf([LOW, TALL]),
  handlings: handlingsOf([LOW, TALL]),
};

/** The same stuff with and without stones below it. */
export const STONES_SHEET: PupilSheet = {
  key: 'stones',
  steps: [...stepsOf(PLAIN), ...stepsOf(STONES)],
  figures: [heldOf(PLAIN, [0, 100]), heldOf(STONES, [0, 100]), airOf(PLAIN)],
  doubts: doubtsOf([PLAIN, STONES]),
  handlings: handlingsOf([PLAIN, STONES]),
};
