import type { RecipeSearchInput, RecipeSearchResult } from '@bent-pail/core';
import { proxy } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import { sentenceOf } from '../../shared/api';
import { think } from '../thinking/thinker';

export type SearchState =
  | { readonly kind: 'idle' }
  | { readonly kind: 'running'; readonly share: number }
  | { readonly kind: 'done'; readonly input: RecipeSearchInput; readonly result: RecipeSearchResult }
  | { readonly kind: 'failed'; readonly sentence: string };

interface Search {
  readonly state: SearchState;
  readonly start: (input: RecipeSearchInput) => void;
  readonly cancel: () => void;
}

/** A search in a worker: started, told of, cancelled by ending the worker. */
export function useSearch(): Search {
  const [state, setState] = useState<SearchState>({ kind: 'idle' });
  const stop = useRef<() => void>(undefined);
  useEffect(() => () => stop.current?.(), []);
  const cancel = (): void => {
    stop.current?.();
    setState({ kind: 'idle' });
  };
  const start = (input: RecipeSearchInput): void => {
    stop.current?.();
    setState({ kind: 'running', share: 0 });
    const thinking = think((thinker) =>
      thinker.search(
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
