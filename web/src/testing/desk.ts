import type { BlendVersion, DeskBlend, DeskLot, ProfileRow, RecipeLine } from '@bent-pail/contract';
import { lotCard, predictDesk, TARGET_PROFILES, type DeskInput } from '@bent-pail/core';
import { meaningOf, type DeskView } from '../blend/desk/deskView';
import { thinker, type Thinker } from '../shared/thinking/thinks';

/** A lot of a class that nobody tested, as the shelf lists it; its id is its class. */
export function classRow(classId: string, name: string, more: Partial<DeskLot> = {}): DeskLot {
  const { price = 8, packVolume_L = 40, ...row } = more;
  const card = lotCard({
    id: classId,
    name,
    code: classId,
    materialId: classId,
    materialClass: classId,
    price,
    packVolume_L,
    runs: [],
  });
  return {
    id: classId,
    materialId: classId,
    name,
    kind: 'material',
    code: classId.slice(0, 4).toUpperCase(),
    aliases: [],
    classId,
    origin: { kind: 'bought' },
    price,
    packVolume_L,
    version: 1,
    materialVersion: 1,
    finishedRuns: 0,
    openRuns: 0,
    usable: card.component !== undefined,
    ...(card.pail === undefined ? {} : { pail: card.pail }),
    ...(card.component === undefined ? {} : { component: card.component }),
    ...row,
  };
}

export const SHELF: readonly DeskLot[] = [
  classRow('bark-graded', 'Bark', { stock_L: 200 }),
  classRow('coir-pith', 'Coir', { stock_L: 60 }),
  classRow('pumice-coarse', 'Pumice'),
  classRow('perlite-coarse', 'Perlite'),
  classRow('compost-green', 'Compost'),
];

const TUB = { name: 'Tub', shape: { height_cm: 25, topDiameter_cm: 28, baseDiameter_cm: 22 } };

/** The desk with a recipe on it, and what its panels asked of it. */
export function deskViewOf(
  lines: readonly RecipeLine[],
  more: Partial<Pick<DeskView, 'recipe' | 'lots' | 'blends' | 'profile'>> = {},
): DeskView & { readonly taken: readonly RecipeLine[][] } {
  const taken: RecipeLine[][] = [];
  const lots = more.lots ?? SHELF;
  const recipe = more.recipe ?? {
    lines: [...lines],
    potName: TUB.name,
    pot: TUB.shape,
    model: 'packing' as const,
    lime_meqPerL: 0,
  };
  const { used, input } = meaningOf(recipe, lots, more.blends ?? [], undefined);
  return {
    recipe,
    name: 'Tub mix',
    pot: TUB,
    used,
    input: input as DeskInput,
    result: predictDesk(input as DeskInput),
    likeliest: predictDesk(input as DeskInput),
    bands: undefined,
    lots,
    blends: more.blends ?? [],
    profiles: TARGET_PROFILES,
    profile: more.profile,
    learnt: undefined,
    setLines: (next) => {
      taken.push([...next]);
    },
    setRecipe: (next) => {
      taken.push(next.lines);
    },
    taken,
  };
}

/** A kept blend as the list tells it. */
export function blendRow(
  id: string,
  name: string,
  lines: readonly RecipeLine[],
): DeskBlend & { readonly latest: BlendVersion } {
  const { recipe, used, result } = deskViewOf(lines);
  const flat = used.map(({ lotId, parts }) => ({ lotId, parts }));
  return {
    id,
    name,
    latest: {
      id: `${id}-1`,
      n: 1,
      recipe,
      names: used.map(({ lot }) => lot.name),
      flat,
      input: result.input,
      result: result.result,
      keptAt: '2026-11-20T10:00:00Z',
      keptBy: 'Tam Oswin',
    },
    kept: [{ n: 1, flat, made: result.result.volume }],
  };
}

export const profileCalled = (id: string): ProfileRow => TARGET_PROFILES.find((one) => one.id === id) as ProfileRow;

/** Stands in for the worker: answers from the same functions, without a thread. */
export function thinkHere<T>(ask: (one: Thinker) => T | Promise<T>): {
  readonly answer: Promise<T>;
  readonly stop: () => void;
} {
  return { answer: Promise.resolve(ask(thinker)), stop: () => undefined };
}
