import type { LotRecord, TrialRecord } from '@bent-pail/core';
import type { CardAnswer, CardTask } from '../workers/makeCard';
import { ThreadPool } from '../workers/threadPool';
import { taughtBy, type MeasuredBatch, type Taught } from '../learning/taughtBy';
import { watchPot, type PotAsked, type PotSaid } from '../filledPots/watchPot';
import { trialResult, type TrialResult } from '../trials/results';
import { workOut, type WorkedOut } from './workedOut';

const THREAD = Object.freeze({ idle_ms: 30_000, heap_MB: 96, young_MB: 8, nice: 10 });

/** Where cards are worked out, and what else follows. */
export interface Workshop {
  /** A lot's card, and the figures of those of its runs that are named. */
  card: (record: LotRecord, runIds: readonly string[]) => Promise<WorkedOut>;
  learn: (measured: readonly MeasuredBatch[]) => Promise<Taught>;
  /** What a pot's diary asks for next. */
  pot: (asked: PotAsked) => Promise<PotSaid>;
  /** What a finished trial came to. */
  trial: (record: TrialRecord) => Promise<TrialResult>;
  close: () => Promise<void>;
}

/** A thread of its own, which gives way to the server's. */
export function threadWorkshop(): Workshop {
  const pool = new ThreadPool<CardTask, CardAnswer>('makeCard', THREAD);
  return {
    card: async (record, runIds) => (await pool.run({ kind: 'card', record, runIds })) as WorkedOut,
    learn: async (measured) => (await pool.run({ kind: 'learn', measured })) as Taught,
    pot: async (asked) => (await pool.run({ kind: 'pot', asked })) as PotSaid,
    trial: async (record) => (await pool.run({ kind: 'trial', record })) as TrialResult,
    close: () => pool.close(),
  };
}

/** In the thread of whoever asks: for programs that have nothing else to do. */
export function ownWorkshop(): Workshop {
  return {
    card: (record, runIds) => Promise.resolve(workOut(record, runIds)),
    learn: (measured) => Promise.resolve(taughtBy(measured)),
    pot: (asked) => Promise.resolve(watchPot(asked)),
    trial: (record) => Promise.resolve(trialResult(record)),
    close: () => Promise.resolve(),
  };
}
