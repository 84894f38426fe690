import type { RunSheet } from '@bent-pail/contract';
import type { ReactElement } from 'react';
import { FillingFields, ItIsRight } from '../shared/filling/FillingFields';
import { useFillingForm } from '../shared/filling/useFillingForm';
import { BodyForm } from '../shared/forms/BodyForm';
import { StepPicture } from '../shared/StepPicture';
import { Button } from '../kit/Button';

/** The vessels of a first run, measured by the water that fills them, before anything is weighed in them. */
export function MeasureVessels({ sheet }: { readonly sheet: RunSheet }): ReactElement | null {
  const unmeasured = sheet.vesselNames.filter((_, i) => (sheet.vessels[i] ?? undefined) === undefined);
  const one = unmeasured[0];
  const noScale = !sheet.protocol.steps.some(({ kind, optional }) => kind === 'weigh' && optional !== true);
  if (one === undefined) return null;
  return <MeasureOne key={one.id} vessel={one} left={unmeasured.length} noScale={noScale} />;
}

interface MeasureOneProps {
  readonly vessel: { readonly id: string; readonly name: string };
  readonly left: number;
  readonly noScale: boolean;
}

function MeasureOne({ vessel, left, noScale }: MeasureOneProps): ReactElement {
  const { form, beSure } = useFillingForm({ vesselId: vessel.id, asksDepth: true, noScale });
  const way = form.fields.watch('way');
  return (
    <BodyForm
      form={form}
      className="flex flex-wrap items-end gap-4 border-b-[3px] border-ink bg-paper px-5 py-3"
      label={`Measure ${vessel.name}`}
    >
      <StepPicture picture="level" />
      <div className="max-w-[30ch] self-center">
        <h2>How much does {vessel.name} hold?</h2>
        <p className="text-ink2 text-small">
          Bungs in, fill it with water to its fill line, and {way === 'jug' ? 'note how much went in' : 'weigh it'}.{' '}
          {left > 1 ? `${String(left - 1)} more after this.` : 'The last one.'}
        </p>
      </div>
      <FillingFields asksDepth begins />
      <Button type="submit" look="slab" disabled={form.isBusy}>
        Keep the vessel
      </Button>
      <ItIsRight beSure={beSure} />
    </BodyForm>
  );
}
