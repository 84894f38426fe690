import type { LotRow } from '@bent-pail/contract';
import { guessClass } from '@bent-pail/core';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useRef, useState, type SubmitEvent, type ReactElement } from 'react';
import { useNavigate } from 'react-router';
import { v7 as uuidv7 } from 'uuid';
import { api, sentenceAt, sentenceOf } from '../shared/api';
import { lotsQuery, queryClient } from '../shared/queries';
import { TitleBlock } from '../shared/TitleBlock';
import { useSession } from '../shared/useSession';
import { lotBody } from './lotBody';
import { LotFields, NO_FIELDS } from './LotFields';
import { Check } from '../kit/Check';

/** A lot of a new material or of one that is on the shelf; a name is all that it needs. */
export function NewLotPage(): ReactElement {
  const navigate = useNavigate();
  const { notebook } = useSession();
  const [name, setName] = useState('');
  const [code, setCode] = useState('');
  const [product, setProduct] = useState(false);
  const [fields, setFields] = useState(NO_FIELDS);
  // One material of a name and kind, however often its first lot is refused.
  const begun = useRef(new Map<string, string>());
  const typed = name.trim();
  const like = useQuery({ ...lotsQuery({ find: typed, sort: 'name', limit: 200 }), enabled: typed !== '' });
  const lots = typed === '' ? [] : (like.data?.rows ?? []);
  const known = lots.find((lot) => lot.name.toLowerCase() === typed.toLowerCase());
  const keep = useMutation({
    mutationFn: async () => {
      const kind = product ? 'product' : 'material';
      const materialId = known?.materialId ?? begun.current.get(`${kind} ${name}`) ?? uuidv7();
      begun.current.set(`${kind} ${name}`, materialId);
      const body = lotBody(fields);
      if (known === undefined) {
        const classId = fields.classId === '' ? {} : { classId: fields.classId };
        await api.post('/materials', { id: materialId, name, kind, ...classId });
      }
      const count = lots.filter((lot) => lot.materialId === materialId).length;
      return api.post<LotRow>('/lots', {
        id: uuidv7(),
        materialId,
        code: code.trim() === '' ? String(count + 1) : code.trim(),
        ...body,
      });
    },
    onSuccess: async (lot) => {
      await queryClient.invalidateQueries({ queryKey: ['lots'] });
      void navigate(`/shelf/lots/${lot.id}`);
    },
  });
  const submit = (event: SubmitEvent): void => {
    event.preventDefault();
    keep.mutate();
  };
  return (
    <main>
      <TitleBlock title="A lot for the shelf" line="One name is enough. Everything else can wait until you know it." />
      <form className="grid max-w-[760px] gap-4 p-5 md:grid-cols-2" onSubmit={submit}>
        <label className="field">
          <span>Name</span>
          <input
            value={name}
            list="known-names"
            placeholder="Pumice 3-8 mm"
            onChange={(event) => {
              setName(event.target.value);
            }}
            onBlur={() => {
              if (fields.classId === '') setFields({ ...fields, classId: guessClass(name)?.id ?? '' });
            }}
          />
          <datalist id="known-names">
            {[...new Set(lots.map((lot) => lot.name))].map((one) => (
              <option key={one} value={one} />
            ))}
          </datalist>
          {sentenceAt(keep.error, 'name') !== undefined && (
            <span className="sorry">{sentenceAt(keep.error, 'name')}</span>
          )}
        </label>
        <label className="field">
          <span>Lot code</span>
          <input
            value={code}
            placeholder="given if you leave it"
            onChange={(event) => {
              setCode(event.target.value);
            }}
          />
          {sentenceAt(keep.error, 'code') !== undefined && (
            <span className="sorry">{sentenceAt(keep.error, 'code')}</span>
          )}
        </label>
        <Check
          label="A bought, bagged product to be judged"
          checked={product}
          onChange={setProduct}
          className="md:col-span-2"
        />
        <LotFields values={fields} onChange={setFields} error={keep.error} currency={notebook.currency} />
        {keep.error !== null && (
          <p className="sorry md:col-span-2" role="alert">
            {sentenceOf(keep.error)}
          </p>
        )}
        <div className="md:col-span-2">
          <button type="submit" className="act" disabled={keep.isPending}>
            Put it on the shelf
          </button>
        </div>
      </form>
    </main>
  );
}
