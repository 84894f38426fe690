import type { NewTrialReading } from '@bent-pail/contract';
import { CoreError, requireTrialReading, spoken, type TrialPlan } from '@bent-pail/core';
import { useCallback, useState } from 'react';
import { v7 as uuidv7 } from 'uuid';
import { sentenceOf } from '../../shared/api';
import { keepTrialReading } from '../../shared/outbox/keep';
import { serverNow } from '../../shared/serverClock';
import { useMe } from '../../shared/useSession';
import type { DayCell } from './dayState';

type CellValue = Pick<NewTrialReading, 'value' | 'state' | 'signs'>;

interface KeepCellOptions {
  readonly trialId: string;
  readonly plan: TrialPlan;
  readonly on: string;
}

/**
 * Puts a cell into this browser's queue; whether it is taken is known at once, so that whoever types goes on to the
 * next. What cannot be true is said and not taken.
 */
export function useKeepCell({ trialId, plan, on }: KeepCellOptions) {
  const me = useMe();
  const [sorry, setSorry] = useState<string>();
  const keep = useCallback(
    (cell: DayCell, said: CellValue): boolean => {
      try {
        requireTrialReading(plan, cell.plot.species, { ...cell, ...said });
      } catch (error) {
        if (!(error instanceof CoreError)) throw error;
        setSorry(spoken(error));
        return false;
      }
      setSorry(undefined);
      const { plotId, plant, trait } = cell;
      const takenAt = new Date(serverNow()).toISOString();
      keepTrialReading(me.id, trialId, { id: uuidv7(), plotId, plant, trait, on, takenAt, ...said }).catch(
        (error: unknown) => {
          setSorry(sentenceOf(error));
        },
      );
      return true;
    },
    [me.id, trialId, plan, on],
  );
  return { keep, sorry, setSorry };
}
export type KeepCell = ReturnType<typeof useKeepCell>;
