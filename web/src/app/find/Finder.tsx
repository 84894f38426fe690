import type { Me } from '@bent-pail/contract';
import type { ReactElement } from 'react';
import { later } from '../../kit/later';
import { useOnceWanted } from '../../kit/useOnceWanted';
import { useFind } from '../../shared/findStore';
import { FindSoon } from './FindSoon';

const FindEverything = later(async () => (await import('./FindEverything')).FindEverything, <FindSoon />);

/** The box over everything, from the first time that somebody looks for something. */
export function Finder({ me }: { readonly me: Me }): ReactElement | null {
  return useOnceWanted(useFind((state) => state.isOpen)) ? <FindEverything me={me} /> : null;
}

/** Asks for it while there is time. */
export const fetchFinder = FindEverything.fetch;
