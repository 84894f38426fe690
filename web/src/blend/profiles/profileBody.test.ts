import { expect, it } from 'vitest';
import { profileCalled } from '../../testing/desk';
import { Mistyped } from '../../shared/forms/Mistyped';
import { profileBody, typedProfile } from './profileBody';

const epiphyte = profileCalled('epiphyte');
const typed = typedProfile(epiphyte);
const [first, ...others] = typed.targets;
if (first === undefined) throw new Error('no target');

it('a use goes through the fields and comes out the same', () => {
  expect(profileBody(epiphyte, 'new', typed).targets).toEqual(
    epiphyte.targets.map(({ property, ideal, limits, weight }) => ({ property, ideal, limits, weight })),
  );
});

it('an empty end is open, and what is no number is refused at its field', () => {
  const open = { ...typed, targets: [{ ...first, ideal: ['', '0.5'] as const, must: true }] };
  expect(profileBody(epiphyte, 'new', open).targets[0]).toMatchObject({ ideal: [null, 0.5], must: true });
  const odd = { ...typed, targets: [...others, { ...first, limits: ['x', '1'] as const }] };
  expect(() => profileBody(epiphyte, 'new', odd)).toThrow(Mistyped);
  expect(() => profileBody(epiphyte, 'new', odd)).toThrow(
    expect.objectContaining({ field: `targets.${String(others.length)}.limits.0` }) as Error,
  );
});

it('a shipped use is copied, an own one is changed', () => {
  const said = { ...typed, container: { height_cm: '12' } };
  expect(typed).toMatchObject({ label: `${epiphyte.label}, ours`, basis: 'bench lore' });
  expect(profileBody(epiphyte, 'new', said)).toMatchObject({ id: 'new', version: 0, container: { height_cm: 12 } });
  const own = { ...epiphyte, id: 'mine', own: { version: 3, by: 'Tam Oswin' } };
  expect(typedProfile(own).label).toBe(epiphyte.label);
  expect(profileBody(own, 'new', said)).toMatchObject({ id: 'mine', version: 3 });
});
