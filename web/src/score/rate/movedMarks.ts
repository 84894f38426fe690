import { useState } from 'react';

/** What stands on a criterion, kept or not yet. */
export interface Mark {
  readonly value: number | undefined;
  readonly tags: readonly string[];
  readonly words: string;
}

/** Marks that were moved and not yet kept, by criterion; they wait while the rater looks at another one. */
export type Moved = Readonly<Partial<Record<string, Mark>>>;

const placeOf = (whose: string, sheet: string): string => `bent-pail marks ${whose} ${sheet}`;

function isMark(value: unknown): value is Mark {
  if (typeof value !== 'object' || value === null) return false;
  const { value: points, tags, words } = value as Partial<Record<keyof Mark, unknown>>;
  return (points === undefined || typeof points === 'number') && Array.isArray(tags) && typeof words === 'string';
}

function read(place: string): Moved {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(place) ?? '{}');
    if (typeof kept !== 'object' || kept === null) return {};
    return Object.fromEntries(Object.entries(kept).filter((entry): entry is [string, Mark] => isMark(entry[1])));
  } catch {
    return {};
  }
}

function keep(place: string, moved: Moved): void {
  try {
    if (Object.keys(moved).length === 0) localStorage.removeItem(place);
    else localStorage.setItem(place, JSON.stringify(moved));
  } catch {
    // A browser that keeps nothing still shows what is moved.
  }
}

/** One's own marks that are not kept yet; they stay in this browser through a reload and while nobody answers. */
export function useMoved(whose: string, sheet: string): readonly [Moved, (moved: Moved) => void] {
  const place = placeOf(whose, sheet);
  const [moved, setMoved] = useState(() => read(place));
  return [
    moved,
    (next) => {
      keep(place, next);
      setMoved(next);
    },
  ];
}
