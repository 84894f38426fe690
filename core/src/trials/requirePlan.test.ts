import { describe, expect, it } from 'vitest';
import { CoreError } from '../errors';
import { dayIn, requirePlan, requireTrialReading, type TrialPlan } from '.';
import { SMALL_PLAN } from './fixtures/smallTrial';

function pathOf(act: () => void): string | undefined {
  try {
    act();
    return undefined;
  } catch (error) {
    if (error instanceof CoreError) return error.path;
    throw error;
  }
}

const [a, b] = SMALL_PLAN.arms as readonly [TrialPlan['arms'][number], TrialPlan['arms'][number]];
const [cress] = SMALL_PLAN.species as readonly [TrialPlan['species'][number]];

describe('a plan that can be laid out and kept', () => {
  it('is let through', () => {
    expect(
      pathOf(() => {
        requirePlan(SMALL_PLAN);
      }),
    ).toBeUndefined();
  });

  it.each<readonly [string, Partial<TrialPlan>]>([
    ['arms', { arms: [a] }],
    ['arms[1].key', { arms: [a, { ...b, key: 'a' }] }],
    ['arms[1].name', { arms: [a, { ...b, name: a.name.toUpperCase() }] }],
    ['arms[1].mediumId', { arms: [a, { ...b, mediumKind: 'none' }] }],
    ['arms[1].own.sownOn', { arms: [a, { ...b, own: { sownOn: '2028-01-01' } }] }],
    ['reference', { reference: 'z' }],
    ['species', { species: [] }],
    ['species[0].seeds', { species: [{ ...cress, seeds: 0 }] }],
    ['species[0].plants', { species: [{ ...cress, plants: 41 }] }],
    ['species[0].weight', { species: [{ ...cress, weight: 0 }] }],
    ['blocks', { blocks: 0 }],
    ['blocks', { blocks: 61 }],
    ['observe', { observe: [] }],
    ['observe[0].ages', { observe: [{ trait: 'height', ages: [] }] }],
    ['observe[0].ages[0]', { observe: [{ trait: 'height', ages: [401] }] }],
    ['observe[0].trait', { species: [{ ...cress, plants: 0 }], observe: [{ trait: 'height', ages: [7] }] }],
    [
      'observe[1].trait',
      {
        observe: [
          { trait: 'height', ages: [7] },
          { trait: 'height', ages: [9] },
        ],
      },
    ],
    ['culling.under', { culling: { under: 0, age_d: 7 } }],
    ['pull.each', { pull: { each: 4, age_d: 20 } }],
    ['asks.trait', { asks: { trait: 'fresh', difference: 1, sd: 1 } }],
    ['asks.difference', { asks: { ...SMALL_PLAN.asks, difference: 0 } }],
    ['asks.sd', { asks: { ...SMALL_PLAN.asks, sd: -1 } }],
    ['within_d', { within_d: 8 }],
  ])('is refused at %s', (path, change) => {
    expect(
      pathOf(() => {
        requirePlan({ ...SMALL_PLAN, ...change });
      }),
    ).toBe(path);
  });

  it('asks for no more readings than somebody can take', () => {
    const ages = Array.from({ length: 60 }, (_, i) => i + 1);
    const species = [{ ...cress, seeds: 40, plants: 40 }];
    expect(
      pathOf(() => {
        requirePlan({ ...SMALL_PLAN, species, observe: [{ trait: 'height', ages }] });
      }),
    ).toBe('observe');
  });
});

describe('a reading that its trait can have', () => {
  const pathFor = (reading: Parameters<typeof requireTrialReading>[2]): string | undefined =>
    pathOf(() => {
      requireTrialReading(SMALL_PLAN, 'cress', reading);
    });

  it.each([
    { trait: 'height', plant: 1, value: 31.5 },
    { trait: 'height', plant: 3, state: 'dead' },
    { trait: 'up', plant: 0, value: 12 },
    { trait: 'colour', plant: 0, value: 4.5 },
    { trait: 'signs', plant: 0, signs: [] },
    { trait: 'signs', plant: 0, state: 'missing' },
  ] as const)('is taken: %o', (reading) => {
    expect(pathFor(reading)).toBeUndefined();
  });

  it.each([
    ['value', { trait: 'height', plant: 1 }],
    ['value', { trait: 'height', plant: 1, value: 3, state: 'dead' }],
    ['value', { trait: 'height', plant: 1, value: -1 }],
    ['value', { trait: 'up', plant: 0, value: 13 }],
    ['value', { trait: 'up', plant: 0, value: 1.5 }],
    ['plant', { trait: 'height', plant: 0, value: 3 }],
    ['plant', { trait: 'height', plant: 4, value: 3 }],
    ['plant', { trait: 'up', plant: 1, value: 3 }],
    ['plant', { trait: 'signs', plant: 1, signs: [] }],
    ['signs', { trait: 'signs', plant: 0 }],
    ['signs', { trait: 'height', plant: 1, value: 3, signs: ['mould'] }],
  ] as const)('is refused at %s: %o', (path, reading) => {
    expect(pathFor(reading)).toBe(path);
  });

  it('is of a species of the plan', () => {
    expect(
      pathOf(() => {
        requireTrialReading(SMALL_PLAN, 'oak', { trait: 'up', plant: 0, value: 1 });
      }),
    ).toBe('plotId');
  });
});

it('a day is the one of the notebook’s zone', () => {
  const late = Date.parse('2026-11-24T23:30:00Z');
  expect(dayIn('UTC', late)).toBe('2026-11-24');
  expect(dayIn('Europe/Vienna', late)).toBe('2026-11-25');
  expect(dayIn('America/Denver', late)).toBe('2026-11-24');
});
