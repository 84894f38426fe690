import { expect, it } from 'vitest';
import { profileCalled } from '../../testing/desk';
import { profileBody, targetsOf, typedTargets } from './profileBody';

const epiphyte = profileCalled('epiphyte');
const names = (key: string): string => key;

it('a use goes through the fields and comes out the same', () => {
  const targets = targetsOf(typedTargets(epiphyte), names);
  expect(targets).toEqual(
    epiphyte.targets.map(({ property, ideal, limits, weight }) => ({ property, ideal, limits, weight })),
  );
});

it('an empty end is open, and what is no number is refused by its name', () => {
  const [first, ...others] = typedTargets(epiphyte);
  if (first === undefined) throw new Error('no target');
  expect(targetsOf([{ ...first, ideal: ['', '0.5'], must: true }], names)[0]).toMatchObject({
    ideal: [null, 0.5],
    must: true,
  });
  expect(() => targetsOf([{ ...first, limits: ['x', '1'] }, ...others], names)).toThrow('air, bears from');
});

it('a shipped use is copied, an own one is changed', () => {
  const said = { label: 'Ours', height: '12', targets: [], basis: 'bench lore' };
  expect(profileBody(epiphyte, 'new', said)).toMatchObject({ id: 'new', version: 0, container: { height_cm: 12 } });
  const own = { ...epiphyte, id: 'mine', own: { version: 3, by: 'Tam Oswin' } };
  expect(profileBody(own, 'new', said)).toMatchObject({ id: 'mine', version: 3 });
});
