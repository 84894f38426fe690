import type { WarmUp } from '@bent-pail/contract';
import { warmUpSaid, type WarmUpSaid } from '@bent-pail/core';
import type { WarmUpMarkEntity } from './entities';

/** What a warm-up says of one rater; nothing until all its criteria are marked. */
export function warmUpFor(warmUp: WarmUp, marks: readonly WarmUpMarkEntity[]): WarmUpSaid | undefined {
  const given = warmUp.known.flatMap(({ criterion, value: known }) => {
    const mark = marks.find((one) => one.criterion === criterion);
    return mark === undefined ? [] : [{ criterion, known, given: mark.value }];
  });
  return given.length < warmUp.known.length ? undefined : warmUpSaid(given);
}
