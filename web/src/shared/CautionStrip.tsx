import type { CautionKey } from '@bent-pail/core';
import { useState, type ReactElement } from 'react';
import { Caution } from '../kit/Caution';
import { CAUTIONS } from './cautions';
import { told } from './units/mine';

interface CautionStripProps {
  readonly caution: CautionKey;
  /** Before which step it stands, as “Before step 9”. */
  readonly before?: string;
}

/** A caution before its step: one sentence, the rest one click away. */
export function CautionStrip({ caution, before }: CautionStripProps): ReactElement {
  const [whole, setWhole] = useState(false);
  const text = CAUTIONS[caution];
  return (
    <Caution role="note">
      <p>
        <b>
          {before === undefined ? '' : `${before}: `}
          {text.title}.
        </b>{' '}
        {told(text.short)}{' '}
        {whole ? (
          told(text.long)
        ) : (
          <button
            type="button"
            className="underline underline-offset-2"
            onClick={() => {
              setWhole(true);
            }}
          >
            All of it
          </button>
        )}
      </p>
    </Caution>
  );
}
