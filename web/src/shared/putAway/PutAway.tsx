import { useMutation } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { Button } from '../../kit/Button';
import { Dialog, DialogClose } from '../../kit/Dialog';
import { Notice } from '../../kit/Notice';
import { Sorry } from '../../kit/Sorry';
import { api, sentenceOf } from '../api';
import { queryClient } from '../resources/client';
import { useWorks } from '../useSession';

interface PutAwayProps {
  /** Where the thing is asked for and changed. */
  readonly address: string;
  /** What is asked for anew after that. */
  readonly queryKey: readonly string[];
  readonly name: string;
  readonly archived: boolean;
}

const useArchive = ({ address, queryKey }: PutAwayProps, onDone?: () => void) =>
  useMutation({
    mutationFn: (archived: boolean) => api.patch(address, { archived }),
    onSuccess: async () => {
      await queryClient.invalidateQueries({ queryKey });
      onDone?.();
    },
  });

/** A blend, card or pot leaves the lists, and stays: what rests on it goes on standing on it. */
export function PutAway(props: PutAwayProps): ReactElement | null {
  const { name, archived } = props;
  const works = useWorks();
  const [open, setOpen] = useState(false);
  const put = useArchive(props, () => {
    setOpen(false);
  });
  if (archived || !works) return null;
  return (
    <Dialog
      opener="Put it away"
      title={`Put ${name} away?`}
      line="It is listed and offered no more. What was kept of it stays, is found by its name, and can come back."
      open={open}
      onOpenChange={setOpen}
    >
      <span className="flex flex-wrap gap-4">
        <Button
          look="slab"
          disabled={put.isPending}
          onClick={() => {
            put.mutate(true);
          }}
        >
          Put it away
        </Button>
        <DialogClose>Cancel</DialogClose>
      </span>
      {put.error !== null && <Sorry>{sentenceOf(put.error)}</Sorry>}
    </Dialog>
  );
}

/** Says of a thing that it was put away, and brings it back. */
export function WasPutAway(props: PutAwayProps): ReactElement | null {
  const works = useWorks();
  const back = useArchive(props);
  if (!props.archived) return null;
  return (
    <Notice className="mx-5 mt-4 flex flex-wrap items-center gap-x-4 p-2">
      {props.name} is put away: listed and offered no more.
      {works && (
        <Button
          disabled={back.isPending}
          onClick={() => {
            back.mutate(false);
          }}
        >
          Bring it back
        </Button>
      )}
      {back.error !== null && <Sorry>{sentenceOf(back.error)}</Sorry>}
    </Notice>
  );
}
