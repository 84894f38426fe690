import type { Ground } from '../context';
import { followPots } from '../filledPots/followPots';
import { followTrials } from '../trials/followTrials';
import type { Workshop } from './workshop';

/** What else follows once cards do: what pots ask for, what finished trials came to. */
export function alsoFollows(ground: Pick<Ground, 'db' | 'clock'>, workshop: Workshop) {
  const [pots, trials] = [followPots(ground, workshop), followTrials(ground, workshop)];
  return async (stopped: AbortSignal): Promise<void> => {
    await pots(stopped);
    await trials(stopped);
  };
}
