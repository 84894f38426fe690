import type { DeskBlend, DeskLot } from '@bent-pail/contract';
import { deskOfLot, deskOfVersion, type DeskInput, type LearningUse, type RecipeSettings } from '@bent-pail/core';
import type { Pot } from '../pot/pots';

/** One of those compared: a blend as it was last kept, or a lot by itself. */
export interface Compared {
  readonly key: string;
  readonly name: string;
  readonly small: string;
  readonly to: string;
  readonly input: DeskInput;
  /** Lots that are in it. */
  readonly lotIds: readonly string[];
  /** What is dosed to it besides. */
  readonly additives?: NonNullable<RecipeSettings['additives']>;
}

/** So many pails stand side by side. */
export const MOST_COMPARED = 6;

/** `blend:ID` and `lot:ID` as they stand in the address, in their order, each once. */
export function keysOf(params: URLSearchParams): string[] {
  const keys = (params.get('with') ?? '').split(',').filter((key) => /^(blend|lot):[0-9a-f-]{36}$/.test(key));
  return [...new Set(keys)].slice(0, MOST_COMPARED);
}

/** What a key means at one pot; undefined for what is not there, or of which nothing is known. */
export function comparedOf(
  key: string,
  lots: readonly DeskLot[],
  blends: readonly DeskBlend[],
  pot: Pot,
  learnt: LearningUse | undefined,
): Compared | undefined {
  const [kind, id] = key.split(':');
  if (kind === 'lot') {
    const lot = lots.find((one) => one.id === id);
    if (lot?.component === undefined) return undefined;
    const input = deskOfLot(lot.component, pot.shape);
    return { key, name: lot.name, small: lot.code, to: `/shelf/lots/${lot.id}`, input, lotIds: [lot.id] };
  }
  const blend = blends.find((one) => one.id === id);
  if (blend === undefined) return undefined;
  const { latest } = blend;
  const component = (lotId: string): DeskLot['component'] => lots.find((one) => one.id === lotId)?.component;
  const input = deskOfVersion(latest, component, pot.shape, learnt);
  if (input === undefined) return undefined;
  return {
    key,
    name: blend.name,
    small: `version ${String(latest.n)}`,
    to: `/blend/${blend.id}`,
    input,
    lotIds: latest.flat.map(({ lotId }) => lotId),
    ...(latest.recipe.additives === undefined ? {} : { additives: latest.recipe.additives }),
  };
}
