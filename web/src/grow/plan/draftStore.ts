import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import type { PlanDraft } from './planDraft';

interface DraftsState {
  /** Plans that are typed and not kept, by the id of their trial; a new one has its id from the start. */
  readonly drafts: Readonly<Record<string, PlanDraft>>;
  set: (id: string, draft: PlanDraft) => void;
  forget: (id: string) => void;
}

/** Plans that are being typed: they survive a reload. */
export const usePlanDrafts = create<DraftsState>()(
  persist(
    (set) => ({
      drafts: {},
      set: (id, draft) => {
        set(({ drafts }) => ({ drafts: { ...drafts, [id]: draft } }));
      },
      forget: (id) => {
        set(({ drafts }) => {
          const { [id]: _gone, ...rest } = drafts;
          return { drafts: rest };
        });
      },
    }),
    { name: 'bent-pail-trial-plans', version: 1, migrate: () => ({ drafts: {} }) },
  ),
);
