import type { FileReport, Take } from '@bent-pail/contract';
import { useState } from 'react';

/** Which of two rows stands, for all and for some, as it is sent. */
export function useTakes() {
  const [others, setOthers] = useState<Take>('ours');
  const [chosen, setChosen] = useState<ReadonlyMap<string, Take>>(new Map());
  return {
    others,
    setOthers,
    chosen,
    choose: (key: string, take: Take): void => {
      setChosen(new Map([...chosen, [key, take]]));
    },
    forget: (): void => {
      setChosen(new Map());
    },
    said: {
      others,
      chosen: [...chosen].map(([key, take]) => {
        const [kind = '', ...rest] = key.split(' ');
        return { kind, key: rest.join(' '), take };
      }),
    },
  };
}
export type Takes = ReturnType<typeof useTakes>;

/** Rows that came in. */
export const addedIn = ({ kinds }: Pick<FileReport, 'kinds'>): number => kinds.reduce((sum, one) => sum + one.added, 0);
