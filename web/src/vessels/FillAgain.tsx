import type { FillingRow, VesselRow } from '@bent-pail/contract';
import type { ReactElement } from 'react';
import { FillingFields, ItIsRight } from '../shared/filling/FillingFields';
import { useFillingForm } from '../shared/filling/useFillingForm';
import { BodyForm } from '../shared/forms/BodyForm';
import { TextField } from '../shared/forms/fields';
import { Button } from '../kit/Button';

interface FillAgainProps {
  readonly vessel: VesselRow;
  /** The filling that this one stands instead of. */
  readonly corrected?: FillingRow;
  readonly onDone: () => void;
}

/** One more filling of a vessel, or a better one for one that was wrong. */
export function FillAgain({ vessel, corrected, onDone }: FillAgainProps): ReactElement {
  const asksDepth = vessel.height_cm === undefined;
  const { form, beSure } = useFillingForm({ vesselId: vessel.id, asksDepth, corrected, onKept: onDone });
  return (
    <BodyForm
      form={form}
      className="mt-3 flex flex-wrap items-end gap-4"
      label={`${corrected === undefined ? 'Measure' : 'Correct a filling of'} ${vessel.name}`}
    >
      <FillingFields asksDepth={asksDepth} begins />
      {corrected !== undefined && <TextField name="reason" label="Why it is corrected" className="w-64" />}
      <Button type="submit" look="slab" disabled={form.isBusy}>
        Keep
      </Button>
      <Button look="tie" className="min-h-11" onClick={onDone}>
        Cancel
      </Button>
      <ItIsRight beSure={beSure} />
    </BodyForm>
  );
}
