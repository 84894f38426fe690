import type { BlendPage, NewBlendVersion } from '@bent-pail/contract';
import { useEffect, useState, type ReactElement } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { v7 as uuidv7 } from 'uuid';
import { api } from '../../shared/api';
import { BodyForm } from '../../shared/forms/BodyForm';
import { BareField } from '../../shared/forms/fields';
import { useBodyForm } from '../../shared/forms/useBodyForm';
import { once } from '../../shared/once';
import { queryClient } from '../../shared/resources/client';
import { Button } from '../../kit/Button';
import { todayKey } from '../../shared/resources/today';
import { blendsKey } from '../../shared/resources/blends';
import { useDrafts, type BlendDraft } from '../../shared/blends/draftStore';

interface KeepVersionProps {
  readonly draft: BlendDraft;
  readonly draftKey: string;
  readonly page: BlendPage | undefined;
  readonly onName: (name: string) => void;
}

/** The one red act of the desk: the recipe is kept, as a blend or as its next version. */
export function KeepVersion({ draft, draftKey, page, onName }: KeepVersionProps): ReactElement {
  const navigate = useNavigate();
  const drop = useDrafts((state) => state.drop);
  const keptAs = useDrafts((state) => state.keptAs);
  // A new blend is the same one however often, and however changed, it is sent.
  const [newId] = useState(() => uuidv7());
  const next = (page?.versions[0]?.n ?? 0) + 1;
  const form = useBodyForm({
    body: 'NewBlendVersion',
    start: { name: draft.name, reason: '' },
    read: ({ name, reason }): Omit<NewBlendVersion, 'id'> => ({
      blendId: page === undefined ? newId : draftKey,
      name: name.trim(),
      recipe: { ...draft.recipe, lines: draft.recipe.lines.filter((line) => line.parts > 0) },
      ...(reason.trim() === '' ? {} : { reason: reason.trim() }),
    }),
    send: (said) => once(['blend', said], (id) => api.post<BlendPage>('/blends', { id: id(), ...said })),
    onKept: async (kept) => {
      await queryClient.invalidateQueries({ queryKey: blendsKey });
      await queryClient.invalidateQueries({ queryKey: todayKey });
      form.fields.setValue('reason', '');
      // Dropped before the kept blend stands there, an empty desk would show its figures for a moment.
      if (page === undefined) keptAs(draftKey, kept.id);
      if (page === undefined) await navigate(`/blend/${kept.id}`, { replace: true, flushSync: true });
      drop(draftKey);
    },
  });
  // The name is the recipe's too: it may have come with one that was pasted or brought back.
  const { setValue } = form.fields;
  useEffect(() => {
    setValue('name', draft.name);
  }, [setValue, draft.name]);
  // Somebody came from a complaint: it is what this version is made for.
  const because = useSearchParams()[0].get('because');
  useEffect(() => {
    if (because !== null) setValue('reason', because);
  }, [setValue, because]);
  return (
    <BodyForm
      form={form}
      label="Keep the recipe"
      className="flex flex-wrap items-center justify-end gap-2.5 border-b border-zinc3 bg-zinc1 px-3 py-1.5"
    >
      <BareField name="name" label="Name of the blend" placeholder="name it" onType={onName} />
      {next > 1 && <BareField name="reason" label="Reason for this version" placeholder="why this version" />}
      <Button type="submit" look="act" disabled={form.isBusy}>
        {next === 1 ? 'Keep it' : `Keep as version ${String(next)}`}
      </Button>
    </BodyForm>
  );
}
