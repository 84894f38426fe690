import type { DeskInput, DeskResult } from '@bent-pail/core';
import { wrap, type Remote } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import { sentenceOf } from '../../shared/api';
import { latestOnly } from '../../shared/latestOnly';
import type { DeskWorker } from './predict.worker';

export interface Prediction {
  readonly result?: DeskResult;
  readonly problem?: string;
}

/** The prediction of a recipe, worked out in a worker; the last one stays in view while the next is on its way. */
export function usePrediction(input: DeskInput | undefined): Prediction {
  const [prediction, setPrediction] = useState<Prediction>({});
  const ask = useRef<(input: DeskInput) => void>(undefined);
  useEffect(() => {
    const worker = new Worker(new URL('./predict.worker.ts', import.meta.url), { type: 'module' });
    const desk: Remote<DeskWorker> = wrap<DeskWorker>(worker);
    ask.current = latestOnly(
      (question: DeskInput) => desk.predict(question),
      (result) => {
        setPrediction({ result });
      },
      (error) => {
        setPrediction({ problem: sentenceOf(error) });
      },
    );
    return () => {
      worker.terminate();
    };
  }, []);
  useEffect(() => {
    if (input !== undefined) ask.current?.(input);
  }, [input]);
  return input === undefined ? {} : prediction;
}
