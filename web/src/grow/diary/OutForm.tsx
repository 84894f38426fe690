import type { TrialExclusion, TrialPage } from '@bent-pail/contract';
import type { ReactElement } from 'react';
import { Button } from '../../kit/Button';
import { BodyForm } from '../../shared/forms/BodyForm';
import { ChoiceField, TextField } from '../../shared/forms/fields';
import { useBodyForm } from '../../shared/forms/useBodyForm';
import { useTrialActs } from '../useTrialActs';

/** A plot that does not count any more: in the open, with the reason. */
export function OutForm({ page }: { readonly page: TrialPage }): ReactElement {
  const acts = useTrialActs(page.id);
  const form = useBodyForm({
    body: 'TrialExclusion',
    start: { plotId: '', reason: '' },
    read: ({ plotId, reason }): Omit<TrialExclusion, 'id'> => ({ plotId, isOut: true, reason }),
    send: acts.leaveOut,
    onKept: () => {
      form.fields.reset({ plotId: '', reason: '' });
    },
  });
  const out = new Set(page.out.map(({ plotId }) => plotId));
  return (
    <BodyForm form={form} label="Leave a plot out" className="mt-3 flex flex-wrap items-end gap-3">
      <ChoiceField
        name="plotId"
        label="Leave out"
        options={page.plots
          .filter(({ id }) => !out.has(id))
          .map(({ id, number }) => ({ key: id, words: `plot ${String(number)}` }))}
        className="w-36"
      />
      <TextField name="reason" label="Because" className="min-w-44 flex-1" />
      <Button type="submit" disabled={form.isBusy}>
        Leave it out
      </Button>
    </BodyForm>
  );
}

interface BackInFormProps {
  readonly page: TrialPage;
  readonly plotId: string;
  readonly onKept: () => void;
}

/** It counts again, for a reason as well. */
export function BackInForm({ page, plotId, onKept }: BackInFormProps): ReactElement {
  const acts = useTrialActs(page.id);
  const form = useBodyForm({
    body: 'TrialExclusion',
    start: { reason: '' },
    read: ({ reason }): Omit<TrialExclusion, 'id'> => ({ plotId, isOut: false, reason }),
    send: acts.leaveOut,
    onKept,
  });
  return (
    <BodyForm form={form} label="Take the plot in again" className="mt-1 flex flex-wrap items-end gap-3">
      <TextField name="reason" label="It counts again, because" className="min-w-44 flex-1" />
      <Button type="submit" disabled={form.isBusy}>
        Take it in
      </Button>
    </BodyForm>
  );
}
