import type { NewReading } from '@bent-pail/contract';
import { useState } from 'react';
import { sentenceOf } from '../shared/api';
import { keepReading } from '../shared/outbox/keep';
import { useMe } from '../shared/useSession';
import { draftKey, useDrafts } from './draftStore';

interface Keeping {
  readonly keep: (runId: string, reading: NewReading) => void;
  /** What became of a reading that nobody took. */
  readonly sorry: string | undefined;
}

/** Keeps readings; one that nobody took stands in its cell again, with a sentence. */
export function useKeepReading(): Keeping {
  const { id } = useMe();
  const type = useDrafts((state) => state.type);
  const [sorry, setSorry] = useState<string>();
  const keep = (runId: string, reading: NewReading): void => {
    setSorry(undefined);
    keepReading(id, runId, reading).catch((error: unknown) => {
      const value = String(reading.value);
      type(draftKey(runId, reading.replicate, reading.step), value);
      setSorry(`${value} is not kept: this browser keeps nothing. ${sentenceOf(error)} It stands in its cell again.`);
    });
  };
  return { keep, sorry };
}
