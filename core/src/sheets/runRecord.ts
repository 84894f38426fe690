import { geometricVolume_mL, vesselVolume_mL, type Container, type Filling } from '../vessel';
import type { Protocol } from './protocol';
import type { Reading } from './reading';
import type { SamplePlan } from './samplePlan';

/** A vessel as it was used: its shape and every filling with water that measured it. */
export interface RunVessel extends Container {
  readonly id: string;
  readonly name: string;
  readonly fillings: readonly Filling[];
}

/** A replicate taken out of the result, in sight, with its reason. */
export interface Exclusion {
  readonly replicate: number;
  readonly reason: string;
  readonly by?: string;
}

export type PackingHabit = 'loose' | 'tapped' | 'firmed' | 'pressed';

/** How this run was made; part of its values. */
export interface RunSettings {
  readonly packingHabit: PackingHabit;
  /** Load on the surface where it was pressed, g/cm². */
  readonly press_gcm2?: number;
  readonly soak_min: number;
  readonly drain_min: number;
  readonly ovenTemp_C: number;
}

/** Soak of mineral grains and of everything that takes its time; drain and oven as the method has them. */
export const RUN_DEFAULTS = Object.freeze({
  mineralSoak_min: 30,
  slowSoak_min: 24 * 60,
  drain_min: 60,
  ovenTemp_C: 104,
});

/** One protocol on one lot with 1 to 12 replicates, as it stands now. */
export interface RunRecord {
  readonly id: string;
  readonly number: number;
  readonly protocol: Protocol;
  readonly settings: RunSettings;
  /** How the sample was taken; absent where nobody said. */
  readonly sample?: SamplePlan;
  readonly replicateCount: number;
  /** One vessel per replicate, undefined until its depth is known; empty for a protocol without vessels. */
  readonly vessels: readonly (RunVessel | undefined)[];
  readonly readings: readonly Reading[];
  readonly exclusions: readonly Exclusion[];
  readonly finishedAt?: string;
  readonly materialClass?: string;
}

/** Volume of a vessel by its water fillings, else by its inner dimensions; undefined where neither is known. */
export function runVesselVolume_mL(vessel: RunVessel): number | undefined {
  return vesselVolume_mL(vessel.fillings) ?? geometricVolume_mL(vessel);
}

/** How a run was packed, in words that are part of its method. */
export function packingWords({ packingHabit, press_gcm2 }: Pick<RunSettings, 'packingHabit' | 'press_gcm2'>): string {
  return packingHabit === 'pressed' ? `pressed with ${String(press_gcm2 ?? '?')} g/cm²` : PACKING_WORDS[packingHabit];
}

const PACKING_WORDS: Readonly<Record<Exclude<PackingHabit, 'pressed'>, string>> = {
  loose: 'loose',
  tapped: 'tapped',
  firmed: 'firmed',
};

/** Volume of a replicate's vessel, mL; undefined while it is not known or none is used. */
export function volumeOfReplicate_mL(run: RunRecord, replicate: number): number | undefined {
  const vessel = run.vessels[replicate];
  return vessel === undefined ? undefined : runVesselVolume_mL(vessel);
}

/** Replicates that count, by index. */
export function countedReplicates(run: RunRecord): number[] {
  return Array.from({ length: run.replicateCount }, (_, i) => i).filter(
    (i) => !run.exclusions.some((exclusion) => exclusion.replicate === i),
  );
}

/** A, B, C for 0, 1, 2. */
export function replicateName(index: number): string {
  return String.fromCharCode(65 + index);
}
