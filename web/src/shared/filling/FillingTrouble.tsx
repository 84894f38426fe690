import type { ReactElement } from 'react';
import { sentenceOf } from '../api';
import { isQuestion } from './useFilling';

interface FillingTroubleProps {
  readonly error: Error | null;
  readonly onSure: () => void;
}

/** Why a filling was not kept; where it was only doubted, the way to say that it is right. */
export function FillingTrouble({ error, onSure }: FillingTroubleProps): ReactElement | null {
  if (error === null) return null;
  return (
    <p className="sorry flex basis-full flex-wrap items-center gap-3" role="alert">
      {sentenceOf(error)}
      {isQuestion(error) && (
        <button type="button" className="alt" onClick={onSure}>
          It is right, keep it
        </button>
      )}
    </p>
  );
}
