import type { CalibrationTrouble } from '@bent-pail/core';
import type { ReactElement } from 'react';

const WORD: Readonly<Record<CalibrationTrouble['state'], string>> = {
  caution: 'so so',
  stale: 'stale',
  missing: 'none on record',
  failed: 'failed',
};

/** What is wrong with the instruments behind a number, beside the number, wherever it shows. */
export function Trouble({ trouble }: { readonly trouble: CalibrationTrouble | undefined }): ReactElement | null {
  if (trouble === undefined) return null;
  return (
    <span className={`trouble ${trouble.state}`}>
      <b>Calibration {WORD[trouble.state]}.</b> {trouble.sentence}
    </span>
  );
}
