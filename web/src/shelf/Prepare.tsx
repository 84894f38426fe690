import type { LotRow, NewPrepared, Preparation } from '@bent-pail/contract';
import { PREPARATIONS } from '@bent-pail/contract/choices';
import { MEDIA_CLASS_NAMES, mediaClassLabel } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { useNavigate } from 'react-router';
import { v7 as uuidv7 } from 'uuid';
import { api } from '../shared/api';
import { once } from '../shared/once';
import { CautionStrip } from '../shared/CautionStrip';
import { BodyForm } from '../shared/forms/BodyForm';
import { ChoiceField, TextField } from '../shared/forms/fields';
import { maybeNumber, maybeWords, typedNumber } from '../shared/forms/Mistyped';
import { useBodyForm } from '../shared/forms/useBodyForm';
import { queryClient } from '../shared/resources/client';
import { CAUTION_OF, PARTS_OFF } from './preparationWords';
import { Button } from '../kit/Button';
import type { Option } from '../kit/Choice';
import { lotsKey } from '../shared/resources/lots';

const NOTHING = {
  took_L: '',
  made_L: '',
  water_L: '',
  minutes: '',
  tool: '',
  passes: '',
  note: '',
  classId: '',
  grade: '',
  rest: { code: '', made_L: '', classId: '', grade: '' },
};

/** What is typed of a preparation; all but the code may stay empty. */
type Typed = typeof NOTHING & { readonly code: string; readonly how: Preparation };

const isTyped = (text: string): boolean => text.trim() !== '';

function read({ code, how, rest, ...typed }: Typed): Omit<NewPrepared, 'id'> {
  const made = isTyped(rest.made_L) ? { made_L: typedNumber(rest.made_L, 'rest.made_L') } : {};
  const stuff = { ...maybeWords(rest.classId, 'classId'), ...maybeWords(rest.grade, 'grade') };
  const parted =
    PARTS_OFF.includes(how) && isTyped(rest.code)
      ? { rest: { id: uuidv7(), code: rest.code.trim(), ...made, ...stuff } }
      : {};
  return {
    code,
    how,
    ...maybeWords(typed.note, 'note'),
    ...maybeWords(typed.classId, 'classId'),
    ...maybeWords(typed.grade, 'grade'),
    ...maybeWords(typed.tool, 'tool'),
    ...maybeNumber(typed.took_L, 'took_L'),
    ...maybeNumber(typed.made_L, 'made_L'),
    ...maybeNumber(typed.water_L, 'water_L'),
    ...maybeNumber(typed.minutes, 'minutes'),
    ...maybeNumber(typed.passes, 'passes'),
    ...parted,
  };
}

const CLASSES = MEDIA_CLASS_NAMES.map(({ id, label }) => ({ key: id, words: label }));
const REST_IS = [{ key: '', words: 'not known yet' }, ...CLASSES];
const itIsNow = ({ classId = '' }: LotRow): readonly Option<string>[] => [
  { key: '', words: `as before: ${mediaClassLabel(classId) ?? 'not known'}` },
  ...CLASSES,
];

/** The same preparation sent again makes the same lots. */
const send = (lotId: string, { rest, ...said }: Omit<NewPrepared, 'id'>): Promise<LotRow> => {
  const { code, made_L } = rest ?? {};
  return once(['prepared', lotId, said, code, made_L], (id) =>
    api.post<LotRow>(`/lots/${lotId}/prepared`, {
      id: id(),
      ...said,
      ...(rest === undefined ? {} : { rest: { ...rest, id: id() } }),
    }),
  );
};

/** A lot made from this one, with how it went; what a sieve or a rinse parts off becomes a lot too. */
export function Prepare({ lot, onLeave }: { readonly lot: LotRow; readonly onLeave: () => void }): ReactElement {
  const navigate = useNavigate();
  const start: Typed = { ...NOTHING, code: `${lot.code}-r`, how: 'rinsed' };
  const form = useBodyForm({
    body: 'NewPrepared',
    start,
    draft: `prepared from ${lot.id}`,
    read,
    send: (said) => send(lot.id, said),
    onKept: async (row) => {
      await queryClient.invalidateQueries({ queryKey: lotsKey });
      void navigate(`/shelf/lots/${row.id}`);
    },
  });
  const [how, restCode] = form.fields.watch(['how', 'rest.code']);
  return (
    <BodyForm form={form} label="Prepare a lot from it" className="flex flex-wrap items-end gap-3">
      <div className="basis-full">
        <CautionStrip caution={CAUTION_OF[how]} />
      </div>
      <ChoiceField
        name="how"
        label="It was"
        options={PREPARATIONS.map((key) => ({ key, words: key.replace('-', ' ') }))}
      />
      <TextField name="code" label="Code of the new lot" className="w-36" />
      <TextField name="took_L" label="Taken" mode="decimal" className="w-24" />
      <TextField name="made_L" label="Made" mode="decimal" className="w-24" />
      <TextField name="water_L" label="Water" mode="decimal" className="w-24" />
      <TextField name="minutes" label="Minutes" mode="decimal" className="w-24" />
      <TextField name="tool" label="Mesh, plate or machine" className="w-48" />
      <TextField name="passes" label="Passes" mode="numeric" className="w-20" />
      <ChoiceField name="classId" label="What it is now" options={itIsNow(lot)} className="w-64" />
      <TextField name="grade" label="Its grade now" placeholder={lot.grade ?? '2-6 mm'} className="w-44" />
      {PARTS_OFF.includes(how) && (
        <>
          <TextField name="rest.code" label="What was parted off, as lot" className="w-48" />
          {isTyped(restCode) && (
            <>
              <TextField name="rest.made_L" label="How much of it" mode="decimal" className="w-24" />
              <ChoiceField name="rest.classId" label="What was parted off is" options={REST_IS} className="w-64" />
              <TextField name="rest.grade" label="Its grade" placeholder="0-2 mm" className="w-32" />
            </>
          )}
        </>
      )}
      <TextField name="note" label="In words" className="w-72" />
      <Button type="submit" look="act" disabled={form.isBusy}>
        As a new lot
      </Button>
      <Button onClick={onLeave}>Cancel</Button>
    </BodyForm>
  );
}
