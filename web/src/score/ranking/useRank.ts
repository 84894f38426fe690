import type { RankInput, RankResult } from '@bent-pail/core';
import { useEffect, useRef, useState } from 'react';
import { sentenceOf } from '../../shared/api';
import { latestOnly } from '../../shared/latestOnly';
import { startRanker } from './ranker';

export interface RankState {
  readonly result?: RankResult;
  readonly problem?: string;
}

/** The order of products, worked out in a worker; the last one stays in view while the next is on its way. */
export function useRank(input: RankInput | undefined): RankState {
  const [state, setState] = useState<RankState>({});
  const ask = useRef<(input: RankInput) => void>(undefined);
  useEffect(() => {
    const ranker = startRanker();
    ask.current = latestOnly(
      ranker.rank,
      (result) => {
        setState({ result });
      },
      (error) => {
        setState({ problem: sentenceOf(error) });
      },
    );
    return ranker.end;
  }, []);
  useEffect(() => {
    if (input !== undefined) ask.current?.(input);
  }, [input]);
  return input === undefined ? {} : state;
}
