import type { FillingRow, NewFilling, VesselRow } from '@bent-pail/contract';
import { useState, type ReactElement, type SubmitEvent } from 'react';
import { Field } from '../shared/Field';
import { numberOf } from '../shared/numberOf';
import { FillingFields, NOTHING_TYPED, readFilling } from '../shared/filling/FillingFields';
import { FillingTrouble } from '../shared/filling/FillingTrouble';
import { useFilling } from '../shared/filling/useFilling';

interface FillAgainProps {
  readonly vessel: VesselRow;
  /** The filling that this one stands instead of. */
  readonly corrected?: FillingRow;
  readonly onDone: () => void;
}

/** One more filling of a vessel, or a better one for one that was wrong. */
export function FillAgain({ vessel, corrected, onDone }: FillAgainProps): ReactElement {
  const [typed, setTyped] = useState(
    corrected === undefined
      ? NOTHING_TYPED
      : { empty: String(corrected.empty_g), full: String(corrected.full_g), water: String(corrected.waterTemp_C) },
  );
  const [depth, setDepth] = useState('');
  const [reason, setReason] = useState('');
  const [sorry, setSorry] = useState<string>();
  const send = useFilling(vessel.id, onDone);
  const keep = (sure: boolean): void => {
    try {
      const said: Omit<NewFilling, 'id'> = {
        ...readFilling(typed),
        ...(vessel.height_cm === undefined ? { shape: { height_cm: numberOf(depth, 'Depth inside') } } : {}),
        ...(corrected === undefined ? {} : { corrects: corrected.id, reason }),
        ...(sure ? { sure: true } : {}),
      };
      setSorry(undefined);
      send.mutate(said);
    } catch (error) {
      setSorry(error instanceof Error ? error.message : '');
    }
  };
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
      <button type="submit" className="alt bg-slab text-inverse" disabled={send.isPending}>
        Keep
      </button>
      <button type="button" className="tie min-h-11" onClick={onDone}>
        Cancel
      </button>
      {sorry !== undefined && (
        <p className="sorry basis-full" role="alert">
          {sorry}
        </p>
      )}
      <FillingTrouble
        error={send.error}
        onSure={() => {
          keep(true);
        }}
      />
    </form>
  );
}
