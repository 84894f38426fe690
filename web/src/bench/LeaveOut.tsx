import { replicateName } from '@bent-pail/core';
import { useState, type ReactElement } from 'react';
import type { NewExclusion, RunSheet } from '@bent-pail/contract';
import { api } from '../shared/api';
import { BodyForm } from '../shared/forms/BodyForm';
import { ChoiceField, TextField } from '../shared/forms/fields';
import { useBodyForm } from '../shared/forms/useBodyForm';
import { once } from '../shared/once';
import { queryClient } from '../shared/resources/client';
import { runQuery } from '../shared/resources/runs';
import { Dialog, DialogClose } from '../kit/Dialog';
import { Button } from '../kit/Button';

/** Takes a replicate out of the results, in sight, with its reason. */
export function LeaveOut({ sheet }: { readonly sheet: RunSheet }): ReactElement | null {
  const [open, setOpen] = useState(false);
  const counted = Array.from({ length: sheet.replicateCount }, (_, i) => i).filter(
    (i) => !sheet.exclusions.some((exclusion) => exclusion.replicate === i),
  );
  if (counted.length < 2) return null;
  return (
    <Dialog
      opener="Leave a replicate out"
      title="Leave a replicate out"
      line="Its readings stay on the sheet, struck through, with your name and reason."
      open={open}
      onOpenChange={setOpen}
    >
      <LeaveOutForm
        runId={sheet.id}
        counted={counted}
        onDone={() => {
          setOpen(false);
        }}
      />
    </Dialog>
  );
}

interface LeaveOutFormProps {
  readonly runId: string;
  readonly counted: readonly number[];
  readonly onDone: () => void;
}

function LeaveOutForm({ runId, counted, onDone }: LeaveOutFormProps): ReactElement {
  const form = useBodyForm({
    body: 'NewExclusion',
    start: { replicate: String(counted[0]), reason: '' },
    read: ({ replicate, reason }): Omit<NewExclusion, 'id'> => ({ replicate: Number(replicate), reason }),
    send: (said) =>
      once(['leave out', runId, said], (id) => api.post<RunSheet>(`/runs/${runId}/exclusions`, { id: id(), ...said })),
    onKept: (next) => {
      queryClient.setQueryData(runQuery(runId).queryKey, next);
      onDone();
    },
  });
  return (
    <BodyForm form={form} label="Leave a replicate out" className="flex flex-col gap-4">
      <ChoiceField
        name="replicate"
        label="Which one"
        options={counted.map((i) => ({ key: String(i), words: replicateName(i) }))}
      />
      <TextField name="reason" label="Why" placeholder="knocked over before it was weighed" />
      <span className="flex gap-4">
        <Button type="submit" look="slab" disabled={form.isBusy}>
          Leave it out
        </Button>
        <DialogClose>Keep it</DialogClose>
      </span>
    </BodyForm>
  );
}
