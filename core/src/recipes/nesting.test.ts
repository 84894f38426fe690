import { describe, expect, it } from 'vitest';
import { flatLines, type BlendRef, type KeptRecipe } from '.';

const KEPT: Readonly<Record<string, KeptRecipe>> = {
  'base:1': {
    name: 'Base',
    made: 1.6,
    lines: [
      { lotId: 'bark', parts: 1 },
      { lotId: 'coir', parts: 1 },
    ],
  },
  'tub:2': {
    name: 'Tub',
    made: 2,
    lines: [
      { blend: { id: 'base', n: 1 }, parts: 1.6 },
      { lotId: 'bark', parts: 1 },
    ],
  },
  'hen:1': { name: 'Hen', made: 1, lines: [{ blend: { id: 'egg', n: 1 }, parts: 1 }] },
  'egg:1': { name: 'Egg', made: 1, lines: [{ blend: { id: 'hen', n: 1 }, parts: 1 }] },
};
const find = ({ id, n }: BlendRef): KeptRecipe | undefined => KEPT[`${id}:${String(n)}`];

describe('blends inside blends', () => {
  it('leaves a recipe of lots as it is', () => {
    expect(flatLines([{ lotId: 'bark', parts: 3 }], find)).toEqual([{ lotId: 'bark', parts: 3 }]);
  });

  it('takes a made part for a made part, so it needs more loose parts than one', () => {
    const flat = flatLines([{ blend: { id: 'base', n: 1 }, parts: 1 }], find);
    expect(flat).toEqual([
      { lotId: 'bark', parts: 0.625 },
      { lotId: 'coir', parts: 0.625 },
    ]);
  });

  it('goes to any depth and joins a lot that stands in several', () => {
    const flat = flatLines(
      [
        { blend: { id: 'tub', n: 2 }, parts: 2 },
        { lotId: 'coir', parts: 1 },
      ],
      find,
    );
    expect(flat).toEqual([
      { lotId: 'bark', parts: 2 },
      { lotId: 'coir', parts: 2 },
    ]);
  });

  it('refuses a blend that leads back to itself, and names the way round', () => {
    expect(() =>
      flatLines(
        [
          { lotId: 'bark', parts: 1 },
          { blend: { id: 'hen', n: 1 }, parts: 1 },
        ],
        find,
      ),
    ).toThrow(/Hen, which is made of Egg, which is made of Hen/);
  });

  it('refuses a version that is not kept, at its line', () => {
    expect(() => flatLines([{ blend: { id: 'base', n: 9 }, parts: 1 }], find)).toThrow('invalid lines[0].blend');
  });
});
