import type { Container } from '@bent-pail/core';
import { useSearchParams } from 'react-router';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { FIRST_SHAPE, potFor, potOf, potText, type Pot } from './pots';

interface PotState {
  readonly shape: Container;
  remember: (shape: Container) => void;
}

/** The pot last used: what a page without one in its address starts with. */
export const useLastPot = create<PotState>()(
  persist(
    (set) => ({
      shape: FIRST_SHAPE,
      remember: (shape) => {
        set({ shape });
      },
    }),
    { name: 'bent-pail-pot', version: 2, migrate: () => ({ shape: FIRST_SHAPE }) },
  ),
);

/** The pot of this page: from its address, else the one last used. */
export function usePot(): readonly [Pot, (pot: Pot) => void] {
  const [params, setParams] = useSearchParams();
  const { shape, remember } = useLastPot();
  const text = params.get('pot');
  const pot = (text === null ? undefined : potOf(text)) ?? potFor(shape);
  const choose = (next: Pot): void => {
    remember(next.shape);
    setParams(
      (before) => {
        before.set('pot', potText(next.shape));
        return before;
      },
      { replace: true },
    );
  };
  return [pot, choose];
}
