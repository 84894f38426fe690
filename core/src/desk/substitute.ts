import { blend, type BlendScalars } from '../blend';
import type { Target, TargetProfile } from '../classes';
import { refuse } from '../errors';
import type { LotComponent } from '../lots';
import { lossOf } from '../search';
import { searchTargets } from './uncertainDesk';
import { deskBlendInput, type DeskInput, type DeskLine } from './predict';

/** A difference of one of these is a difference of one: about what a bench can tell twice over. */
export const CLOSE = Object.freeze({
  air: 0.03,
  water: 0.03,
  easilyAvailable: 0.03,
  bulkDensity_gcc: 0.05,
  pH: 0.3,
  ec_dSm: 0.2,
});
export type CloseProperty = keyof typeof CLOSE;
const COMPARED = Object.keys(CLOSE) as readonly CloseProperty[];

/** Amounts that are tried of the substitute, to one part of what is missing. */
const FACTORS = [0.5, 0.75, 1, 1.25, 1.5, 2] as const;

export interface Swap {
  /** Place of the lot among those offered. */
  readonly lot: number;
  readonly parts: number;
  readonly figures: BlendScalars;
  /** What changes, new less old, as far as both are known. */
  readonly changes: Readonly<Partial<Record<CloseProperty | 'pricePerL', number>>>;
  /** Root mean square of the changes, each in its own noticeable step. */
  readonly distance: number;
  /** Miss of the use's windows, where one is named. */
  readonly loss?: number;
}

function changesOf(from: BlendScalars, to: BlendScalars): Swap['changes'] {
  return Object.fromEntries(
    [...COMPARED, 'pricePerL' as const].flatMap((key) => {
      const [was, is] = [from[key], to[key]];
      return was === undefined || is === undefined ? [] : [[key, is - was]];
    }),
  );
}

function distanceOf(changes: Swap['changes']): number {
  const steps = COMPARED.flatMap((key) => {
    const change = changes[key];
    return change === undefined ? [] : [(change / CLOSE[key]) ** 2];
  });
  return steps.length === 0 ? 0 : Math.sqrt(steps.reduce((sum, step) => sum + step, 0) / steps.length);
}

/**
 * What could stand in for a lot that is missing: each other lot at the amount that changes the blend least, nearest
 * first. Six amounts from half to twice the missing one's are tried of each.
 * Throws `invalid` for a line that is not there.
 */
export function substitutes(
  desk: DeskInput,
  line: number,
  lots: readonly LotComponent[],
  profile?: TargetProfile,
): Swap[] {
  const missing = desk.lines[line];
  if (missing === undefined) return refuse('line', `there is no line ${String(line)}`);
  const before = blend(deskBlendInput(desk));
  const swaps = lots.map((lot, at): Swap => {
    const tried = FACTORS.map((factor): Swap => {
      const parts = missing.parts * factor;
      const swapped: DeskLine = { parts, lot };
      const lines = desk.lines.map((one, i) => (i === line ? swapped : one));
      const figures = blend(deskBlendInput({ ...desk, lines }));
      const changes = changesOf(before, figures);
      return {
        lot: at,
        parts,
        figures,
        changes,
        distance: distanceOf(changes),
        ...lossBy(profile, figures),
      };
    });
    return tried.reduce((best, one) => (one.distance < best.distance ? one : best));
  });
  return swaps.sort((a, b) => a.distance - b.distance);
}

function lossBy(profile: TargetProfile | undefined, figures: BlendScalars): { readonly loss?: number } {
  const loss = profile === undefined ? undefined : lossOf(figures, searchTargets(profile));
  return loss === undefined ? {} : { loss };
}

/** How far from the product a match may be: whole within one step, a miss of 1 at this many. */
const MATCH_STEPS = 3;

/**
 * A product's own figures in a pot as a target profile, so that a search can look for its like: within one noticeable
 * step of each figure is a match.
 */
export function matchProfile(name: string, lot: LotComponent, container: DeskInput['container']): TargetProfile {
  const own = blend(deskBlendInput({ lines: [{ parts: 1, lot }], container, model: 'average' }));
  const measured = new Set(
    lot.origins.filter(({ origin }) => origin !== 'class' && origin !== 'material').map(({ field }) => field),
  );
  const known = (property: CloseProperty): boolean =>
    property === 'pH' || property === 'ec_dSm' ? measured.has(property) : true;
  const targets = COMPARED.filter(known).flatMap((property): Target[] => {
    const value = own[property];
    if (value === undefined) return [];
    const [near, far] = [CLOSE[property], MATCH_STEPS * CLOSE[property]];
    return [
      {
        property,
        ideal: [Math.max(0, value - near), value + near],
        limits: [Math.max(0, value - far), value + far],
        weight: 1,
        method: 'as the product was measured',
      },
    ];
  });
  return {
    id: 'match',
    label: `like ${name}`,
    container,
    targets,
    basis: 'the product’s own figures',
    notes: '',
  };
}
