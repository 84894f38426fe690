import { bands, type BandsInput } from '../bands';
import { blend, type BlendInput } from '../blend';
import {
  dose,
  ec25,
  phCalibration,
  phReading,
  rinse,
  titration,
  type DoseInput,
  type Ec25Input,
  type PhCalibrationInput,
  type PhReadingInput,
  type RinseInput,
  type TitrationInput,
} from '../chemistry';
import { conductivity, drainage, type ConductivityInput, type DrainageInput } from '../drainage';
import { feeding, nutrients, type FeedingInput, type NutrientsInput } from '../feeding';
import { penReading, type PenReadingInput } from '../instruments';
import { kitchen, type KitchenInput } from '../kitchen';
import { potOutlook, throughflow, type PotOutlookInput, type ThroughflowInput } from '../outlook';
import { settlingTime, sieve, texture, type SettlingInput, type SieveInput, type TextureInput } from '../particles';
import { porosity, type PorosityInput } from '../porosity';
import { quantity, type QuantityInput } from '../quantity';
import {
  containerCapacity,
  fitRetention,
  inferRetention,
  type ContainerCapacityInput,
  type RetentionFitInput,
  type RetentionInferInput,
} from '../retention';
import { score, type ScoreInput } from '../scoring';
import { recipeSearch, type RecipeSearchInput } from '../search';
import { ratio, type RatioInput } from '../shares';
import { lotSpread, replicates, type LotSpreadInput, type ReplicatesInput } from '../statistics';
import { dropTime, hydration, type DropTimeInput, type HydrationInput } from '../wetting';

/** Every calculation that can be asked for by name, with the shape of its input. */
export const CALCULATIONS = {
  porosity: (input: PorosityInput) => porosity(input),
  kitchen: (input: KitchenInput) => kitchen(input),
  replicates: (input: ReplicatesInput) => replicates(input),
  'retention-fit': (input: RetentionFitInput) => fitRetention(input),
  'retention-infer': (input: RetentionInferInput) => inferRetention(input),
  'container-capacity': (input: ContainerCapacityInput) => containerCapacity(input),
  drainage: (input: DrainageInput) => drainage(input),
  conductivity: (input: ConductivityInput) => conductivity(input),
  'ph-calibration': (input: PhCalibrationInput) => phCalibration(input),
  'ph-reading': (input: PhReadingInput) => phReading(input),
  ec25: (input: Ec25Input) => ec25(input),
  sieve: (input: SieveInput) => sieve(input),
  rinse: (input: RinseInput) => rinse(input),
  texture: (input: TextureInput) => texture(input),
  'settling-time': (input: SettlingInput) => settlingTime(input),
  blend: (input: BlendInput) => blend(input),
  'recipe-search': (input: RecipeSearchInput) => recipeSearch(input),
  bands: (input: BandsInput) => bands(input),
  quantity: (input: QuantityInput) => quantity(input),
  dose: (input: DoseInput) => dose(input),
  score: (input: ScoreInput) => score(input),
  'lot-spread': (input: LotSpreadInput) => lotSpread(input),
  ratio: (input: RatioInput) => ratio(input),
  'drop-time': (input: DropTimeInput) => dropTime(input),
  hydration: (input: HydrationInput) => hydration(input),
  titration: (input: TitrationInput) => titration(input),
  nutrients: (input: NutrientsInput) => nutrients(input),
  feeding: (input: FeedingInput) => feeding(input),
  'pot-outlook': (input: PotOutlookInput) => potOutlook(input),
  throughflow: (input: ThroughflowInput) => throughflow(input),
  'pen-reading': (input: PenReadingInput) => penReading(input),
} as const;
