import { refuse } from '../errors';
import { maybe, list, number, object, text, type InputOf } from '../method';
import { meanOf } from '../statistics';

export const TRIAL_GROUP = object({
  name: text(),
  values: list(number()),
  block: maybe(list(text(), 'of each value: the shelf or place that it stood in')),
  unit: maybe(list(text(), 'of each value: the tray, pot or cell that was drawn by lot')),
});
export type TrialGroup = InputOf<typeof TRIAL_GROUP>;

/** What was drawn by lot, with the mean of all that was read on it. */
export interface Unit {
  readonly value: number;
  readonly block: string | undefined;
}

export interface GroupOfUnits {
  readonly name: string;
  readonly units: readonly Unit[];
}

const MOST_GROUPS = 24;

function requireLength(path: string, given: readonly unknown[] | undefined, values: readonly number[]): void {
  if (given !== undefined && given.length !== values.length)
    refuse(path, `${String(given.length)} for ${String(values.length)} values; each value has one`);
}

/** Values of one unit are averaged first: what was not drawn by lot is no repeat. */
function unitsOf({ values, block, unit }: TrialGroup, path: string): Unit[] {
  const own = new Map<string, { values: number[]; block: string | undefined }>();
  values.forEach((value, i) => {
    const name = unit?.[i] ?? `#${String(i)}`;
    const known = own.get(name) ?? { values: [], block: block?.[i] };
    if (known.block !== block?.[i]) refuse(`${path}.block[${String(i)}]`, `unit ${name} stands in two blocks`);
    known.values.push(value);
    own.set(name, known);
  });
  return [...own.values()].map((one) => ({ value: meanOf(one.values), block: one.block }));
}

/** Groups as the units that were drawn by lot; refuses what cannot be compared. */
export function groupsOfUnits(groups: readonly TrialGroup[]): GroupOfUnits[] {
  if (groups.length < 2) refuse('groups', `${String(groups.length)} given; two groups or more can be compared`);
  if (groups.length > MOST_GROUPS) refuse('groups', `${String(groups.length)} given; at most ${String(MOST_GROUPS)}`);
  const names = groups.map(({ name }) => name);
  return groups.map((group, i) => {
    const path = `groups[${String(i)}]`;
    if (names.indexOf(group.name) !== i) refuse(`${path}.name`, `two groups are called ${group.name}`);
    if (group.values.length === 0) refuse(`${path}.values`, 'an empty group says nothing; leave it out');
    group.values.forEach((value, k) => {
      if (!Number.isFinite(value)) refuse(`${path}.values[${String(k)}]`, 'not a finite number');
    });
    requireLength(`${path}.block`, group.block, group.values);
    requireLength(`${path}.unit`, group.unit, group.values);
    return { name: group.name, units: unitsOf(group, path) };
  });
}
