import type { FillingRow, VesselRow } from '@bent-pail/contract';
import { useState, type ReactElement, type SubmitEvent } from 'react';
import { Field } from '../kit/Field';
import { numberOf } from '../shared/numberOf';
import { FillingFields } from '../shared/filling/FillingFields';
import { FillingTrouble } from '../shared/filling/FillingTrouble';
import { useTypedFilling } from '../shared/filling/useTypedFilling';
import { Button } from '../kit/Button';

interface FillAgainProps {
  readonly vessel: VesselRow;
  /** The filling that this one stands instead of. */
  readonly corrected?: FillingRow;
  readonly onDone: () => void;
}

/** One more filling of a vessel, or a better one for one that was wrong. */
export function FillAgain({ vessel, corrected, onDone }: FillAgainProps): ReactElement {
  const [depth, setDepth] = useState('');
  const [reason, setReason] = useState('');
  const { typed, setTyped, isSending, error, keep } = useTypedFilling(vessel.id, {
    ...(corrected === undefined
      ? {}
      : {
          begin: {
            empty: String(corrected.empty_g),
            full: String(corrected.full_g),
            water: String(corrected.waterTemp_C),
          },
        }),
    more: () => ({
      ...(vessel.height_cm === undefined ? { shape: { height_cm: numberOf(depth, 'Depth inside') } } : {}),
      ...(corrected === undefined ? {} : { corrects: corrected.id, reason }),
    }),
    onKept: onDone,
  });
  return (
    <form
      className="mt-3 flex flex-wrap items-end gap-4"
      aria-label={`${corrected === undefined ? 'Measure' : 'Correct a filling of'} ${vessel.name}`}
      onSubmit={(event: SubmitEvent) => {
        event.preventDefault();
        keep(false);
      }}
    >
      {vessel.height_cm === undefined && (
        <Field label="Depth inside, cm" className="w-36" mode="decimal" value={depth} onChange={setDepth} />
      )}
      <FillingFields typed={typed} onChange={setTyped} />
      {corrected !== undefined && (
        <Field label="Why it is corrected" className="w-64" value={reason} onChange={setReason} />
      )}
      <Button type="submit" look="slab" disabled={isSending}>
        Keep
      </Button>
      <Button look="tie" className="min-h-11" onClick={onDone}>
        Cancel
      </Button>
      <FillingTrouble
        error={error}
        onSure={() => {
          keep(true);
        }}
      />
    </form>
  );
}
