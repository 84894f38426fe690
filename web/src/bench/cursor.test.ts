import { PROTOCOLS, Sheet, type Protocol, type Reading } from '@bent-pail/core';
import { describe, expect, it } from 'vitest';
import { moved, nextEmpty } from './cursor';

const protocol = PROTOCOLS[0] as Protocol;
const shape = { protocol, replicateCount: 3, excluded: new Set<number>() };
const sheet = (cells: readonly (readonly [string, number])[]): Sheet =>
  new Sheet(
    cells.map(([step, replicate], i): Reading => ({
      id: String(i),
      step,
      replicate,
      value: 1,
      takenAt: '2026-11-24T08:00:00Z',
    })),
  );

describe('the next cell to fill', () => {
  it('goes across the replicates, then down to the next step', () => {
    expect(nextEmpty(shape, sheet([]))).toMatchObject({ step: 'waterTemp', replicate: 0 });
    expect(
      nextEmpty(
        shape,
        sheet([
          ['waterTemp', 0],
          ['tare', 0],
        ]),
        { step: 'tare', replicate: 0 },
      ),
    ).toMatchObject({ step: 'tare', replicate: 1 });
    expect(
      nextEmpty(
        shape,
        sheet([
          ['waterTemp', 0],
          ['tare', 0],
          ['tare', 1],
          ['tare', 2],
        ]),
        { step: 'tare', replicate: 2 },
      ),
    ).toMatchObject({ step: 'filled', replicate: 0 });
  });

  it('comes round to what was passed over, but not to what may stay empty', () => {
    const all = protocol.steps.flatMap((step) => [0, 1, 2].map((replicate) => [step.key, replicate] as const));
    const without = (step: string) => sheet(all.filter(([key, replicate]) => !(key === step && replicate === 1)));
    expect(nextEmpty(shape, without('tare'), { step: 'dryAgain', replicate: 2 })).toMatchObject({
      step: 'tare',
      replicate: 1,
    });
    expect(nextEmpty(shape, without('filled'), { step: 'dryAgain', replicate: 2 })).toBeUndefined();
  });

  it('leaves an excluded replicate alone', () => {
    const less = { ...shape, excluded: new Set([0]) };
    expect(nextEmpty(less, sheet([['waterTemp', 0]]))).toMatchObject({ step: 'tare', replicate: 1 });
  });
});

describe('a drying that goes on', () => {
  /** All cells of the sheet filled as far as the second weighing, A still losing water, B and C dry. */
  const drying = (): Sheet => {
    const upTo = protocol.steps.slice(
      0,
      protocol.steps.findIndex(({ key }) => key === 'dryThird'),
    );
    const values: Record<string, readonly number[]> = { dryTray: [20, 20, 20], dry: [530, 520, 525] };
    const again = { dryAgain: [524, 519.9, 524.8] };
    return new Sheet(
      upTo.flatMap((step) =>
        [0, 1, 2].map((replicate): Reading => ({
          id: `${step.key}${String(replicate)}`,
          step: step.key,
          replicate,
          value: { ...values, ...again }[step.key]?.[replicate] ?? 1,
          takenAt: '2026-11-24T08:00:00Z',
        })),
      ),
    );
  };

  it('leads to the third weighing of the one that is not dry, and nowhere else', () => {
    expect(nextEmpty(shape, drying(), { step: 'dryAgain', replicate: 2 })).toMatchObject({
      step: 'dryThird',
      replicate: 0,
    });
    expect(moved(shape, drying(), { step: 'dryAgain', replicate: 0 }, 'ArrowDown')).toMatchObject({ step: 'dryThird' });
    expect(moved(shape, drying(), { step: 'dryThird', replicate: 0 }, 'ArrowDown')).toBeUndefined();
  });
});

describe('a step for those who need it', () => {
  it('is not offered by itself, and is reached by arrow', () => {
    const upTo = protocol.steps.slice(
      0,
      protocol.steps.findIndex(({ key }) => key === 'partWet'),
    );
    const trays = sheet(upTo.flatMap(({ key }) => [0, 1, 2].map((replicate) => [key, replicate] as const)));
    expect(nextEmpty(shape, trays, { step: 'dryTray', replicate: 2 })).toMatchObject({ step: 'dry', replicate: 0 });
    expect(moved(shape, trays, { step: 'dryTray', replicate: 2 }, 'ArrowDown')).toMatchObject({ step: 'partWet' });
  });
});

describe('arrow keys', () => {
  it('move one cell and stop at the edge', () => {
    expect(moved(shape, sheet([]), { step: 'tare', replicate: 0 }, 'ArrowRight')).toEqual({
      step: 'tare',
      replicate: 1,
    });
    expect(moved(shape, sheet([]), { step: 'tare', replicate: 2 }, 'ArrowRight')).toBeUndefined();
    expect(moved(shape, sheet([]), { step: 'tare', replicate: 2 }, 'ArrowUp')).toEqual({
      step: 'waterTemp',
      replicate: 0,
    });
    expect(moved(shape, sheet([]), { step: 'waterTemp', replicate: 0 }, 'ArrowUp')).toBeUndefined();
  });
});
