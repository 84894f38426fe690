import type { Remote } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { Thinker } from './thinks';
import { think } from './thinker';

/** A slider has come to rest after this, ms. */
const RESTS_AFTER_MS = 300;
/** Work that takes longer than this says so, and can be stopped, ms. */
const SLOW_AFTER_MS = 500;

/** A question to the worker; keep it stable between renders, for a new one is a new question. */
export type Question<T> = (thinker: Remote<Thinker>) => Promise<T>;

/** How far a question has come. */
export interface Thought<T> {
  /** Undefined while it is not yet that of this question. */
  readonly answer: T | undefined;
  readonly state: 'waits' | 'slow' | 'stopped' | 'answered';
  readonly stop: () => void;
  readonly again: () => void;
}

interface Known<T> {
  readonly ask: Question<T>;
  readonly state: 'slow' | 'stopped' | 'answered';
  readonly answer?: T;
}

/** A question, asked once it rests, of a worker of its own. */
export function useThought<T>(ask: Question<T> | undefined, asked: typeof think = think): Thought<T> {
  const [known, setKnown] = useState<Known<T>>();
  const [tries, setTries] = useState(0);
  const end = useRef<() => void>(undefined);
  useEffect(() => {
    if (ask === undefined) return;
    let slow: ReturnType<typeof setTimeout> | undefined;
    const timer = setTimeout(() => {
      const thinking = asked(ask);
      slow = setTimeout(() => {
        setKnown({ ask, state: 'slow' });
      }, SLOW_AFTER_MS);
      end.current = () => {
        clearTimeout(slow);
        thinking.stop();
      };
      thinking.answer.then(
        (answer) => {
          clearTimeout(slow);
          setKnown({ ask, state: 'answered', answer });
        },
        // The prediction itself says what is wrong with the recipe.
        () => {
          clearTimeout(slow);
        },
      );
    }, RESTS_AFTER_MS);
    return () => {
      clearTimeout(timer);
      end.current?.();
    };
  }, [ask, asked, tries]);
  const isOfIt = known !== undefined && known.ask === ask;
  return {
    answer: isOfIt ? known.answer : undefined,
    state: isOfIt ? known.state : 'waits',
    stop: useCallback(() => {
      end.current?.();
      if (ask !== undefined) setKnown({ ask, state: 'stopped' });
    }, [ask]),
    again: useCallback(() => {
      setKnown(undefined);
      setTries((before) => before + 1);
    }, []),
  };
}
