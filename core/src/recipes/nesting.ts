import { refuse } from '../errors';

/** One kept version of a blend. */
export interface BlendRef {
  readonly id: string;
  readonly n: number;
}

/** A line of a recipe: parts of a lot, or of a kept blend. */
export interface NestableLine {
  readonly parts: number;
  readonly lotId?: string;
  readonly blend?: BlendRef;
}

/** A kept version as others take it up: its lines, and the volume that they made, in the unit of their parts. */
export interface KeptRecipe {
  readonly name: string;
  readonly lines: readonly NestableLine[];
  readonly made: number;
}

export interface FlatLine {
  readonly lotId: string;
  readonly parts: number;
}

interface Step {
  readonly key: string;
  readonly name: string;
}

function unfold(
  lines: readonly NestableLine[],
  find: (ref: BlendRef) => KeptRecipe | undefined,
  way: readonly Step[],
): FlatLine[] {
  return lines.flatMap((line, i): FlatLine[] => {
    if (line.blend === undefined) return line.lotId === undefined ? [] : [{ lotId: line.lotId, parts: line.parts }];
    const at = `lines[${String(i)}].blend`;
    const inner = find(line.blend);
    if (inner === undefined) return refuse(at, 'there is no such version of a blend');
    const here = { key: `${line.blend.id}:${String(line.blend.n)}`, name: inner.name };
    const before = way.findIndex(({ key }) => key === here.key);
    if (before >= 0) {
      const round = [...way.slice(before), here].map(({ name }) => name).join(', which is made of ');
      return refuse(at, `a blend cannot be made of itself: ${round}`);
    }
    const each = line.parts / inner.made;
    return unfold(inner.lines, find, [...way, here]).map(({ lotId, parts }) => ({ lotId, parts: parts * each }));
  });
}

/**
 * The lots that a recipe comes down to, blends inside blends taken apart to any depth, each lot once.
 *
 * One part of a blend is one part made, so it takes more than one part of its lots where they settle into each other.
 * Throws `invalid` at `lines[i].blend` for a version that `find` does not know, and for a blend that leads back to
 * itself, with the way round named.
 * Example: 1 part of a blend of 2 parts that makes 1.6 takes 1.25 loose parts in all.
 */
export function flatLines(lines: readonly NestableLine[], find: (ref: BlendRef) => KeptRecipe | undefined): FlatLine[] {
  const parts = new Map<string, number>();
  for (const line of unfold(lines, find, [])) parts.set(line.lotId, (parts.get(line.lotId) ?? 0) + line.parts);
  return [...parts].map(([lotId, sum]) => ({ lotId, parts: sum }));
}
