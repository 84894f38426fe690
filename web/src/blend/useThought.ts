import type { Remote } from 'comlink';
import { useEffect, useState } from 'react';
import type { Thinker } from './thinks';
import { think } from './thinker';

/** A slider has come to rest after this, ms. */
const RESTS_AFTER_MS = 300;

/** A question to the worker; keep it stable between renders, for a new one is a new question. */
export type Question<T> = (thinker: Remote<Thinker>) => Promise<T>;

/** The answer to a question, worked out once it rests; undefined while it is not yet that of this question. */
export function useThought<T>(ask: Question<T> | undefined): T | undefined {
  const [known, setKnown] = useState<{ readonly ask: Question<T>; readonly answer: T }>();
  useEffect(() => {
    if (ask === undefined) return;
    let stop: (() => void) | undefined;
    const timer = setTimeout(() => {
      const thinking = think(ask);
      stop = thinking.stop;
      thinking.answer.then(
        (answer) => {
          setKnown({ ask, answer });
        },
        // The prediction itself says what is wrong with the recipe.
        () => undefined,
      );
    }, RESTS_AFTER_MS);
    return () => {
      clearTimeout(timer);
      stop?.();
    };
  }, [ask]);
  return known !== undefined && known.ask === ask ? known.answer : undefined;
}
