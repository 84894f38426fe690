import type { BlendVersion, LotRow, NewBatch } from '@bent-pail/contract';
import { useMutation } from '@tanstack/react-query';
import { useState, type SubmitEvent, type ReactElement } from 'react';
import { useNavigate } from 'react-router';
import { v7 as uuidv7 } from 'uuid';
import { api, sentenceOf } from '../shared/api';
import { CautionStrip } from '../shared/CautionStrip';
import { Field } from '../shared/Field';
import { fixed } from '../shared/format';
import { numberOf } from '../shared/numberOf';
import { queryClient } from '../shared/queries';
import { useWorks } from '../shared/useSession';
import { batchLines } from './batchLines';

interface MakeBatchProps {
  readonly blendId: string;
  readonly version: BlendVersion;
  readonly lots: readonly LotRow[];
}

/** A kept version, mixed: what it takes of each lot, and the lot that it becomes. */
export function MakeBatch({ blendId, version, lots }: MakeBatchProps): ReactElement | null {
  const works = useWorks();
  const navigate = useNavigate();
  const [litres, setLitres] = useState('40');
  const [code, setCode] = useState(`B${String(version.n)}-1`);
  const made_L = Number(litres.replace(',', '.'));
  const make = useMutation({
    mutationFn: () => {
      const body: NewBatch = { id: uuidv7(), materialId: uuidv7(), code, made_L: numberOf(litres, 'Made') };
      return api.post<LotRow>(`/blends/${blendId}/versions/${String(version.n)}/batches`, body);
    },
    onSuccess: async (lot) => {
      await queryClient.invalidateQueries({ queryKey: ['lots'] });
      await queryClient.invalidateQueries({ queryKey: ['today'] });
      void navigate(`/shelf/lots/${lot.id}`);
    },
  });
  if (!works) return null;
  const lines = made_L > 0 ? batchLines(version, lots, made_L) : [];
  return (
    <section className="make-batch" aria-label="Make a batch">
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
        <Field label="Made, L" mode="decimal" value={litres} onChange={setLitres} className="w-24" />
        <Field label="Code of the batch" value={code} onChange={setCode} className="w-32" />
        <button type="submit" className="alt" disabled={make.isPending}>
          Mix it
        </button>
      </form>
      {make.error !== null && (
        <p className="sorry" role="alert">
          {sentenceOf(make.error)}
        </p>
      )}
      <table className="rows mt-2">
        <tbody>
          {lines.map((line) => (
            <tr key={line.lotId} className={line.short ? 'font-semibold' : ''}>
              <th scope="row">
                {line.name}, {line.code}
              </th>
              <td className="f">{fixed(line.loose_L, 1)} L loose</td>
              <td className="q">
                {line.stock_L === undefined
                  ? 'never counted'
                  : line.short
                    ? `only ${fixed(line.stock_L, 1)} L there`
                    : `${fixed(line.stock_L - line.loose_L, 1)} L left`}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <CautionStrip caution="dust" before="Before mixing" />
    </section>
  );
}
