import { describe, expect, it } from 'vitest';
import { lotCard } from '../lots';
import { isOneGrab, sampleWords, type SamplePlan } from '../sheets';
import { PUMICE_SHEET, pumiceLot, runOf } from '../testing/sampleLot';
import { reduceRun } from '.';

const plan = (more: Partial<SamplePlan> = {}): SamplePlan => ({
  from: 'heap',
  increments: 9,
  combined: 'quartered',
  finesMixedBack: false,
  ...more,
});

describe('a sample in words', () => {
  it.each([
    [plan(), '9 increments from the heap, mixed and quartered'],
    [plan({ from: 'bin', combined: 'mixed' }), '9 increments from the bin, mixed'],
    [plan({ increments: 2, combined: 'as-taken' }), '2 increments from the heap'],
    [plan({ from: 'bag', increments: 1, finesMixedBack: true }), 'one grab from the bag, fines mixed back in'],
  ])('%o', (sample, words) => {
    expect(sampleWords(sample)).toBe(words);
  });
});

describe('what a sample stands for', () => {
  const run = (sample: SamplePlan | undefined) =>
    runOf('saturate-drain-dry', PUMICE_SHEET, sample === undefined ? {} : { sample });
  const notes = (sample: SamplePlan | undefined): string[] =>
    reduceRun(run(sample))
      .checks.filter((check) => check.code === 'few-increments')
      .map((check) => check.message);

  it('is said of one grab, on the run and on the card', () => {
    const grab = plan({ from: 'bag', increments: 1 });
    expect(isOneGrab(grab)).toBe(true);
    expect(notes(grab)[0]).toMatch(/^One grab from the bag/);
    const figures = lotCard(pumiceLot([run(grab)])).figures.filter((figure) => figure.origin === 'measured');
    expect(figures.length).toBeGreaterThan(3);
    expect(figures.every((figure) => figure.oneGrab === true)).toBe(true);
  });

  it('is said of two increments, and of three or more nothing is to be said', () => {
    expect(notes(plan({ increments: 2 }))).toHaveLength(1);
    expect(notes(plan({ increments: 3 }))).toEqual([]);
    expect(lotCard(pumiceLot([run(plan())])).figures.some((figure) => figure.oneGrab === true)).toBe(false);
  });

  it('is not guessed where nobody said', () => {
    expect(notes(undefined)).toEqual([]);
  });
});

describe('a medium that sheds water', () => {
  const packed = (classId: string, moistened: boolean): string[] =>
    reduceRun(
      runOf('saturate-drain-dry', PUMICE_SHEET, { materialClass: classId, sample: plan({ moistened }) }),
    ).checks.map((check) => check.code);

  it.each(['peat-light-fine', 'coir-pith', 'bark-fine', 'wood-fibre', 'cork'])('%s is to be moistened first', (id) => {
    expect(packed(id, false)).toContain('not-moistened');
    expect(packed(id, true)).not.toContain('not-moistened');
  });

  it.each(['sand-coarse', 'perlite-coarse', 'pumice-coarse', 'loam'])('%s is not', (id) => {
    expect(packed(id, false)).not.toContain('not-moistened');
  });
});
