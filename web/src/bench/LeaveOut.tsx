import { replicateName } from '@bent-pail/core';
import { useMutation } from '@tanstack/react-query';
import { Dialog } from 'radix-ui';
import { useState, type SubmitEvent, type ReactElement } from 'react';
import type { RunSheet } from '@bent-pail/contract';
import { api, sentenceOf } from '../shared/api';
import { once } from '../shared/once';
import { queryClient, runQuery } from '../shared/queries';
import { Choice } from '../kit/Choice';

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
    <Dialog.Root open={open} onOpenChange={setOpen}>
      <Dialog.Trigger className="tie">Leave a replicate out</Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-20 bg-ink/40" />
        <Dialog.Content className="fixed top-1/2 left-1/2 z-30 w-[min(440px,94vw)] -translate-x-1/2 -translate-y-1/2 border-[3px] border-ink bg-paper p-6">
          <form className="flex flex-col gap-4" onSubmit={submit}>
            <Dialog.Title className="text-lead">Leave a replicate out</Dialog.Title>
            <Dialog.Description className="q text-small">
              Its readings stay on the sheet, struck through, with your name and reason.
            </Dialog.Description>
            <Choice
              label="Which one"
              value={String(replicate)}
              options={counted.map((i) => ({ key: String(i), words: replicateName(i) }))}
              onChange={(i) => {
                setChosen(Number(i));
              }}
            />
            <label className="field">
              <span>Why</span>
              <input
                value={reason}
                placeholder="knocked over before it was weighed"
                onChange={(event) => {
                  setReason(event.target.value);
                }}
              />
            </label>
            {exclude.error !== null && (
              <p className="sorry" role="alert">
                {sentenceOf(exclude.error)}
              </p>
            )}
            <span className="flex gap-4">
              <button type="submit" className="alt bg-slab text-inverse" disabled={exclude.isPending}>
                Leave it out
              </button>
              <Dialog.Close className="alt">Keep it</Dialog.Close>
            </span>
          </form>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
