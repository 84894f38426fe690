import type { BlendVersion, DeskLot, NewBatch } from '@bent-pail/contract';
import { useEffect, type ReactElement } from 'react';
import { useNavigate } from 'react-router';
import { v7 as uuidv7 } from 'uuid';
import { api } from '../../shared/api';
import { once } from '../../shared/once';
import { BodyForm } from '../../shared/forms/BodyForm';
import { TextField } from '../../shared/forms/fields';
import { typedNumber } from '../../shared/forms/Mistyped';
import { useBodyForm } from '../../shared/forms/useBodyForm';
import { queryClient } from '../../shared/resources/client';
import { useWorks } from '../../shared/useSession';
import { Button } from '../../kit/Button';
import { lotsKey } from '../../shared/resources/lots';
import { todayKey } from '../../shared/resources/today';
import { inField } from '../../shared/units/mine';

interface MakeBatchProps {
  readonly blendId: string;
  readonly version: BlendVersion;
  /** What the sheet says would be made, L. */
  readonly made_L: number;
}

/** A kept version, mixed: its lots go down by what it takes, and it becomes a lot. */
export function MakeBatch({ blendId, version, made_L }: MakeBatchProps): ReactElement | null {
  const works = useWorks();
  const navigate = useNavigate();
  const form = useBodyForm({
    body: 'NewBatch',
    start: { made_L: inField(Math.round(10 * made_L) / 10, 'L'), code: `B${String(version.n)}-1` },
    read: (typed) => ({ code: typed.code, made_L: typedNumber(typed.made_L, 'made_L'), materialId: uuidv7() }),
    send: ({ code, made_L: made }) => {
      const address = `/blends/${blendId}/versions/${String(version.n)}/batches`;
      return once([address, code, made], (id) => {
        const body: NewBatch = { id: id(), materialId: id(), code, made_L: made };
        return api.post<DeskLot>(address, body);
      });
    },
    onKept: async (lot) => {
      await queryClient.invalidateQueries({ queryKey: lotsKey });
      await queryClient.invalidateQueries({ queryKey: todayKey });
      void navigate(`/shelf/lots/${lot.id}`);
    },
  });
  // The sheet's litres, until somebody types others.
  const { getFieldState, setValue } = form.fields;
  useEffect(() => {
    if (!getFieldState('made_L').isDirty) setValue('made_L', inField(Math.round(10 * made_L) / 10, 'L'));
  }, [getFieldState, setValue, made_L]);
  if (!works) return null;
  return (
    <section className="mt-4" aria-label="Make a batch">
      <h2>
        Make a batch of version {version.n} <small>measured afterwards, it teaches the next prediction</small>
      </h2>
      <BodyForm form={form} label="Make a batch" className="flex flex-wrap items-end gap-3">
        <TextField name="made_L" label="Made" mode="decimal" className="w-24" />
        <TextField name="code" label="Code of the batch" className="w-32" />
        <Button type="submit" disabled={form.isBusy}>
          Mix it
        </Button>
      </BodyForm>
    </section>
  );
}
