import type { NewComplaint, SellingPage } from '@bent-pail/contract';
import { useState, type ReactElement } from 'react';
import { Button } from '../../kit/Button';
import { api } from '../../shared/api';
import { BodyForm } from '../../shared/forms/BodyForm';
import { ChoiceField, DayField, TextField } from '../../shared/forms/fields';
import { useBodyForm } from '../../shared/forms/useBodyForm';
import { once } from '../../shared/once';
import { batchOptions, keptSelling, type SellingFormProps } from './keptSelling';

/** What somebody did not like, and of which batch. */
export function ComplaintForm({ blendId, selling, onDone }: SellingFormProps): ReactElement {
  const [today] = useState(() => new Date().toISOString().slice(0, 10));
  const form = useBodyForm({
    body: 'NewComplaint',
    start: { on: today, words: '', lotId: '' },
    read: ({ on, words, lotId }): Omit<NewComplaint, 'id'> => ({ on, words, ...(lotId === '' ? {} : { lotId }) }),
    send: (said) =>
      once(['complaint', blendId, said], (id) =>
        api.post<SellingPage>(`/blends/${blendId}/selling/complaints`, { id: id(), ...said }),
      ),
    onKept: (page) => {
      keptSelling(blendId, page);
      onDone();
    },
  });
  return (
    <BodyForm form={form} label="Somebody complains" className="mt-2 flex flex-wrap items-end gap-3">
      <DayField name="on" label="On" />
      <TextField name="words" label="What was wrong" placeholder="stays wet for a week" className="min-w-64 flex-1" />
      <ChoiceField name="lotId" label="Batch" options={batchOptions(selling)} />
      <Button type="submit" disabled={form.isBusy}>
        Note it
      </Button>
      <Button look="tie" onClick={onDone}>
        Cancel
      </Button>
    </BodyForm>
  );
}
