import type { LotRow } from '@bent-pail/contract';
import { useMutation } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { Button } from '../kit/Button';
import { Dialog, DialogClose } from '../kit/Dialog';
import { Notice } from '../kit/Notice';
import { Sorry } from '../kit/Sorry';
import { api, sentenceOf } from '../shared/api';
import { queryClient } from '../shared/resources/client';
import { lotsKey } from '../shared/resources/lots';
import { useWorks } from '../shared/useSession';

type What = 'lot' | 'material';

/** Puts a lot, or all of its material, away or back; on the version that is in view. */
const change = (
  { id, version, materialId, materialVersion }: LotRow,
  what: What,
  archived: boolean,
): Promise<unknown> =>
  what === 'lot'
    ? api.patch(`/lots/${id}`, { version, archived })
    : api.patch(`/materials/${materialId}`, { version: materialVersion, archived });

const useChange = (lot: LotRow, onDone?: () => void) =>
  useMutation({
    mutationFn: ({ what, archived }: { readonly what: What; readonly archived: boolean }) =>
      change(lot, what, archived),
    onSuccess: async () => {
      await queryClient.invalidateQueries({ queryKey: lotsKey });
      onDone?.();
    },
  });

/** What is used up or was a mistake leaves the lists; its runs, blends and scorecards stay, and it can come back. */
export function PutLotAway({ lot }: { readonly lot: LotRow }): ReactElement | null {
  const [open, setOpen] = useState(false);
  const put = useChange(lot, () => {
    setOpen(false);
  });
  if (lot.archived !== undefined) return null;
  return (
    <Dialog
      opener="Put it away"
      title={`Put ${lot.name}, ${lot.code} away?`}
      line="It is offered and listed no more. What was measured of it stays, and what was made with it goes on standing on that."
      open={open}
      onOpenChange={setOpen}
    >
      <span className="flex flex-wrap gap-4">
        <Button
          look="slab"
          disabled={put.isPending}
          onClick={() => {
            put.mutate({ what: 'lot', archived: true });
          }}
        >
          This lot
        </Button>
        <Button
          disabled={put.isPending}
          onClick={() => {
            put.mutate({ what: 'material', archived: true });
          }}
        >
          All lots of {lot.name}
        </Button>
        <DialogClose>Cancel</DialogClose>
      </span>
      {put.error !== null && <Sorry>{sentenceOf(put.error)}</Sorry>}
    </Dialog>
  );
}

/** Says of a lot that it was put away, and brings it back. */
export function LotWasPutAway({ lot }: { readonly lot: LotRow }): ReactElement | null {
  const works = useWorks();
  const back = useChange(lot);
  const { archived } = lot;
  if (archived === undefined) return null;
  return (
    <Notice className="mx-5 mt-4 flex flex-wrap items-center gap-x-4 p-2">
      {archived === 'lot' ? 'This lot is put away' : `All lots of ${lot.name} are put away`}: offered and listed no
      more.
      {works && (
        <Button
          disabled={back.isPending}
          onClick={() => {
            back.mutate({ what: archived, archived: false });
          }}
        >
          Bring {archived === 'lot' ? 'it' : 'them'} back
        </Button>
      )}
      {back.error !== null && <Sorry>{sentenceOf(back.error)}</Sorry>}
    </Notice>
  );
}
