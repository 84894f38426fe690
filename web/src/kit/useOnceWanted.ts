import { useState } from 'react';

/** Whether something was wanted once since it stands here: what came late then stays. */
export function useOnceWanted(isWanted: boolean): boolean {
  const [was, setWas] = useState(isWanted);
  if (isWanted && !was) setWas(true);
  return was || isWanted;
}
