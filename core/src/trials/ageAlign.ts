import { refuse, type Check } from '../errors';
import { defineMethod, list, maybe, number, object, text, type InputOf } from '../method';

const INPUT = object({
  groups: list(
    object({
      name: text(),
      sown: text('day of sowing, as 2026-11-24'),
      readings: list(
        object({
          on: text('day of the reading'),
          value: number(),
          unit: maybe(text('the tray, pot or cell that was drawn by lot')),
          block: maybe(text()),
        }),
      ),
    }),
  ),
  within_d: maybe(number('readings so many days apart count as of one age; none unless said')),
});
export type AgeAlignInput = InputOf<typeof INPUT>;

export interface AlignedGroup {
  readonly name: string;
  readonly values: readonly number[];
  readonly unit?: readonly string[];
  readonly block?: readonly string[];
}

export interface AgeAlignResult {
  /** Ages at which every group was read, youngest first, as `compare-groups` takes them. */
  readonly ages: readonly { readonly age_d: number; readonly groups: readonly AlignedGroup[] }[];
  /** The oldest of them. */
  readonly oldest_d: number;
  /** Readings at ages that not every group has. */
  readonly leftOut: number;
  readonly checks: readonly Check[];
}

const DAY_MS = 86_400_000;

function dayOf(path: string, said: string): number {
  const at = /^\d{4}-\d{2}-\d{2}$/.test(said) ? Date.parse(`${said}T00:00:00Z`) : Number.NaN;
  if (!Number.isFinite(at) || new Date(at).toISOString().slice(0, 10) !== said)
    refuse(path, `“${said}” is no day; write it as 2026-11-24`);
  return Math.round(at / DAY_MS);
}

interface Aged {
  readonly age: number;
  readonly reading: AgeAlignInput['groups'][number]['readings'][number];
}

/** Readings of a group nearest to an age, at most `within` off; all of one day. */
function readAt(own: readonly Aged[], age: number, within: number): readonly Aged[] {
  const off = Math.min(...own.map((one) => Math.abs(one.age - age)));
  if (off > within) return [];
  const nearest = own.filter((one) => Math.abs(one.age - age) === off);
  // Of the days before and after that are as near, the earlier.
  const day = Math.min(...nearest.map((one) => one.age));
  return nearest.filter((one) => one.age === day);
}

function toGroup(name: string, own: readonly Aged[]): AlignedGroup {
  const of = (field: 'unit' | 'block'): readonly string[] | undefined => {
    const said = own.flatMap(({ reading }) => reading[field] ?? []);
    return said.length === own.length ? said : undefined;
  };
  const [unit, block] = [of('unit'), of('block')];
  return {
    name,
    values: own.map(({ reading }) => reading.value),
    ...(unit === undefined ? {} : { unit }),
    ...(block === undefined ? {} : { block }),
  };
}

/**
 * Lines groups up by their age in days after sowing: what was sown on other days is compared at the same age, or not at
 * all.
 *
 * An age counts where every group was read at it, or within `within_d` days of it. Throws without a group, for days that
 * are none, readings before sowing, values that are no numbers, and where no age is common to all.
 * Source: days are counted; nothing is read between them.
 * Example: sown on the 1st and the 4th, read on the 15th and the 18th: both at 14 days.
 */
export function ageAlign({ groups, within_d = 0 }: AgeAlignInput): AgeAlignResult {
  if (groups.length === 0) refuse('groups', 'give at least one group');
  if (!(within_d >= 0 && within_d <= 30)) refuse('within_d', `${String(within_d)} given; from 0 to 30 days`);
  const aged = groups.map(({ name, sown, readings }, i) => {
    const path = `groups[${String(i)}]`;
    const from = dayOf(`${path}.sown`, sown);
    const own = readings.map((reading, k): Aged => {
      const at = `${path}.readings[${String(k)}]`;
      const age = dayOf(`${at}.on`, reading.on) - from;
      if (age < 0) refuse(`${at}.on`, 'read before it was sown');
      if (!Number.isFinite(reading.value)) refuse(`${at}.value`, 'not a finite number');
      return { age, reading };
    });
    return { name, from, own };
  });
  const first = aged[0] as (typeof aged)[number];
  const candidates = [...new Set(first.own.map(({ age }) => age))].sort((a, b) => a - b);
  const ages = candidates.flatMap((age_d) => {
    const found = aged.map(({ own }) => readAt(own, age_d, within_d));
    if (found.some((one) => one.length === 0)) return [];
    return [{ age_d, groups: found.map((own, i) => toGroup((aged[i] as (typeof aged)[number]).name, own)) }];
  });
  const oldest = ages.at(-1);
  if (oldest === undefined)
    refuse('groups', 'no age at which every group was read; read them at the same number of days after sowing');
  const used = ages.reduce((sum, { groups: all }) => sum + all.reduce((own, { values }) => own + values.length, 0), 0);
  const leftOut = aged.reduce((sum, { own }) => sum + own.length, 0) - used;
  const checks: Check[] = [];
  if (new Set(aged.map(({ from }) => from)).size > 1)
    checks.push({
      code: 'sown-apart',
      severity: 'caution',
      message:
        'Sown on different days: the same age, but not the same light and warmth. That belongs to what differs besides the medium.',
    });
  return { ages, oldest_d: oldest.age_d, leftOut: Math.max(0, leftOut), checks };
}

export const ageAlignMethod = defineMethod({
  name: 'age-align',
  version: 1,
  source: 'Days after sowing, counted.',
  schema: INPUT,
  calculate: ageAlign,
  outputs: {
    oldest: {
      of: 'oldest_d',
      sentence: 'The oldest age, in days after sowing, at which every group was read.',
      formula: 'day of the reading − day of sowing',
    },
  },
  golden: {
    input: {
      groups: [
        { name: 'A', sown: '2026-04-01', readings: [{ on: '2026-04-15', value: 30 }] },
        { name: 'B', sown: '2026-04-04', readings: [{ on: '2026-04-18', value: 34 }] },
      ],
    },
    gives: { oldest_d: 14, leftOut: 0, 'ages[0].groups[1].values[0]': 34 },
  },
});
