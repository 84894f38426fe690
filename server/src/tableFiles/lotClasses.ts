import { findMediaClass, MEDIA_CLASSES, readName, type ReadRow, type TableRefusal } from '@bent-pail/core';

/** What a name of a table is taken for. */
export interface NamedStuff {
  readonly name: string;
  readonly classId?: string;
  /** What has to be asked where no class is sure. */
  readonly question?: string;
}

/** Names that are looked up; no shelf has more kinds of stuff. */
const MOST_NAMES = 3000;

const byLabel = new Map(MEDIA_CLASSES.map(({ id, label }) => [label.toLowerCase(), id]));

/** The class that is sure, where one is. */
const sureOf = (words: string): string | undefined => {
  const preset = readName(words).preset?.classId;
  return preset === undefined ? undefined : findMediaClass(preset)?.id;
};

function stuffCalled(name: string): NamedStuff {
  const classId = sureOf(name);
  if (classId !== undefined) return { name, classId };
  const { question } = readName(name);
  return { name, ...(question === undefined ? {} : { question }) };
}

/** Lots of a table with the class of their stuff: as their row says, else as the name says where that is sure. */
export function withClasses(
  rows: readonly ReadRow[],
  words: string,
): {
  readonly read: readonly ReadRow[];
  readonly refused: readonly TableRefusal[];
  readonly named: readonly NamedStuff[];
} {
  const known = new Map<string, NamedStuff>();
  const refused: TableRefusal[] = [];
  const read = rows.flatMap((one): ReadRow[] => {
    const { row, values } = one;
    const name = String(values.name);
    const key = name.toLowerCase();
    if (values.class !== undefined) {
      const typed = String(values.class);
      const classId = byLabel.get(typed.toLowerCase()) ?? findMediaClass(typed)?.id ?? sureOf(typed);
      if (classId === undefined) {
        const why = readName(typed).question ?? 'There is no such class.';
        refused.push({ row, column: words, read: typed, why });
        return [];
      }
      known.set(key, { name, classId });
      return [{ ...one, values: { ...values, class_id: classId } }];
    }
    const stuff = known.get(key) ?? (known.size < MOST_NAMES ? stuffCalled(name) : { name });
    known.set(key, stuff);
    return [stuff.classId === undefined ? one : { ...one, values: { ...values, class_id: stuff.classId } }];
  });
  return { read, refused, named: [...known.values()] };
}
