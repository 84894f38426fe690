import { blend, type BlendInput } from '../blend';
import { kitchen, type KitchenInput } from '../kitchen';
import { porosity, type PorosityInput } from '../porosity';
import { containerCapacity, inferRetention, type ContainerCapacityInput, type RetentionInferInput } from '../retention';
import { score, type ScoreInput } from '../scoring';
import { replicates, type ReplicatesInput } from '../statistics';

/** Every calculation that can be asked for by name, with the shape of its input. */
export const CALCULATIONS = {
  porosity: (input: PorosityInput) => porosity(input),
  kitchen: (input: KitchenInput) => kitchen(input),
  replicates: (input: ReplicatesInput) => replicates(input),
  'retention-infer': (input: RetentionInferInput) => inferRetention(input),
  'container-capacity': (input: ContainerCapacityInput) => containerCapacity(input),
  blend: (input: BlendInput) => blend(input),
  score: (input: ScoreInput) => score(input),
} as const;
