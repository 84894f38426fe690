import { reduceRun } from '../runs';
import type { RunProperty, RunRecord } from '../sheets';

const REDUCED = new WeakMap<RunRecord, readonly RunProperty[]>();

/** What a run says, worked out once for as long as its record is in hand: each figure of a card asks for it again. */
export function propertiesOf(run: RunRecord): readonly RunProperty[] {
  const known = REDUCED.get(run);
  if (known !== undefined) return known;
  const { properties } = reduceRun(run);
  REDUCED.set(run, properties);
  return properties;
}
