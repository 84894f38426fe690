import type { Recipe } from '@bent-pail/contract';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';

/** A recipe being composed: parts may stand at 0 while a slider rests there. */
export interface BlendDraft {
  readonly name: string;
  readonly recipe: Recipe;
}

type Typed = Readonly<Record<string, string>>;

interface DraftState {
  /** By blend, or `NEW` for one that was never kept. */
  readonly drafts: Readonly<Record<string, BlendDraft>>;
  /** How much is wanted of a blend, as somebody typed it; fields that nobody typed are as usual. */
  readonly wants: Readonly<Record<string, Typed>>;
  change: (key: string, draft: BlendDraft) => void;
  want: (key: string, typed: Typed) => void;
  /** A new blend was kept: what is wanted of it goes with it. */
  keptAs: (key: string, blendId: string) => void;
  drop: (key: string) => void;
}

export const NEW = 'new';

/** The desk of one lot by itself: how much of it, for what. */
const ALONE = 'alone:';
export const aloneKey = (lotId: string): string => `${ALONE}${lotId}`;
export const isAlone = (key: string): boolean => key.startsWith(ALONE);

/** A recipe in the making survives a reload; it is dropped when it is kept as a version. */
export const useDrafts = create<DraftState>()(
  persist(
    (set) => ({
      drafts: {},
      wants: {},
      want: (key, typed) => {
        set(({ wants }) => ({ wants: { ...wants, [key]: typed } }));
      },
      keptAs: (key, blendId) => {
        set(({ wants }) => {
          const { [key]: moved, ...others } = wants;
          return { wants: moved === undefined ? others : { ...others, [blendId]: moved } };
        });
      },
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
    {
      name: 'bent-pail-blends',
      version: 2,
      migrate: (kept, version) => (version === 1 ? { ...(kept as object), wants: {} } : { drafts: {}, wants: {} }),
    },
  ),
);
