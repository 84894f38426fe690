import { wrap, type Remote } from 'comlink';
import type { Thinker } from './thinks';

/** One piece of long work in a worker of its own. */
export interface Thinking<T> {
  readonly answer: Promise<T>;
  /** Ends the worker at once; the answer then never comes. */
  readonly stop: () => void;
}

/** Starts long work; the worker ends with it. */
export function think<T>(ask: (thinker: Remote<Thinker>) => Promise<T>): Thinking<T> {
  const worker = new Worker(new URL('./think.worker.ts', import.meta.url), { type: 'module' });
  const answer = ask(wrap<Thinker>(worker)).finally(() => {
    worker.terminate();
  });
  return {
    answer,
    stop: () => {
      worker.terminate();
    },
  };
}
