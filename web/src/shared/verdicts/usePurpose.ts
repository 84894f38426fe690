import { type Condition, type VerdictUse } from '@bent-pail/core';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';

interface Purpose {
  readonly use: VerdictUse;
  readonly conditions: readonly Condition[];
}

interface PurposeState extends Purpose {
  setUse: (use: VerdictUse) => void;
  setCondition: (condition: Condition, holds: boolean) => void;
}

const FIRST: Purpose = { use: 'containers', conditions: [] };

/** What a medium is wanted for, and what holds where it goes: the last that was asked, on every card. */
export const usePurpose = create<PurposeState>()(
  persist(
    (set) => ({
      ...FIRST,
      setUse: (use) => {
        set({ use });
      },
      setCondition: (condition, holds) => {
        set(({ conditions }) => ({
          conditions: [...conditions.filter((one) => one !== condition), ...(holds ? [condition] : [])],
        }));
      },
    }),
    { name: 'bent-pail-purpose', version: 1, migrate: () => FIRST },
  ),
);
