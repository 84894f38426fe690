import type { Workshop } from '../cards/workshop';
import type { Ground } from '../context';
import { recordOf } from './record';
import { trialOf } from './repository';
import { wantedTrials, wantOldTrials, writeResult, type WantedTrial } from './resultRepository';

/** Trials asked for at a time. */
const AT_ONCE = 20;

/** Lets what finished trials came to follow what is said of them, one trial at a time. */
export function followTrials({ db }: Pick<Ground, 'db'>, workshop: Pick<Workshop, 'trial'>) {
  let isFirst = true;
  const follow = async (wanted: WantedTrial, stopped: AbortSignal): Promise<void> => {
    const record = await db.transaction('REPEATABLE READ', async (manager) => {
      const trial = await trialOf(manager, wanted.trialId);
      if (trial === null) return undefined;
      return trial.finishedAt === null ? undefined : recordOf(manager, trial);
    });
    const found =
      record === undefined
        ? {}
        : await workshop.trial(record).then(
            (result) => ({ result, plan: record.plan }),
            // One that cannot be worked out does not keep the others waiting.
            (error: unknown) => ({ trouble: String(error) }),
          );
    // A thread that was ended says nothing of the trial.
    if (!stopped.aborted) await db.transaction((manager) => writeResult(manager, wanted, found));
  };
  return async (stopped: AbortSignal): Promise<void> => {
    if (isFirst) await wantOldTrials(db.manager);
    isFirst = false;
    for (;;) {
      const wanted = await wantedTrials(db.manager, AT_ONCE);
      if (wanted.length === 0) return;
      for (const one of wanted) {
        if (stopped.aborted) return;
        await follow(one, stopped);
      }
    }
  };
}
