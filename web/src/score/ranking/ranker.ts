import type { RankInput, RankResult } from '@bent-pail/core';
import { wrap, type Remote } from 'comlink';
import type { RankWorker } from './rank.worker';

export interface Ranker {
  readonly rank: (input: RankInput) => Promise<RankResult>;
  readonly end: () => void;
}

/** A thread that ranks; whoever asks ends it. */
export function startRanker(): Ranker {
  const worker = new Worker(new URL('./rank.worker.ts', import.meta.url), { type: 'module' });
  const ranker: Remote<RankWorker> = wrap<RankWorker>(worker);
  return {
    rank: (input) => ranker.rank(input),
    end: () => {
      worker.terminate();
    },
  };
}
