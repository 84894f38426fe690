import type { LotRow } from '@bent-pail/contract';
import type { ReactElement } from 'react';
import { useState } from 'react';
import { Button } from '../kit/Button';
import { Dialog, DialogClose } from '../kit/Dialog';
import { api } from '../shared/api';
import { BodyForm } from '../shared/forms/BodyForm';
import { TextField } from '../shared/forms/fields';
import { useBodyForm } from '../shared/forms/useBodyForm';
import { queryClient } from '../shared/resources/client';
import { lotsKey } from '../shared/resources/lots';

const listOf = (text: string): string[] =>
  text
    .split(/[,;]/)
    .map((name) => name.trim())
    .filter((name) => name !== '');

/** What a material is called here: its name, and the local names by which it is found and read. All its lots share them. */
export function Names({ lot }: { readonly lot: LotRow }): ReactElement {
  const [open, setOpen] = useState(false);
  return (
    <Dialog
      opener="What it is called"
      title={lot.name}
      line="All its lots are found by these names, and written recipes are read by them. They are only names: a new one never mixes lots up."
      open={open}
      onOpenChange={setOpen}
    >
      <NamesForm
        lot={lot}
        onDone={() => {
          setOpen(false);
        }}
      />
    </Dialog>
  );
}

function NamesForm({ lot, onDone }: { readonly lot: LotRow; readonly onDone: () => void }): ReactElement {
  const form = useBodyForm({
    body: 'EditMaterial',
    start: { name: lot.name, aliases: lot.aliases.join(', ') },
    read: ({ name, aliases }) => ({ version: lot.materialVersion, name, aliases: listOf(aliases) }),
    send: (said) => api.patch<undefined>(`/materials/${lot.materialId}`, said),
    onKept: async () => {
      await queryClient.invalidateQueries({ queryKey: lotsKey });
      onDone();
    },
  });
  return (
    <BodyForm form={form} label="What it is called" className="grid gap-4">
      <TextField name="name" label="Name" />
      <TextField name="aliases" label="Also called, parted by commas" placeholder="the grey stuff, bims" />
      <span className="flex gap-4">
        <Button type="submit" look="slab" disabled={form.isBusy}>
          Save
        </Button>
        <DialogClose>Cancel</DialogClose>
      </span>
    </BodyForm>
  );
}
