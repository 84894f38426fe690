import { replicateName } from '@bent-pail/core';
import { useState, type ReactElement } from 'react';
import type { NewExclusion, RunSheet } from '@bent-pail/contract';
import { useMutation } from '@tanstack/react-query';
import { v7 as uuidv7 } from 'uuid';
import { Sorry } from '../kit/Sorry';
import { undoable } from '../kit/toasts';
import { api, sentenceOf } from '../shared/api';
import { BodyForm } from '../shared/forms/BodyForm';
import { ChoiceField, TextField } from '../shared/forms/fields';
import { useBodyForm } from '../shared/forms/useBodyForm';
import { once } from '../shared/once';
import { queryClient } from '../shared/resources/client';
import { runQuery } from '../shared/resources/runs';
import { Dialog, DialogClose } from '../kit/Dialog';
import { Button } from '../kit/Button';

const took = (next: RunSheet): void => {
  queryClient.setQueryData(runQuery(next.id).queryKey, next);
};

const takeIn = (runId: string, replicate: number): Promise<RunSheet> => {
  const id = uuidv7();
  return api.post<RunSheet>(`/runs/${runId}/taken-back`, { id, replicate });
};

/** The way back for each replicate that is left out; why it is stands beside the results. */
export function LeftOut({ sheet }: { readonly sheet: RunSheet }): ReactElement | null {
  const back = useMutation({ mutationFn: (replicate: number) => takeIn(sheet.id, replicate), onSuccess: took });
  if (sheet.exclusions.length === 0) return null;
  return (
    <ul className="text-small">
      {sheet.exclusions.map(({ replicate }) => (
        <li key={replicate} className="flex flex-wrap items-center gap-x-3">
          <Button
            look="tie"
            className="min-h-11"
            disabled={back.isPending}
            onClick={() => {
              back.mutate(replicate);
            }}
          >
            Take {replicateName(replicate)} in again
          </Button>
        </li>
      ))}
      {back.error !== null && <Sorry>{sentenceOf(back.error)}</Sorry>}
    </ul>
  );
}

/** Takes a replicate out of the results, in sight, with its reason. */
export function LeaveOut({ sheet }: { readonly sheet: RunSheet }): ReactElement | null {
  const [open, setOpen] = useState(false);
  const [trouble, setTrouble] = useState<unknown>();
  const counted = Array.from({ length: sheet.replicateCount }, (_, i) => i).filter(
    (i) => !sheet.exclusions.some((exclusion) => exclusion.replicate === i),
  );
  if (counted.length < 2) return null;
  return (
    <>
      {trouble !== undefined && <Sorry>{sentenceOf(trouble)}</Sorry>}
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
          onTrouble={setTrouble}
          onDone={() => {
            setOpen(false);
          }}
        />
      </Dialog>
    </>
  );
}

interface LeaveOutFormProps {
  readonly runId: string;
  readonly counted: readonly number[];
  readonly onTrouble: (error: unknown) => void;
  readonly onDone: () => void;
}

function LeaveOutForm({ runId, counted, onTrouble, onDone }: LeaveOutFormProps): ReactElement {
  const form = useBodyForm({
    body: 'NewExclusion',
    start: { replicate: String(counted[0]), reason: '' },
    read: ({ replicate, reason }): Omit<NewExclusion, 'id'> => ({ replicate: Number(replicate), reason }),
    send: (said) =>
      once(['leave out', runId, said], (id) => api.post<RunSheet>(`/runs/${runId}/exclusions`, { id: id(), ...said })),
    onKept: (next) => {
      took(next);
      const replicate = Number(form.fields.getValues('replicate'));
      undoable(`${replicateName(replicate)} is left out.`, () => {
        takeIn(runId, replicate).then(took).catch(onTrouble);
      });
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
