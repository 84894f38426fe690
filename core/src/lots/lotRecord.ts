import type { LotReadings } from '../knowledge';
import type { RunRecord } from '../sheets';

/** A lot as the shelf keeps it: what it is called, what class it is of, what was paid, and its runs. */
export interface LotRecord {
  readonly id: string;
  readonly name: string;
  readonly code: string;
  /** The material that it is of, by id. */
  readonly materialId: string;
  readonly materialClass?: string;
  /** Price of one pack, in the notebook's currency. */
  readonly price?: number;
  /** Volume of one pack as the label states it, L. */
  readonly packVolume_L?: number;
  /** What one pack weighs, kg: with what a kilogram opens to, its loose litres. */
  readonly packWeight_kg?: number;
  /** Loose litres to a litre on the label, where somebody says so, and who says it. */
  readonly opensTo?: number;
  readonly opensToBy?: string;
  readonly runs: readonly RunRecord[];
  /** What was read of other lots of its material. */
  readonly kin?: readonly LotReadings[];
}
