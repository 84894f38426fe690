import type { NewFilling } from '@bent-pail/contract';
import { useState } from 'react';
import { sentenceOf } from '../api';
import { NOTHING_TYPED, readFilling, type TypedFilling } from './typedFilling';
import { useFilling } from './useFilling';

type More = Partial<Omit<NewFilling, 'id' | 'empty_g' | 'full_g' | 'waterTemp_C'>>;

interface Filling {
  readonly typed: TypedFilling;
  readonly setTyped: (typed: TypedFilling) => void;
  readonly isSending: boolean;
  /** Why it was not sent, or not kept. */
  readonly error: Error | null;
  /** Sends what was typed; `sure` where the server asked and somebody looked again. */
  readonly keep: (sure: boolean) => void;
}

/** A filling of a vessel from being typed to being kept; `more` is what else is said of it, read when it is sent. */
export function useTypedFilling(
  vesselId: string,
  { begin = NOTHING_TYPED, more, onKept }: { begin?: TypedFilling; more: () => More; onKept?: () => void },
): Filling {
  const [typed, setTyped] = useState(begin);
  const [sorry, setSorry] = useState<Error | null>(null);
  const send = useFilling(vesselId, onKept);
  const keep = (sure: boolean): void => {
    try {
      const said = { ...readFilling(typed), ...more(), ...(sure ? { sure: true as const } : {}) };
      setSorry(null);
      send.mutate(said);
    } catch (error) {
      setSorry(error instanceof Error ? error : new Error(sentenceOf(error)));
    }
  };
  return { typed, setTyped, isSending: send.isPending, error: sorry ?? send.error, keep };
}
