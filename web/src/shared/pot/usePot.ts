import { useSearchParams } from 'react-router';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { FIRST_POT, potOf, potText, type Pot } from './pots';

interface PotState {
  readonly pot: Pot;
  remember: (pot: Pot) => void;
}

/** The pot last used: what a page without one in its address starts with. */
export const useLastPot = create<PotState>()(
  persist(
    (set) => ({
      pot: FIRST_POT,
      remember: (pot) => {
        set({ pot });
      },
    }),
    { name: 'bent-pail-pot', version: 1, migrate: () => ({ pot: FIRST_POT }) },
  ),
);

/** The pot of this page: from its address, else the one last used. */
export function usePot(): readonly [Pot, (pot: Pot) => void] {
  const [params, setParams] = useSearchParams();
  const { pot: last, remember } = useLastPot();
  const text = params.get('pot');
  const pot = (text === null ? undefined : potOf(text)) ?? last;
  const choose = (next: Pot): void => {
    remember(next);
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
