import type { RunSheet } from '@bent-pail/contract';
import { useState, type ReactElement, type SubmitEvent } from 'react';
import { Field } from '../kit/Field';
import { numberOf } from '../shared/numberOf';
import { FillingFields } from '../shared/filling/FillingFields';
import { FillingTrouble } from '../shared/filling/FillingTrouble';
import { useTypedFilling } from '../shared/filling/useTypedFilling';
import { StepPicture } from './StepPicture';
import { Button } from '../kit/Button';

/** The vessels of a first run, measured by the water that fills them, before anything is weighed in them. */
export function MeasureVessels({ sheet }: { readonly sheet: RunSheet }): ReactElement | null {
  const unmeasured = sheet.vesselNames.filter((_, i) => (sheet.vessels[i] ?? undefined) === undefined);
  const one = unmeasured[0];
  if (one === undefined) return null;
  return <MeasureOne key={one.id} vessel={one} left={unmeasured.length} />;
}

interface MeasureOneProps {
  readonly vessel: { readonly id: string; readonly name: string };
  readonly left: number;
}

function MeasureOne({ vessel, left }: MeasureOneProps): ReactElement {
  const [depth, setDepth] = useState('');
  const { typed, setTyped, isSending, error, keep } = useTypedFilling(vessel.id, {
    more: () => ({ shape: { height_cm: numberOf(depth, 'Depth') } }),
  });
  return (
    <form
      className="flex flex-wrap items-end gap-4 border-b-[3px] border-ink bg-paper px-5 py-3"
      onSubmit={(event: SubmitEvent) => {
        event.preventDefault();
        keep(false);
      }}
      aria-label={`Measure ${vessel.name}`}
    >
      <StepPicture picture="level" />
      <div className="max-w-[30ch] self-center">
        <h2>How much does {vessel.name} hold?</h2>
        <p className="text-ink2 text-small">
          Bungs in, fill it with water to its fill line, and weigh it.{' '}
          {left > 1 ? `${String(left - 1)} more after this.` : 'The last one.'}
        </p>
      </div>
      <Field label="Depth inside, cm" className="w-36" mode="decimal" value={depth} onChange={setDepth} />
      <FillingFields typed={typed} onChange={setTyped} />
      <Button type="submit" look="slab" disabled={isSending}>
        Keep the vessel
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
