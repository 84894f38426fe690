import type { LotRow } from '@bent-pail/contract';
import { useMutation } from '@tanstack/react-query';
import { useState, type SubmitEvent, type ReactElement } from 'react';
import { Dialog, DialogClose } from '../kit/Dialog';
import { api, ApiProblem, sentenceOf } from '../shared/api';
import { queryClient } from '../shared/queries';
import { useSession } from '../shared/useSession';
import { changedBody } from './lotBody';
import { LotFields, type LotFieldValues } from './LotFields';

function fieldsOf(lot: LotRow): LotFieldValues {
  return {
    classId: lot.classId ?? '',
    source: lot.source ?? '',
    grade: lot.grade ?? '',
    boughtOn: lot.boughtOn ?? '',
    price: lot.price === undefined ? '' : String(lot.price),
    packVolume_L: lot.packVolume_L === undefined ? '' : String(lot.packVolume_L),
    state: lot.state ?? '',
  };
}

const isStale = (error: unknown): boolean => error instanceof ApiProblem && error.status === 409;

/** What is known of a lot, changed on the version that is in view. */
export function EditLot({ lot }: { readonly lot: LotRow }): ReactElement {
  const { notebook } = useSession();
  const [open, setOpen] = useState(false);
  const [fields, setFields] = useState(() => fieldsOf(lot));
  const save = useMutation({
    mutationFn: async () => {
      const body = { version: lot.version, ...changedBody(fields) };
      if (fields.classId !== (lot.classId ?? '')) {
        const classId = fields.classId === '' ? null : fields.classId;
        await api.patch(`/materials/${lot.materialId}`, { version: lot.materialVersion, classId });
      }
      await api.patch<LotRow>(`/lots/${lot.id}`, body);
    },
    onSuccess: async () => {
      await queryClient.invalidateQueries({ queryKey: ['lots'] });
      setOpen(false);
    },
    // The class may have been kept and the rest refused: the next try must know its new version. What somebody else
    // changed is taken in only when the person says so.
    onError: (error) => (isStale(error) ? undefined : queryClient.invalidateQueries({ queryKey: ['lots'] })),
  });
  const stale = isStale(save.error);
  const submit = (event: SubmitEvent): void => {
    event.preventDefault();
    save.mutate();
  };
  return (
    <Dialog
      opener="Change what is known"
      title={`${lot.name}, ${lot.code}`}
      line="Measured values are not changed here: they come from runs."
      wide
      open={open}
      onOpenChange={(next) => {
        setOpen(next);
        if (next) setFields(fieldsOf(lot));
      }}
    >
      <form className="grid gap-4 md:grid-cols-2" onSubmit={submit}>
        <LotFields values={fields} onChange={setFields} error={save.error} currency={notebook.currency} />
        {save.error !== null && (
          <p className="sorry md:col-span-2" role="alert">
            {sentenceOf(save.error)}{' '}
            {stale && (
              <button
                type="button"
                className="tie"
                onClick={() => {
                  void queryClient.invalidateQueries({ queryKey: ['lots'] });
                  save.reset();
                }}
              >
                Take the other’s version in; mine stays typed here
              </button>
            )}
          </p>
        )}
        <span className="flex gap-4 md:col-span-2">
          <button type="submit" className="alt bg-slab text-inverse" disabled={save.isPending}>
            Save
          </button>
          <DialogClose>Leave it</DialogClose>
        </span>
      </form>
    </Dialog>
  );
}
