import type { BenchComputer } from '@bent-pail/contract';
import { screen, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { openPage } from '../../testing/page';
import { sizeInWords } from '../files/size';
import { ComputerPage } from './ComputerPage';
import { doubtsOf } from './doubts';

const NOW = Date.parse('2026-11-24T12:00:00Z');
const WELL: BenchComputer = {
  version: '0.1.0',
  since: '2026-11-24T06:00:00Z',
  servers: 1,
  postgres: '15.18 (Debian 15.18-0+deb12u1)',
  notebook_bytes: 48_300_000,
  disk: { free_bytes: 212e9, total_bytes: 250e9 },
  memory_bytes: 204e6,
  lastBackup: { name: 'daily-1.tar', kind: 'daily', bytes: 1, madeAt: '2026-11-24T03:00:00Z' },
  cardsWaiting: 0,
  waiting: [],
  slowest: [],
  troubles: [],
};

describe('what a lead should look after', () => {
  it('is nothing where there is room, a backup of the day, and nobody is held up', () => {
    expect(doubtsOf(WELL, NOW)).toEqual([]);
  });

  it('is a disk that fills up, small ones sooner', () => {
    const said = (free_bytes: number, total_bytes: number) =>
      doubtsOf({ ...WELL, disk: { free_bytes, total_bytes } }, NOW);
    expect(said(12e9, 250e9)).toEqual([expect.stringMatching(/^Only 12 GB are free/)]);
    expect(said(13e9, 250e9)).toEqual([]);
    expect(said(1.9e9, 10e9)).toHaveLength(1);
  });

  it('is a backup that is old, or none after two days', () => {
    const { lastBackup: _, ...without } = WELL;
    expect(doubtsOf(without, NOW)).toEqual([]);
    expect(doubtsOf(without, NOW + 3 * 86_400_000)).toEqual([expect.stringMatching(/^No backup was ever taken/)]);
    expect(doubtsOf(WELL, NOW + 3 * 86_400_000)).toEqual([expect.stringMatching(/^The last backup is 3 days old/)]);
  });

  it('is a browser that holds readings and has been silent since', () => {
    const waiting = [{ name: 'Tam Oswin', readings: 3, at: '2026-11-24T11:50:00Z' }];
    expect(doubtsOf({ ...WELL, waiting }, NOW)).toEqual([]);
    expect(doubtsOf({ ...WELL, waiting }, NOW + 600_000)).toEqual([
      '3 readings wait in the browser of Tam Oswin, who has not been heard of since. Ask for it to be opened again.',
    ]);
  });
});

it('sizes have the unit that is read most easily', () => {
  expect([900, 1_500, 12_345_678, 9.96e6, 212e9, 3e15].map(sizeInWords)).toEqual([
    '0.9 kB',
    '1.5 kB',
    '12 MB',
    '10.0 MB',
    '212 GB',
    '3\u2009000 TB',
  ]);
});

describe('the page', () => {
  it('tells what took long and what went wrong, each with its unit and its time', async () => {
    const computer: BenchComputer = {
      ...WELL,
      slowest: [{ route: 'GET /lots', longest_ms: 1240, at: '2026-11-24T09:14:00Z', times: 2 }],
      troubles: [
        { words: 'No backup was taken today.', at: '2026-11-24T03:00:00Z', times: 1 },
        {
          words: 'Something broke on the server; it is in its log.',
          route: 'GET /history',
          requestId: 'r-17',
          at: '2026-11-24T09:20:00Z',
          times: 4,
        },
      ],
    };
    openPage(<ComputerPage />, { answers: { '/bench-computer': computer } });
    expect(await screen.findByText('GET /lots')).toBeTruthy();
    expect(screen.getByRole('row', { name: /GET \/lots 1\.2 s .*09:14 2 times/ })).toBeTruthy();
    const wrong = within(screen.getByRole('region', { name: 'What went wrong' }));
    expect(wrong.getAllByRole('listitem').map(({ textContent }) => textContent)).toEqual([
      expect.stringContaining('No backup was taken today.'),
      expect.stringMatching(/4 times.*GET \/history.*in the log as r-17/),
    ]);
    expect(screen.getByRole('row', { name: 'room on its disk 212 GB of 250 GB' })).toBeTruthy();
  });
});
