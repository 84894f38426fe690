import type { KeptReading, RunSheet } from '@bent-pail/contract';
import { PROTOCOLS } from '@bent-pail/core';
import { describe, expect, it } from 'vitest';
import { deedsOf } from './History';

const reading = (id: string, more: Partial<KeptReading>): KeptReading => ({
  id,
  seq: 1,
  replicate: 1,
  step: 'tare',
  value: 321,
  takenAt: '2026-11-24T08:00:00Z',
  keptAt: '2026-11-24T08:00:01Z',
  by: 'Tam Oswin',
  ...more,
});

function sheetWith(readings: readonly KeptReading[], more: Partial<RunSheet> = {}): RunSheet {
  return {
    protocol: PROTOCOLS[0],
    startedAt: '2026-11-24T07:55:00Z',
    startedBy: 'Isla Brandreth',
    readings,
    reopened: [],
    archivings: [],
    takenBack: [],
    ...more,
  } as RunSheet;
}

const said = (sheet: RunSheet): string[] => deedsOf(sheet, 'UTC').map((deed) => `${deed.by}: ${deed.what}`);

describe('who did what', () => {
  it('begins with the opening, and names each reading with its unit and replicate', () => {
    expect(said(sheetWith([reading('a', {})]))).toEqual([
      'Isla Brandreth: opened the sheet',
      'Tam Oswin: Tare, vessel dry, B: 321.0 g',
    ]);
  });

  it('tells a correction with what stood there and why', () => {
    const wrong = reading('a', {});
    const right = reading('b', { value: 312, corrects: 'a', reason: 'figures swapped', by: 'Isla Brandreth' });
    expect(said(sheetWith([wrong, right])).at(-1)).toBe(
      'Isla Brandreth: Tare, vessel dry, B: 321.0 corrected to 312.0 g, figures swapped',
    );
  });

  it('tells in its place when and why a finished run was opened again', () => {
    const late = reading('b', { keptAt: '2026-11-26T09:00:00Z', replicate: 0 });
    const reopened = [{ at: '2026-11-26T08:00:00Z', by: 'Isla Brandreth', reason: 'A was not read' }];
    const done = sheetWith([reading('a', {}), late], { reopened, finishedAt: '2026-11-26T10:00:00Z' });
    expect(said(done).slice(2)).toEqual([
      'Isla Brandreth: opened the finished run again, A was not read',
      'Tam Oswin: Tare, vessel dry, A: 321.0 g',
      ': the run was finished',
    ]);
  });

  it('tells a timer by the clock, and the end', () => {
    const soak = reading('a', { step: 'soak', value: Date.UTC(2026, 10, 24, 8, 30) / 1000 });
    const done = sheetWith([soak], { finishedAt: '2026-11-25T08:00:00Z' });
    expect(said(done).slice(1)).toEqual(['Tam Oswin: Wet slowly from below, B: 08:30', ': the run was finished']);
  });

  it('tells what was taken back and by whom, and that a run was put away and came back', () => {
    const told = said(
      sheetWith([], {
        takenBack: [
          { reading: reading('r', { value: 400 }), at: '2026-11-24T08:01:00Z', by: 'Isla Brandreth' },
          {
            exclusion: { replicate: 2, reason: 'knocked over' },
            at: '2026-11-24T08:02:00Z',
            by: 'Tam Oswin',
          },
        ],
        archivings: [
          { archived: true, at: '2026-11-24T08:03:00Z', by: 'Tam Oswin', reason: 'the wrong bag' },
          { archived: false, at: '2026-11-24T08:04:00Z', by: 'Isla Brandreth', reason: 'brought back' },
        ],
      }),
    );
    expect(told.slice(1)).toEqual([
      'Isla Brandreth: took back Tare, vessel dry, B: 400.0 g',
      'Tam Oswin: took C in again, which was left out: knocked over',
      'Tam Oswin: put the run away, the wrong bag',
      'Isla Brandreth: brought the run back',
    ]);
  });
});
