import type { LotRow } from '@bent-pail/contract';
import { useState, type ReactElement } from 'react';
import { inField } from '../shared/units/mine';
import { Dialog, DialogClose } from '../kit/Dialog';
import { api, ApiProblem } from '../shared/api';
import { BodyForm } from '../shared/forms/BodyForm';
import { TextField } from '../shared/forms/fields';
import { useBodyForm } from '../shared/forms/useBodyForm';
import { queryClient } from '../shared/resources/client';
import { useSession } from '../shared/useSession';
import { changedBody } from './lotBody';
import { LotFields, type LotFieldValues } from './LotFields';
import { Button } from '../kit/Button';
import { lotsKey } from '../shared/resources/lots';

function fieldsOf(lot: LotRow): LotFieldValues {
  return {
    classId: lot.classId ?? '',
    source: lot.source ?? '',
    grade: lot.grade ?? '',
    boughtOn: lot.boughtOn ?? '',
    price: lot.price === undefined ? '' : String(lot.price),
    packVolume_L: lot.packVolume_L === undefined ? '' : inField(lot.packVolume_L, 'L'),
    packWeight_kg: lot.packWeight_kg === undefined ? '' : inField(lot.packWeight_kg, 'kg'),
    opensTo: lot.opensTo === undefined ? '' : String(lot.opensTo),
    opensToBy: lot.opensToBy ?? '',
    state: lot.state ?? '',
  };
}

const isStale = (error: unknown): boolean => error instanceof ApiProblem && error.status === 409;

/** What is known of a lot, changed on the version that is in view. */
export function EditLot({ lot }: { readonly lot: LotRow }): ReactElement {
  const [open, setOpen] = useState(false);
  return (
    <Dialog
      opener="Change what is known"
      title={`${lot.name}, ${lot.code}`}
      line="Measured values are not changed here: they come from runs."
      wide
      open={open}
      onOpenChange={setOpen}
    >
      <LotForm
        lot={lot}
        onDone={() => {
          setOpen(false);
        }}
      />
    </Dialog>
  );
}

function LotForm({ lot, onDone }: { readonly lot: LotRow; readonly onDone: () => void }): ReactElement {
  const { notebook } = useSession();
  const form = useBodyForm({
    body: 'EditLot',
    start: { code: lot.code, ...fieldsOf(lot) },
    read: ({ code, ...typed }) => ({
      version: lot.version,
      ...(code === lot.code ? {} : { code }),
      ...ownClass(lot, typed),
      ...changedBody(typed),
    }),
    send: (said) => api.patch<LotRow>(`/lots/${lot.id}`, said),
    onKept: async () => {
      await queryClient.invalidateQueries({ queryKey: lotsKey });
      onDone();
    },
  });
  return (
    <BodyForm form={form} label="What is known" className="grid gap-4 md:grid-cols-2">
      <TextField name="code" label="Code of the lot" />
      <LotFields currency={notebook.currency} />
      <span className="flex gap-4 md:col-span-2">
        <Button type="submit" look="slab" disabled={form.isBusy}>
          Save
        </Button>
        <DialogClose>Cancel</DialogClose>
        {isStale(form.refusal) && (
          <Button
            look="tie"
            onClick={() => {
              void queryClient.invalidateQueries({ queryKey: lotsKey });
              form.forgive();
            }}
          >
            Take the other’s version in; mine stays typed here
          </Button>
        )}
      </span>
    </BodyForm>
  );
}

/** What kind of stuff this lot is, where that was changed: its material and its siblings stay what they are. */
const ownClass = (lot: LotRow, { classId }: LotFieldValues): { readonly classId?: string | null } =>
  classId === (lot.classId ?? '') ? {} : { classId: classId === '' ? null : classId };
