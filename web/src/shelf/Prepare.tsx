import type { LotRow, NewPrepared, Preparation } from '@bent-pail/contract';
import { PREPARATIONS } from '@bent-pail/contract/choices';
import { useMutation } from '@tanstack/react-query';
import { useState, type ReactElement, type SubmitEvent } from 'react';
import { useNavigate } from 'react-router';
import { api, sentenceOf } from '../shared/api';
import { once } from '../shared/once';
import { CautionStrip } from '../shared/CautionStrip';
import { Choice } from '../kit/Choice';
import { Field } from '../kit/Field';
import { numberOf } from '../shared/numberOf';
import { queryClient } from '../shared/resources/client';
import { CAUTION_OF, PARTS_OFF } from './preparationWords';
import { Button } from '../kit/Button';
import { Sorry } from '../kit/Sorry';
import { lotsKey } from '../shared/resources/lots';

/** What is typed of a preparation; all but the code may stay empty. */
interface Typed {
  readonly code: string;
  readonly took: string;
  readonly made: string;
  readonly water: string;
  readonly minutes: string;
  readonly tool: string;
  readonly passes: string;
  readonly note: string;
  readonly restCode: string;
  readonly restMade: string;
}

const EMPTY = {
  took: '',
  made: '',
  water: '',
  minutes: '',
  tool: '',
  passes: '',
  note: '',
  restCode: '',
  restMade: '',
};

const isTyped = (text: string): boolean => text.trim() !== '';

/** A typed number under its key, or nothing where none was typed. */
function maybe<K extends string>(key: K, text: string, what: string): Partial<Record<K, number>> {
  return isTyped(text) ? ({ [key]: numberOf(text, what) } as Record<K, number>) : {};
}

function bodyOf(how: Preparation, typed: Typed, id: () => string): NewPrepared {
  const rest = isTyped(typed.restCode)
    ? { rest: { id: id(), code: typed.restCode.trim(), ...maybe('made_L', typed.restMade, 'Parted off') } }
    : {};
  return {
    id: id(),
    code: typed.code,
    how,
    ...(isTyped(typed.note) ? { note: typed.note.trim() } : {}),
    ...(isTyped(typed.tool) ? { tool: typed.tool.trim() } : {}),
    ...maybe('took_L', typed.took, 'Taken'),
    ...maybe('made_L', typed.made, 'Made'),
    ...maybe('water_L', typed.water, 'Water'),
    ...maybe('minutes', typed.minutes, 'Minutes'),
    ...maybe('passes', typed.passes, 'Passes'),
    ...(PARTS_OFF.includes(how) ? rest : {}),
  };
}

/** A lot made from this one, with how it went; what a sieve or a rinse parts off becomes a lot too. */
export function Prepare({ lot, onLeave }: { readonly lot: LotRow; readonly onLeave: () => void }): ReactElement {
  const navigate = useNavigate();
  const [how, setHow] = useState<Preparation>('rinsed');
  const [typed, setTyped] = useState<Typed>({ ...EMPTY, code: `${lot.code}-r` });
  const prepare = useMutation({
    mutationFn: () =>
      once(['prepared', lot.id, how, typed], (id) =>
        api.post<LotRow>(`/lots/${lot.id}/prepared`, bodyOf(how, typed, id)),
      ),
    onSuccess: async (row) => {
      await queryClient.invalidateQueries({ queryKey: lotsKey });
      void navigate(`/shelf/lots/${row.id}`);
    },
  });
  const field = (key: keyof Typed, label: string, className: string, isNumber = true): ReactElement => (
    <Field
      label={label}
      {...(isNumber ? { mode: 'decimal' as const } : {})}
      value={typed[key]}
      onChange={(text) => {
        setTyped({ ...typed, [key]: text });
      }}
      className={className}
    />
  );
  return (
    <form
      className="flex flex-wrap items-end gap-3"
      aria-label="Prepare a lot from it"
      onSubmit={(event: SubmitEvent) => {
        event.preventDefault();
        prepare.mutate();
      }}
    >
      <div className="basis-full">
        <CautionStrip caution={CAUTION_OF[how]} />
      </div>
      <Choice
        label="It was"
        value={how}
        options={PREPARATIONS.map((key) => ({ key, words: key.replace('-', ' ') }))}
        onChange={setHow}
      />
      {field('code', 'Code of the new lot', 'w-36', false)}
      {field('took', 'Taken, L', 'w-24')}
      {field('made', 'Made, L', 'w-24')}
      {field('water', 'Water, L', 'w-24')}
      {field('minutes', 'Minutes', 'w-24')}
      {field('tool', 'Mesh, plate or machine', 'w-48', false)}
      {field('passes', 'Passes', 'w-20')}
      {PARTS_OFF.includes(how) && (
        <>
          {field('restCode', 'What was parted off, as lot', 'w-48', false)}
          {isTyped(typed.restCode) && field('restMade', 'Of it, L', 'w-24')}
        </>
      )}
      {field('note', 'In words', 'w-72', false)}
      <Button type="submit" look="act" disabled={prepare.isPending}>
        It is a new lot
      </Button>
      <Button onClick={onLeave}>Leave it</Button>
      {prepare.error !== null && <Sorry className="basis-full">{sentenceOf(prepare.error)}</Sorry>}
    </form>
  );
}
