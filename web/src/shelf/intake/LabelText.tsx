import type { EditLot, LotRow } from '@bent-pail/contract';
import { useState, type ReactElement } from 'react';
import { Button } from '../../kit/Button';
import { api } from '../../shared/api';
import { BodyForm } from '../../shared/forms/BodyForm';
import { LongTextField } from '../../shared/forms/fields';
import { FormFoot } from '../../shared/forms/FormFoot';
import { useBodyForm } from '../../shared/forms/useBodyForm';
import { queryClient } from '../../shared/resources/client';
import { lotsKey } from '../../shared/resources/lots';

interface LabelTextProps {
  readonly lot: LotRow;
  readonly works: boolean;
}

/** What the label says is in it and its analysis, copied off before the bag is gone. */
export function LabelText({ lot, works }: LabelTextProps): ReactElement {
  const [open, setOpen] = useState(false);
  const { labelIngredients, labelAnalysis } = lot;
  if (open)
    return (
      <LabelForm
        lot={lot}
        onDone={() => {
          setOpen(false);
        }}
      />
    );
  const isNoted = labelIngredients !== undefined || labelAnalysis !== undefined;
  return (
    <section aria-label="What the label says" className="mt-4">
      <h2>What the label says</h2>
      {labelIngredients !== undefined && <p className="mt-1 text-small whitespace-pre-line">{labelIngredients}</p>}
      {labelAnalysis !== undefined && <p className="figure mt-1 text-small whitespace-pre-line">{labelAnalysis}</p>}
      {!isNoted && <p className="mt-1 text-small text-ink2">Ingredients and analysis are not copied off yet.</p>}
      {works && (
        <Button
          look="tie"
          onClick={() => {
            setOpen(true);
          }}
        >
          {isNoted ? 'Change it' : 'Copy the label off'}
        </Button>
      )}
    </section>
  );
}

const orNothing = (text: string): string | null => (text.trim() === '' ? null : text.trim());

function LabelForm({ lot, onDone }: { readonly lot: LotRow; readonly onDone: () => void }): ReactElement {
  const form = useBodyForm({
    body: 'EditLot',
    start: { labelIngredients: lot.labelIngredients ?? '', labelAnalysis: lot.labelAnalysis ?? '' },
    read: (typed): EditLot => ({
      version: lot.version,
      labelIngredients: orNothing(typed.labelIngredients),
      labelAnalysis: orNothing(typed.labelAnalysis),
    }),
    send: (said) => api.patch<LotRow>(`/lots/${lot.id}`, said),
    onKept: async () => {
      await queryClient.invalidateQueries({ queryKey: lotsKey });
      onDone();
    },
  });
  return (
    <BodyForm form={form} label="What the label says" className="mt-4 grid gap-3">
      <LongTextField name="labelIngredients" label="Ingredients, as the label has them" />
      <LongTextField name="labelAnalysis" label="Analysis, a line each" />
      <FormFoot waits={form.isBusy} onLeave={onDone} />
    </BodyForm>
  );
}
