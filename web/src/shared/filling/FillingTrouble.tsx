import type { ReactElement } from 'react';
import { sentenceOf } from '../api';
import { isQuestion } from './useFilling';
import { Sorry } from '../../kit/Sorry';
import { Button } from '../../kit/Button';

interface FillingTroubleProps {
  readonly error: Error | null;
  readonly onSure: () => void;
}

/** Why a filling was not kept; where it was only doubted, the way to say that it is right. */
export function FillingTrouble({ error, onSure }: FillingTroubleProps): ReactElement | null {
  if (error === null) return null;
  return (
    <Sorry className="flex basis-full flex-wrap items-center gap-3">
      {sentenceOf(error)}
      {isQuestion(error) && <Button onClick={onSure}>It is right, keep it</Button>}
    </Sorry>
  );
}
