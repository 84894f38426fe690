import { describe, expect, it } from 'vitest';
import { predictDesk } from '../desk';
import { RUBRICS, scorecard } from '../judging';
import { inPot, lotCard } from '../lots';
import { pickAt, type Working } from '../method';
import { PUMICE_SHEET, pumiceLot, runOf } from '../testing/sampleLot';
import { methodCalled, wordsOf } from '.';

const lot = pumiceLot([
  runOf('saturate-drain-dry', PUMICE_SHEET),
  runOf('saturate-drain-dry', { ...PUMICE_SHEET, drained: [1167.5, 1163.1, 1171.4] }, { id: 'again', number: 2 }),
  runOf('ph-1to5', { pH: [7, 7.1, 7.2] }),
  runOf('ec-1to2', { ec: [0.1, 0.12] }),
  runOf('bag-volume', { volume: [38] }),
  runOf('kitchen-form', { added: [455, 448], collected: [380, 377] }),
]);
const card = lotCard(lot);
const component = card.component as NonNullable<typeof card.component>;
const desk = predictDesk({
  lines: [
    { parts: 3, lot: component },
    { parts: 1, lot: { ...component, component: { ...component.component, name: 'Finer', d50_mm: 0.8 } } },
  ],
  container: { height_cm: 25, topDiameter_cm: 28, baseDiameter_cm: 22 },
  model: 'packing',
  lime_meqPerL: 5,
});
const [rubric] = RUBRICS;
const judged = scorecard(rubric as NonNullable<typeof rubric>, card, {
  ratings: [
    { criterion: 'smell', raterId: '1', rater: 'one', value: 7, tags: [] },
    { criterion: 'smell', raterId: '2', rater: 'two', value: 8, tags: [] },
  ],
});
const pot = inPot(card.curve as NonNullable<typeof card.curve>, { height_cm: 15 });

/** Every shown number of card, pot, blend and score: its value and its working. */
const shown: readonly (readonly [string, number, Working])[] = [
  ...card.figures.map((one) => [`card ${one.property} ${one.methodKey}`, one.summary.mean, one.working] as const),
  ['pot water', pot.water, pot.workings.water],
  ['pot air', pot.air, pot.workings.air],
  ...desk.figures.map((one) => [`blend ${one.property}`, one.value, one.working] as const),
  ...judged.criteria.flatMap((one) =>
    one.score === undefined ? [] : [[`score ${one.criterion.name}`, one.score, one.working] as const],
  ),
  ...judged.criteria.flatMap((one) =>
    one.found === undefined || one.foundWorking === undefined
      ? []
      : [[`found ${one.criterion.name}`, one.found, one.foundWorking] as const],
  ),
  ['score overall', judged.result.overall as number, judged.overallWorking],
];

/** A working with all those that it was made of. */
function all(working: Working): Working[] {
  return [
    working,
    ...(working.from ?? []).flatMap((source) => (source.working === undefined ? [] : all(source.working))),
  ];
}

function again({ calc, input, pick }: Working): unknown {
  return pickAt(methodCalled(calc)?.calculate(JSON.parse(JSON.stringify(input))), pick);
}

describe('the working of a number', () => {
  it('covers card, pot, blend and score', () => {
    expect(shown.length).toBeGreaterThan(30);
  });

  it.each(shown)('%s: its input gives the number again', (_, value, working) => {
    expect(again(working)).toBeCloseTo(value, 10);
  });

  it('goes down to the readings: what it came from can be worked out too', () => {
    for (const [, , working] of shown) {
      for (const source of working.from ?? []) {
        if (source.working !== undefined) expect(again(source.working)).toBeCloseTo(source.value, 10);
      }
    }
  });

  it('has words for every kind of working in use', () => {
    const keys = new Set(shown.flatMap(([, , working]) => all(working)).map((working) => working.text));
    for (const key of keys) expect(wordsOf(key), key).toBeDefined();
  });
});

describe('a path into an answer', () => {
  it('follows names and places, and leads nowhere quietly', () => {
    expect(pickAt({ a: [{ b: 3 }] }, 'a[0].b')).toBe(3);
    expect(pickAt({ a: [] }, 'a[0].b')).toBeUndefined();
    expect(pickAt(undefined, 'a')).toBeUndefined();
  });
});
