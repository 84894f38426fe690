import type { Recipe } from '@bent-pail/contract';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';

/** A recipe being composed: parts may stand at 0 while a slider rests there. */
export interface BlendDraft {
  readonly name: string;
  readonly recipe: Recipe;
}

interface DraftState {
  /** By blend, or `NEW` for one that was never kept. */
  readonly drafts: Readonly<Record<string, BlendDraft>>;
  change: (key: string, draft: BlendDraft) => void;
  drop: (key: string) => void;
}

export const NEW = 'new';

/** A recipe in the making survives a reload; it is dropped when it is kept as a version. */
export const useDrafts = create<DraftState>()(
  persist(
    (set) => ({
      drafts: {},
      change: (key, draft) => {
        set(({ drafts }) => ({ drafts: { ...drafts, [key]: draft } }));
      },
      drop: (key) => {
        set(({ drafts }) => {
          const { [key]: _dropped, ...others } = drafts;
          return { drafts: others };
        });
      },
    }),
    { name: 'bent-pail-blends', version: 1, migrate: () => ({ drafts: {} }) },
  ),
);
