import type { BlendVersion, DeskLot, NewBatch } from '@bent-pail/contract';
import { useMutation } from '@tanstack/react-query';
import { useState, type SubmitEvent, type ReactElement } from 'react';
import { useNavigate } from 'react-router';
import { api, sentenceOf } from '../../shared/api';
import { once } from '../../shared/once';
import { Field } from '../../kit/Field';
import { numberOf } from '../../shared/numberOf';
import { queryClient } from '../../shared/resources/client';
import { useWorks } from '../../shared/useSession';
import { Button } from '../../kit/Button';
import { Sorry } from '../../kit/Sorry';
import { lotsKey } from '../../shared/resources/lots';
import { todayKey } from '../../shared/resources/today';

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
  const [typed, setTyped] = useState<string>();
  const litres = typed ?? made_L.toFixed(1);
  const [code, setCode] = useState(`B${String(version.n)}-1`);
  const make = useMutation({
    mutationFn: () => {
      const address = `/blends/${blendId}/versions/${String(version.n)}/batches`;
      const said = { code, made_L: numberOf(litres, 'Made') };
      return once([address, said], (id) => {
        const body: NewBatch = { id: id(), materialId: id(), ...said };
        return api.post<DeskLot>(address, body);
      });
    },
    onSuccess: async (lot) => {
      await queryClient.invalidateQueries({ queryKey: lotsKey });
      await queryClient.invalidateQueries({ queryKey: todayKey });
      void navigate(`/shelf/lots/${lot.id}`);
    },
  });
  if (!works) return null;
  return (
    <section className="mt-4" aria-label="Make a batch">
      <h2>
        Make a batch of version {version.n} <small>measured afterwards, it teaches the next prediction</small>
      </h2>
      <form
        className="flex flex-wrap items-end gap-3"
        onSubmit={(event: SubmitEvent) => {
          event.preventDefault();
          make.mutate();
        }}
      >
        <Field label="Made, L" mode="decimal" value={litres} onChange={setTyped} className="w-24" />
        <Field label="Code of the batch" value={code} onChange={setCode} className="w-32" />
        <Button type="submit" disabled={make.isPending}>
          Mix it
        </Button>
      </form>
      {make.error !== null && <Sorry>{sentenceOf(make.error)}</Sorry>}
    </section>
  );
}
