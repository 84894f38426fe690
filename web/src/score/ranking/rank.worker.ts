import { rank, type RankInput, type RankResult } from '@bent-pail/core';
import { expose } from 'comlink';

/** Thousands of weightings away from the page, so that a slider never waits for them. */
const ranker = {
  rank(input: RankInput): RankResult {
    return rank(input);
  },
};

export type RankWorker = typeof ranker;

expose(ranker);
