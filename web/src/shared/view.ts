import type { Counts, Role } from '@bent-pail/contract';
import type { ComponentType } from 'react';
import { counted } from '../kit/format';

/** The eight stations in the order of the work. A place on the edge is a number and a key: it stays, also while others are not built yet and not drawn. */
export const STATION_WORDS = ['Shelf', 'Bench', 'Blend', 'Pot', 'Score', 'Grow', 'Class', 'Record'] as const;
export type StationWord = (typeof STATION_WORDS)[number];

/** Where a station stands on the bench edge; also the key that leads there. */
export const placeOf = (word: StationWord): number => 1 + STATION_WORDS.indexOf(word);

/** A station that is built. */
export interface Station {
  readonly path: string;
  readonly word: StationWord;
  readonly count: (counts: Counts) => string;
  readonly roles: readonly Role[];
}

type Params = Readonly<Record<string, string | undefined>>;

/** An address of a view, and its page, of which the script is fetched when somebody first goes there. */
export interface ViewPage {
  readonly path: string;
  readonly load: () => Promise<ComponentType>;
  /** Also for whoever is not signed in: it stands outside the door, without the bench edge. */
  readonly isPublic?: true;
  /** Asks for what the page waits for while its script is on its way. */
  readonly before?: (params: Params) => Promise<void>;
}

/** How a list is asked for when one looks for something to show. */
export interface Asker {
  readonly list: <T>(address: string) => Promise<readonly T[]>;
  /** Of a list that is given whole. */
  readonly all: <T>(address: string) => Promise<readonly T[]>;
}

/** A folder of the interface as the others know it. */
export interface View {
  readonly station?: Station;
  readonly pages: readonly ViewPage[];
  /** Addresses at which it is looked at with the demo, for whoever checks that everybody can use it. */
  readonly looks: (ask: Asker) => Promise<readonly string[]>;
}

/** The one that is called so; there is no view of nothing. */
export function called<T>(rows: readonly T[], isIt: (row: T) => boolean): T {
  const found = rows.find(isIt);
  if (found === undefined) throw new Error('the demo has nothing of the kind to look at');
  return found;
}

export const countOf = (count: number, one: string, many: string): string =>
  count === 0 ? '' : counted(count, one, many);
