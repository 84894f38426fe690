import { expect, it } from 'vitest';
import { powdersFor } from './powders';

it.each([
  [10, [{ name: 'ground limestone', g: 30.024, limes: true }]],
  [-10, [{ name: 'sulphur', g: 9.618, limes: true }]],
  [0, []],
])('%s meq/L in 60 L is weighed as %j', (lime_meqPerL, weighed) => {
  const powders = powdersFor({ lime_meqPerL, additives: [], made_L: 60 });
  expect(powders.map((one) => ({ ...one, g: Number(one.g.toFixed(3)) }))).toEqual(weighed);
});

it('weighs other powders by the litres made', () => {
  const additives = [{ name: 'Slow feed', gPerL: 3 }];
  expect(powdersFor({ lime_meqPerL: 0, additives, made_L: 60 })).toEqual([{ name: 'Slow feed', g: 180, limes: false }]);
});
