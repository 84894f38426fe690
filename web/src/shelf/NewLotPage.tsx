import type { LotRow } from '@bent-pail/contract';
import { mediaClassLabel, readName } from '@bent-pail/core';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef, type ReactElement } from 'react';
import { useNavigate } from 'react-router';
import { v7 as uuidv7 } from 'uuid';
import { api } from '../shared/api';
import { BodyForm } from '../shared/forms/BodyForm';
import { CheckField, TextField } from '../shared/forms/fields';
import { Mistyped } from '../shared/forms/Mistyped';
import { useBodyForm } from '../shared/forms/useBodyForm';
import { queryClient } from '../shared/resources/client';
import { lotsQuery, lotsKey } from '../shared/resources/lots';
import { TitleBlock } from '../shared/TitleBlock';
import { useSession } from '../shared/useSession';
import { lotBody } from './lotBody';
import { LotFields, NO_FIELDS, type LotFieldValues } from './LotFields';
import { NameUnderstood } from './NameUnderstood';
import { NewLotSide } from './NewLotSide';
import { Button } from '../kit/Button';

interface Typed extends LotFieldValues {
  readonly name: string;
  readonly code: string;
  readonly product: boolean;
}

const NEW: Typed = { ...NO_FIELDS, name: '', code: '', product: false };

/** The class that a name surely means, where it is one that is poured. */
const presetOf = (name: string): string => {
  const { classId = '' } = readName(name).preset ?? {};
  return mediaClassLabel(classId) === undefined ? '' : classId;
};

const likeQuery = (name: string) => lotsQuery({ find: name, sort: 'name', limit: 200 });

/** Lots of the material that is called so, whatever its letters' size. */
const lotsCalled = (name: string, lots: readonly LotRow[]): readonly LotRow[] =>
  lots.filter((lot) => lot.name.toLowerCase() === name.toLowerCase());

/** Keeps the lot; its material too, where none is called so. Of a known one it is, whatever its name is read as. */
async function putOnShelf(typed: Typed, byName: string, begun: Map<string, string>): Promise<LotRow> {
  const name = typed.name.trim();
  const { rows } = await queryClient.query({ ...likeQuery(name), staleTime: 0 });
  const others = lotsCalled(name, rows);
  const kind = typed.product ? 'product' : 'material';
  const begunAs = `${kind} ${name}`;
  const materialId = others[0]?.materialId ?? begun.get(begunAs) ?? uuidv7();
  begun.set(begunAs, materialId);
  if (others.length === 0)
    await api.post('/materials', {
      id: materialId,
      name,
      kind,
      ...(typed.classId === '' ? {} : { classId: typed.classId }),
    });
  const code = typed.code.trim();
  return api.post<LotRow>('/lots', {
    id: uuidv7(),
    materialId,
    code: code === '' ? String(others.length + 1) : code,
    // A lot of a known material may be of another class than the others: it is its own.
    ...(others.length > 0 && ![byName, '', others[0]?.classId].includes(typed.classId)
      ? { classId: typed.classId }
      : {}),
    ...lotBody(typed),
  });
}

/** A lot of a new material or of one that is on the shelf; a name is all that it needs. */
export function NewLotPage(): ReactElement {
  const navigate = useNavigate();
  const { notebook } = useSession();
  // One material of a name and kind, however often its first lot is refused.
  const begun = useRef(new Map<string, string>());
  // What was filled in for a name, by the name itself.
  const filledIn = useRef({ name: '', classId: '' });
  const form = useBodyForm({
    body: 'NewLot',
    start: NEW,
    draft: 'a lot for the shelf',
    read: (typed) => {
      if (typed.name.trim() === '') throw new Mistyped('name', 'Give it a name of 1 to 120 letters.');
      return { ...lotBody(typed), materialId: uuidv7(), code: typed.code.trim() === '' ? '1' : typed.code };
    },
    send: (_, typed) => putOnShelf(typed, filledIn.current.classId, begun.current),
    onKept: async (lot) => {
      await queryClient.invalidateQueries({ queryKey: lotsKey });
      void navigate(`/shelf/lots/${lot.id}`);
    },
  });
  const { name, classId, packVolume_L, price } = form.fields.watch();
  // What was filled in for one name goes with it; what somebody chose, or took back, stays as it is.
  const readAs = (left: string): void => {
    if (left === filledIn.current.name || (classId !== '' && classId !== filledIn.current.classId)) return;
    filledIn.current = { name: left, classId: presetOf(left) };
    form.fields.setValue('classId', filledIn.current.classId);
  };
  const typed = name.trim();
  const like = useQuery({ ...likeQuery(typed), enabled: typed !== '' });
  const lots = typed === '' ? [] : (like.data?.rows ?? []);
  const [known] = lotsCalled(typed, lots);
  // Of a known material its name is not read: what was filled in goes again, what is chosen then is chosen.
  const { setValue } = form.fields;
  useEffect(() => {
    if (known === undefined || filledIn.current.classId === '') return;
    if (form.fields.getValues('classId') === filledIn.current.classId) setValue('classId', '');
    filledIn.current = { ...filledIn.current, classId: '' };
  }, [known, setValue, form.fields, classId]);
  return (
    <main>
      <TitleBlock title="A lot for the shelf" line="One name is enough. Everything else can wait until you know it." />
      <div className="grid lg:grid-cols-[minmax(0,760px)_minmax(0,1fr)]">
        <BodyForm form={form} label="A lot for the shelf" className="grid content-start gap-4 p-5 md:grid-cols-2">
          <TextField
            name="name"
            label="Name"
            placeholder="Pumice 3-8 mm"
            offered={[...new Set(lots.map((lot) => lot.name))]}
            onLeave={(left) => {
              readAs(left);
            }}
          />
          <TextField name="code" label="Lot code" placeholder="given if you leave it" />
          {(known === undefined || classId !== '') && (
            <NameUnderstood
              name={typed}
              classId={classId}
              onClass={(id) => {
                form.fields.setValue('classId', id);
              }}
            />
          )}
          <CheckField name="product" label="A bought, bagged product to be judged" className="md:col-span-2" />
          <LotFields currency={notebook.currency} />
          <div className="md:col-span-2">
            <Button type="submit" look="act" disabled={form.isBusy}>
              Put it on the shelf
            </Button>
          </div>
        </BodyForm>
        <NewLotSide
          classId={known !== undefined && classId === '' ? (known.classId ?? '') : classId}
          known={known}
          pack_L={packVolume_L}
          price={price}
        />
      </div>
    </main>
  );
}
