import { expect, it } from 'vitest';
import { blendRow, SHELF } from '../../testing/desk';
import { comparedOf, keysOf, MOST_COMPARED } from './compared';

const ID = '0190a000-0000-7000-8000-00000000000';
const pot = { name: 'Pot', shape: { height_cm: 10 } };
const blend = blendRow(`${ID}1`, 'Tub mix', [
  { lotId: 'bark-graded', parts: 2 },
  { lotId: 'coir-pith', parts: 1 },
]);

it('reads at most six keys from the address, each once', () => {
  const keys = Array.from({ length: 8 }, (_, i) => `lot:${ID}${String(i)}`);
  const params = new URLSearchParams({ with: [...keys, keys[0], 'nonsense', 'blend:1'].join(',') });
  expect(keysOf(params)).toEqual(keys.slice(0, MOST_COMPARED));
  expect(keysOf(new URLSearchParams())).toEqual([]);
});

it('is a blend as it was last kept, in the pot that is asked about', () => {
  const found = comparedOf(`blend:${blend.id}`, SHELF, [blend], pot, undefined);
  expect(found).toMatchObject({ name: 'Tub mix', small: 'version 1', to: `/blend/${blend.id}` });
  expect(found?.input.lines.map(({ parts }) => parts)).toEqual([2, 1]);
  expect(found?.input.container).toEqual(pot.shape);
});

it('is a lot by itself, and nothing where a part is not on the shelf', () => {
  expect(comparedOf('lot:perlite-coarse', SHELF, [], pot, undefined)?.input.model).toBe('average');
  expect(comparedOf('lot:none', SHELF, [], pot, undefined)).toBeUndefined();
  expect(comparedOf(`blend:${blend.id}`, SHELF.slice(1), [blend], pot, undefined)).toBeUndefined();
});
