import { blend, type BlendScalars } from '../blend';
import { bisect } from '../numeric';
import type { PropertyKey } from '../properties';
import { deskBlendInput, type DeskInput } from './predict';

/** What a line is in the recipe for. */
export const JOBS = ['water', 'air', 'food', 'nutrient store', 'weight', 'structure', 'acidity', 'look'] as const;
export type Job = (typeof JOBS)[number];

export const JOB_WORDS: Readonly<Record<Job, string>> = Object.freeze({
  water: 'water',
  air: 'air',
  food: 'food',
  'nutrient store': 'nutrient store',
  weight: 'weight',
  structure: 'structure',
  acidity: 'acidity',
  look: 'look',
});

/** What leaving a line out would change, as blend with it less blend without. */
export interface LineEffect {
  readonly water: number;
  readonly air: number;
  readonly easilyAvailable: number;
  readonly bulkDensity_gcc: number;
  readonly shrink: number;
  readonly pH?: number;
  readonly ec_dSm?: number;
  readonly pricePerL?: number;
}

/** The figure by which each job is checked, and whether the line should raise it; a look has none. */
export const JOB_FIGURE: Readonly<
  Partial<Record<Job, { readonly property: keyof LineEffect & PropertyKey; readonly raises: boolean }>>
> = Object.freeze({
  water: { property: 'water', raises: true },
  air: { property: 'air', raises: true },
  food: { property: 'ec_dSm', raises: true },
  weight: { property: 'bulkDensity_gcc', raises: true },
  structure: { property: 'air', raises: true },
  acidity: { property: 'pH', raises: false },
});

/** A change that no measurement could tell is no job done. */
export const NOTICEABLE: Readonly<Partial<Record<keyof LineEffect, number>>> = Object.freeze({
  water: 0.01,
  air: 0.01,
  ec_dSm: 0.05,
  bulkDensity_gcc: 0.02,
  pH: 0.1,
});

const DIFFERENCES = [
  'water',
  'air',
  'easilyAvailable',
  'bulkDensity_gcc',
  'shrink',
  'pH',
  'ec_dSm',
  'pricePerL',
] as const;

/**
 * What each line does: the blend with it less the blend without it; undefined for a line that stands alone. Lime and
 * what else is dosed is left out of both, for it is dosed to the blend and not to what would be left of it.
 */
export function lineEffects(limed: DeskInput): (LineEffect | undefined)[] {
  const desk = { ...limed, lime_meqPerL: 0, salt_dSm: 0 };
  const whole = blend(deskBlendInput(desk));
  return desk.lines.map((_, i) => {
    const others = desk.lines.filter((one, at) => at !== i && one.parts > 0);
    if (others.length === 0) return undefined;
    const without: BlendScalars = blend(deskBlendInput({ ...desk, lines: others }));
    return Object.fromEntries(
      DIFFERENCES.flatMap((key) => {
        const [has, had] = [whole[key], without[key]];
        return has === undefined || had === undefined ? [] : [[key, has - had]];
      }),
    ) as unknown as LineEffect;
  });
}

/** Whether a line does the job that it is in for; undefined for a look, and for what is not known. */
export function doesItsJob(job: Job, effect: LineEffect): boolean | undefined {
  const figure = JOB_FIGURE[job];
  if (figure === undefined) return undefined;
  const change = effect[figure.property];
  if (change === undefined) return undefined;
  return (figure.raises ? change : -change) >= (NOTICEABLE[figure.property] ?? 0);
}

/**
 * The largest share of the loose volume that a salty line may have before the blend's EC passes a limit, the others
 * keeping their proportions; undefined where the line alone stays under it, or where an EC is not known; 0 where the
 * others are over it already. EC in dS/m.
 */
export function largestShare(desk: DeskInput, line: number, limit_dSm: number): number | undefined {
  const others = desk.lines.reduce((sum, { parts }, i) => sum + (i === line ? 0 : parts), 0);
  const own = desk.lines[line]?.lot.component.ec_dSm;
  if (own === undefined || !(others > 0)) return undefined;
  const over = (share: number): number | undefined => {
    const lines = desk.lines
      .map((one, i) => ({ ...one, parts: i === line ? share : ((1 - share) * one.parts) / others }))
      .filter(({ parts }) => parts > 0);
    const ec = blend(deskBlendInput({ ...desk, lines })).ec_dSm;
    return ec === undefined ? undefined : ec - limit_dSm;
  };
  const [none, all] = [over(0), over(1)];
  if (none === undefined || all === undefined || all <= 0) return undefined;
  return none >= 0 ? 0 : bisect((share) => over(share) as number, 0, 1);
}
