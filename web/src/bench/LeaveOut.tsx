import { replicateName } from '@bent-pail/core';
import { useMutation } from '@tanstack/react-query';
import { useState, type SubmitEvent, type ReactElement } from 'react';
import type { RunSheet } from '@bent-pail/contract';
import { api, sentenceOf } from '../shared/api';
import { once } from '../shared/once';
import { queryClient } from '../shared/resources/client';
import { runQuery } from '../shared/resources/runs';
import { Choice } from '../kit/Choice';
import { Dialog, DialogClose } from '../kit/Dialog';
import { Sorry } from '../kit/Sorry';
import { Button } from '../kit/Button';
import { Field } from '../kit/Field';

/** Takes a replicate out of the results, in sight, with its reason. */
export function LeaveOut({ sheet }: { readonly sheet: RunSheet }): ReactElement | null {
  const [open, setOpen] = useState(false);
  const counted = Array.from({ length: sheet.replicateCount }, (_, i) => i).filter(
    (i) => !sheet.exclusions.some((exclusion) => exclusion.replicate === i),
  );
  const [chosen, setChosen] = useState<number>();
  // What was left out a moment ago can no longer be chosen.
  const replicate = counted.find((i) => i === chosen) ?? counted[0] ?? 0;
  const [reason, setReason] = useState('');
  const exclude = useMutation({
    mutationFn: () =>
      once(['leave out', sheet.id, replicate, reason], (id) =>
        api.post<RunSheet>(`/runs/${sheet.id}/exclusions`, { id: id(), replicate, reason }),
      ),
    onSuccess: (next) => {
      queryClient.setQueryData(runQuery(sheet.id).queryKey, next);
      setOpen(false);
      setReason('');
    },
  });
  if (counted.length < 2) return null;
  const submit = (event: SubmitEvent): void => {
    event.preventDefault();
    exclude.mutate();
  };
  return (
    <Dialog
      opener="Leave a replicate out"
      title="Leave a replicate out"
      line="Its readings stay on the sheet, struck through, with your name and reason."
      open={open}
      onOpenChange={setOpen}
    >
      <form className="flex flex-col gap-4" onSubmit={submit}>
        <Choice
          label="Which one"
          value={String(replicate)}
          options={counted.map((i) => ({ key: String(i), words: replicateName(i) }))}
          onChange={(i) => {
            setChosen(Number(i));
          }}
        />
        <Field label="Why" value={reason} placeholder="knocked over before it was weighed" onChange={setReason} />
        {exclude.error !== null && <Sorry>{sentenceOf(exclude.error)}</Sorry>}
        <span className="flex gap-4">
          <Button type="submit" look="slab" disabled={exclude.isPending}>
            Leave it out
          </Button>
          <DialogClose>Keep it</DialogClose>
        </span>
      </form>
    </Dialog>
  );
}
