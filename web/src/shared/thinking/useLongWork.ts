import { proxy, type Remote } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import { sentenceOf } from '../api';
import { think } from './thinker';
import type { Thinker } from './thinks';

export type LongWorkState<In, Out> =
  | { readonly kind: 'idle' }
  | { readonly kind: 'running'; readonly share: number }
  | { readonly kind: 'done'; readonly input: In; readonly result: Out }
  | { readonly kind: 'failed'; readonly sentence: string };

interface LongWork<In, Out> {
  readonly state: LongWorkState<In, Out>;
  readonly start: (input: In) => void;
  readonly cancel: () => void;
}

/** How a worker is asked; it tells of the share that is done. */
export type Asked<In, Out> = (thinker: Remote<Thinker>, input: In, onProgress: (share: number) => void) => Promise<Out>;

/** Long work in a worker: started by a press, told of, cancelled by ending the worker. */
export function useLongWork<In, Out>(ask: Asked<In, Out>): LongWork<In, Out> {
  const [state, setState] = useState<LongWorkState<In, Out>>({ kind: 'idle' });
  const stop = useRef<() => void>(undefined);
  useEffect(() => () => stop.current?.(), []);
  const cancel = (): void => {
    stop.current?.();
    setState({ kind: 'idle' });
  };
  const start = (input: In): void => {
    stop.current?.();
    setState({ kind: 'running', share: 0 });
    const thinking = think((thinker) =>
      ask(
        thinker,
        input,
        proxy((share: number) => {
          setState((now) => (now.kind === 'running' ? { kind: 'running', share } : now));
        }),
      ),
    );
    stop.current = thinking.stop;
    thinking.answer.then(
      (result) => {
        setState({ kind: 'done', input, result });
      },
      (error: unknown) => {
        setState({ kind: 'failed', sentence: sentenceOf(error) });
      },
    );
  };
  return { state, start, cancel };
}
