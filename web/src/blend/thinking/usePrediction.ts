import type { DeskInput, DeskResult } from '@bent-pail/core';
import { wrap, type Remote } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import { sentenceOf } from '../../shared/api';
import type { DeskWorker } from './predict.worker';

export interface Prediction {
  readonly result?: DeskResult;
  readonly problem?: string;
}

/** Asks one question at a time; of those that come while it works only the newest is asked next. */
function latestOnly(
  ask: (input: DeskInput) => Promise<DeskResult>,
  answer: (prediction: Prediction) => void,
): (input: DeskInput) => void {
  let busy = false;
  let next: DeskInput | undefined;
  const run = async (input: DeskInput): Promise<void> => {
    busy = true;
    try {
      answer({ result: await ask(input) });
    } catch (error) {
      answer({ problem: sentenceOf(error) });
    }
    busy = false;
    if (next === undefined) return;
    const waiting = next;
    next = undefined;
    void run(waiting);
  };
  return (input) => {
    if (busy) next = input;
    else void run(input);
  };
}

/** The prediction of a recipe, worked out in a worker; the last one stays in view while the next is on its way. */
export function usePrediction(input: DeskInput | undefined): Prediction {
  const [prediction, setPrediction] = useState<Prediction>({});
  const ask = useRef<(input: DeskInput) => void>(undefined);
  useEffect(() => {
    const worker = new Worker(new URL('./predict.worker.ts', import.meta.url), { type: 'module' });
    const desk: Remote<DeskWorker> = wrap<DeskWorker>(worker);
    ask.current = latestOnly((question) => desk.predict(question), setPrediction);
    return () => {
      worker.terminate();
    };
  }, []);
  useEffect(() => {
    if (input !== undefined) ask.current?.(input);
  }, [input]);
  return input === undefined ? {} : prediction;
}
