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
    <span
      className={`mt-0.5 block border-l-4 pl-2 text-left font-(family-name:--face-text) text-small leading-[1.3] font-normal whitespace-normal text-ink ${trouble.state === 'failed' ? 'border-ink' : 'border-caution'}`}
    >
      <b>Calibration {WORD[trouble.state]}.</b> {trouble.sentence}
    </span>
  );
}
