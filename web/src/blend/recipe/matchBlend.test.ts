import { expect, it } from 'vitest';
import { blendRow } from '../../testing/desk';
import { matchBlend } from './matchBlend';

const id = (n: number): string => `0190a000-0000-7000-8000-00000000000${String(n)}`;
const BLENDS = ['Camellia tub', 'Open tub', 'Alpine trough', 'Seed mix', 'Bark and pumice'].map((name, i) =>
  blendRow(id(i), name, [{ lotId: 'bark-graded', parts: 1 }]),
);

it.each([
  ['camellia tub', 'Camellia tub'],
  ['our Camellia tub mix', 'Camellia tub'],
  ['tub, open', 'Open tub'],
  ['alpine troughs', 'Alpine trough'],
  ['my seed compost', 'Seed mix'],
])('%s is %s', (written, name) => {
  expect(matchBlend(written, BLENDS)?.name).toBe(name);
});

it.each(['tub', 'mix', 'bark', 'alpine', 'camellia tub bark'])('%s alone is none of them', (written) => {
  expect(matchBlend(written, BLENDS)).toBeUndefined();
});

it('a name that two blends have is asked about', () => {
  expect(
    matchBlend('seed mix', [...BLENDS, blendRow(id(9), 'The seed blend', [{ lotId: 'bark-graded', parts: 1 }])]),
  ).toBeUndefined();
});
