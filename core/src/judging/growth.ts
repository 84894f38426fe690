import type { GrowthTag } from '../signs';
import { meanOf } from '../statistics';

/** One rater's mark of one species at one age. */
export interface GrowthMark {
  readonly raterId: string;
  readonly rater: string;
  readonly species: string;
  /** Age of what was sown together, weeks. */
  readonly week: number;
  readonly value: number;
  readonly tags: readonly GrowthTag[];
}

export interface SpeciesGrowth {
  readonly species: string;
  /** Mean of the raters by age. */
  readonly weeks: readonly { readonly week: number; readonly value: number; readonly tags: readonly GrowthTag[] }[];
  readonly value: number;
  /** The tags with the age at which each was first seen, and the last age at which it was looked for and not seen. */
  readonly first: readonly { readonly tag: GrowthTag; readonly week: number; readonly notYet?: number }[];
}

export interface Growth {
  readonly value: number;
  readonly species: readonly SpeciesGrowth[];
  /** Each rater's own mean, for the spread. */
  readonly raters: readonly { readonly raterId: string; readonly rater: string; readonly value: number }[];
  readonly sentence: string;
}

const by = <T>(all: readonly T[], key: (one: T) => string): readonly (readonly [string, readonly T[]])[] => {
  const found = new Map<string, T[]>();
  for (const one of all) found.set(key(one), [...(found.get(key(one)) ?? []), one]);
  return [...found];
};

function speciesOf(species: string, marks: readonly GrowthMark[]): SpeciesGrowth {
  const weeks = by(marks, ({ week }) => String(week))
    .map(([, own]) => ({
      week: own[0]?.week ?? 0,
      value: meanOf(own.map(({ value }) => value)),
      tags: [...new Set(own.flatMap(({ tags }) => tags))],
    }))
    .sort((a, b) => a.week - b.week);
  const seen = [...new Set(weeks.flatMap(({ tags }) => tags))];
  const first = seen.map((tag) => {
    const week = weeks.find(({ tags }) => tags.includes(tag))?.week ?? 0;
    const notYet = weeks.filter((one) => one.week < week).at(-1)?.week;
    return { tag, week, ...(notYet === undefined ? {} : { notYet }) };
  });
  return { species, weeks, value: meanOf(weeks.map(({ value }) => value)), first };
}

/**
 * How a medium grew what was sown in it, as raters saw it: each species by itself at the same ages, the mean of its ages,
 * then the mean of the species. Undefined without marks. A tag is named with the age at which it was first seen: old
 * leaves that turn yellow say when nitrogen ran out.
 */
export function growthOf(marks: readonly GrowthMark[]): Growth | undefined {
  if (marks.length === 0) return undefined;
  const species = by(marks, (mark) => mark.species)
    .map(([name, own]) => speciesOf(name, own))
    .sort((a, b) => a.species.localeCompare(b.species));
  const raters = by(marks, ({ raterId }) => raterId).map(([raterId, own]) => ({
    raterId,
    rater: own[0]?.rater ?? '',
    value: meanOf(by(own, (mark) => mark.species).map(([name, ofOne]) => speciesOf(name, ofOne).value)),
  }));
  return {
    value: meanOf(species.map(({ value }) => value)),
    species,
    raters,
    sentence: species.map(sentenceOf).join(' '),
  };
}

function sentenceOf({ species, weeks, first }: SpeciesGrowth): string {
  const last = weeks.at(-1);
  const ranOut = first.find(({ tag }) => tag === 'yellow old leaves');
  const others = first.filter(({ tag }) => tag !== 'yellow old leaves');
  const food =
    ranOut === undefined
      ? ''
      : ranOut.notYet === undefined
        ? ` old leaves yellow from week ${String(ranOut.week)} on: hungry from the start;`
        : ` good until week ${String(ranOut.notYet)}, yellow in week ${String(ranOut.week)}: nitrogen ran out between;`;
  const more = others.map(({ tag, week }) => ` ${tag} from week ${String(week)};`).join('');
  const text = `${food}${more}`.replace(/;$/, '.');
  return `${species}:${text === '' ? ` nothing wrong up to week ${String(last?.week ?? 0)}.` : text}`;
}
