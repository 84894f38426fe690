import type { Counts, Role } from '@bent-pail/contract';

/** A station on the bench edge. Its number is its key and stays, also while others are not built yet. */
export interface Station {
  readonly number: number;
  readonly path: string;
  readonly word: string;
  readonly count: (counts: Counts) => string;
  readonly roles: readonly Role[];
}

const plural = (count: number, one: string, many: string): string =>
  count === 0 ? '' : `${String(count)} ${count === 1 ? one : many}`;

/** Stations in the order of the work. */
export const STATIONS: readonly Station[] = [
  {
    number: 1,
    path: '/shelf',
    word: 'Shelf',
    count: (c) => plural(c.lots, 'lot', 'lots'),
    roles: ['lead', 'tester', 'reader'],
  },
  {
    number: 2,
    path: '/bench',
    word: 'Bench',
    count: (c) => plural(c.openRuns, 'run open', 'runs open'),
    roles: ['lead', 'tester', 'reader', 'student'],
  },
  {
    number: 3,
    path: '/blend',
    word: 'Blend',
    count: (c) => plural(c.blends, 'blend', 'blends'),
    roles: ['lead', 'tester', 'reader'],
  },
  {
    number: 5,
    path: '/score',
    word: 'Score',
    count: (c) => plural(c.scorecards, 'card', 'cards'),
    roles: ['lead', 'tester', 'reader'],
  },
];
