import { seededRandom, shuffled } from '../scoring';
import { layout } from './layout';
import type { TrialPlan } from './plan';
import type { TraitKey, TrialSign } from './traits';

/** What was drawn by lot: a pot, tray or cell with one medium and one species. */
export interface TrialPlot {
  readonly id: string;
  readonly number: number;
  readonly arm: string;
  readonly species: string;
  /** As it was drawn by lot, both from 1. */
  readonly block: number;
  readonly place: number;
}

/** One reading of a plot or of a plant of it on a day; the last one of the same day stands. */
export interface TrialReading {
  readonly plotId: string;
  /** From 1; 0 for the plot as a whole. */
  readonly plant: number;
  readonly trait: TraitKey | 'signs';
  readonly on: string;
  /** Absent where it is dead or missing, which are two things. */
  readonly value?: number;
  readonly state?: 'dead' | 'missing';
  readonly signs?: readonly TrialSign[];
}

export interface TrialOut {
  readonly plotId: string;
  readonly reason: string;
}

/** Two plots that changed places after they were laid out. */
export interface TrialMove {
  readonly plotId: string;
  readonly withId: string;
  readonly on: string;
  readonly reason: string;
}

export interface TrialRecord {
  readonly plan: TrialPlan;
  readonly plots: readonly TrialPlot[];
  readonly readings: readonly TrialReading[];
  readonly out: readonly TrialOut[];
  readonly moves: readonly TrialMove[];
}

/** Seeds of a trial that is drawn once more for each of its species, for the pulled plants and for draws. */
const SEED_STEP = 7919;

/** Where each medium of each species stands, drawn by lot; numbers run by block, so that a walk along it is a count. */
export function plotsOf(
  { arms, species, blocks, perBlock }: Pick<TrialPlan, 'arms' | 'species' | 'blocks' | 'perBlock'>,
  seed: number,
): readonly Omit<TrialPlot, 'id'>[] {
  const drawn = species.flatMap(({ key }, s) => {
    const size = perBlock === undefined || perBlock >= arms.length ? {} : { perBlock };
    const { plots } = layout({ media: arms.map((arm) => arm.key), blocks, ...size, seed: seed + s * SEED_STEP });
    const wide = Math.max(...plots.map(({ place }) => place));
    return plots.map(({ block, place, medium }) => ({ arm: medium, species: key, block, place: s * wide + place }));
  });
  return drawn.sort((a, b) => a.block - b.block || a.place - b.place).map((plot, i) => ({ ...plot, number: i + 1 }));
}

/** The plants of a plot that are pulled for their roots: drawn by lot, the same ones whenever it is asked. */
export function pulledPlants(seed: number, plotNumber: number, plants: number, each: number): readonly number[] {
  const all = Array.from({ length: plants }, (_, i) => i + 1);
  return shuffled(all, seededRandom(seed + plotNumber * SEED_STEP))
    .slice(0, each)
    .sort((a, b) => a - b);
}

const DAY_MS = 86_400_000;
const dayNumber = (day: string): number => Math.round(Date.parse(`${day}T00:00:00Z`) / DAY_MS);

/** Days from one day to another. */
export const daysBetween = (from: string, to: string): number => dayNumber(to) - dayNumber(from);

const keyOf = ({ plotId, plant, trait, on }: TrialReading): string => `${plotId} ${String(plant)} ${trait} ${on}`;

/** Readings as they stand: of the same plot, plant, trait and day the last. They come in the order in which they were kept. */
export const standingReadings = <T extends TrialReading>(readings: readonly T[]): readonly T[] => [
  ...new Map(readings.map((reading) => [keyOf(reading), reading])).values(),
];

/** Where each plot stands now, after all moves. */
export function placesNow(
  plots: readonly TrialPlot[],
  moves: readonly TrialMove[],
): ReadonlyMap<string, Pick<TrialPlot, 'block' | 'place'>> {
  const at = new Map(plots.map(({ id, block, place }) => [id, { block, place }]));
  for (const { plotId, withId } of moves) {
    const [a, b] = [at.get(plotId), at.get(withId)];
    if (a === undefined || b === undefined) continue;
    at.set(plotId, b);
    at.set(withId, a);
  }
  return at;
}
