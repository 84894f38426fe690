import type { KeptTrialReading, TrialPage } from '@bent-pail/contract';
import type { TrialFound } from '@bent-pail/core';
import { useMemo } from 'react';
import { useThought, type Question, type Thought } from '../../shared/thinking/useThought';

/** What a trial says, worked out in a thread of its own. */
export function useFound(page: TrialPage, readings: readonly KeptTrialReading[]): Thought<TrialFound> {
  const { plan, plots, out, moves } = page;
  const ask = useMemo<Question<TrialFound> | undefined>(
    () => (readings.length === 0 ? undefined : (thinker) => thinker.trial({ plan, plots, readings, out, moves })),
    [plan, plots, out, moves, readings],
  );
  return useThought(ask);
}
