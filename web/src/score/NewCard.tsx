import type { LotRow, NewScorecard, UserRow } from '@bent-pail/contract';
import { RUBRICS } from '@bent-pail/core';
import { useInfiniteQuery, useMutation, useQuery } from '@tanstack/react-query';
import { useState, type SubmitEvent, type ReactElement } from 'react';
import { Link, useNavigate } from 'react-router';
import { Await } from '../shared/Await';
import { api, sentenceOf } from '../shared/api';
import { totalOf } from '../shared/lists/More';
import { LotChoice, useFirstLot } from '../shared/lots/LotChoice';
import { once } from '../shared/once';
import { queryClient } from '../shared/resources/client';
import { activeUsersQuery } from '../shared/resources/people';
import { scorecardPagesQuery, scorecardsKey, sheetsKey } from '../shared/resources/scores';
import { Check } from '../kit/Check';
import { Choice } from '../kit/Choice';
import { Button } from '../kit/Button';
import { Sorry } from '../kit/Sorry';
import { Field } from '../kit/Field';
import { todayKey } from '../shared/resources/today';

/** Letters and digits that are not mistaken for one another on a cup. */
const CODE_LETTERS = 'ABCDEFGHJKLMNPRSTUVWXYZ';

/** A blind code for the n-th sample: a letter and a digit, in an order that says nothing. */
function blindCode(n: number): string {
  return `${CODE_LETTERS.charAt((7 * n + 9) % CODE_LETTERS.length)}${String(((3 * n + 6) % 9) + 1)}`;
}

const PRODUCTS = { kind: 'product' } as const;

/** Which product, by which rubric, who rates it; the code hides which bag it is. */
export function NewCard({ lotId }: { readonly lotId: string | undefined }): ReactElement {
  const { isPending, first } = useFirstLot(lotId, PRODUCTS);
  const users = useQuery(activeUsersQuery);
  if (isPending) return <p className="text-ink2 p-5">One moment.</p>;
  if (first === undefined)
    return (
      <p className="p-5">
        No bought product is on the shelf yet. <Link to="/shelf/new">Put one there</Link>, then judge it.
      </p>
    );
  return (
    <Await query={users}>
      {(people) => (
        <CardForm product={first} raters={people.filter((user) => user.role !== 'reader' && user.role !== 'student')} />
      )}
    </Await>
  );
}

interface CardFormProps {
  readonly product: LotRow;
  readonly raters: readonly UserRow[];
}

function CardForm({ product, raters }: CardFormProps): ReactElement {
  const navigate = useNavigate();
  const { data: cards } = useInfiniteQuery(scorecardPagesQuery({}));
  const [lot, setLot] = useState(product);
  const [rubric, setRubric] = useState(RUBRICS[0]?.key ?? '');
  const [chosen, setChosen] = useState<readonly string[]>(() =>
    raters.filter((one) => one.role === 'panellist').map((one) => one.id),
  );
  const [code, setCode] = useState<string>();
  const sampleCode = code ?? blindCode(totalOf(cards));
  const add = useMutation({
    mutationFn: (said: Omit<NewScorecard, 'id'>) =>
      once(['scorecard', said], (id) => api.post<{ id: string }>('/scorecards', { id: id(), ...said })),
    onSuccess: async ({ id }) => {
      await queryClient.invalidateQueries({ queryKey: scorecardsKey });
      await queryClient.invalidateQueries({ queryKey: sheetsKey });
      await queryClient.invalidateQueries({ queryKey: todayKey });
      void navigate(`/score/cards/${id}`);
    },
  });
  const submit = (event: SubmitEvent): void => {
    event.preventDefault();
    add.mutate({ lotId: lot.id, rubric, sampleCode: sampleCode.trim(), raterIds: [...chosen] });
  };
  return (
    <form
      className="flex flex-wrap items-end gap-4 border-b-[3px] border-ink bg-paper px-5 py-4"
      onSubmit={submit}
      aria-label="Judge a product"
    >
      <LotChoice label="Product" chosen={lot} among={PRODUCTS} onChoose={setLot} />
      <Choice
        label="For"
        value={rubric}
        options={RUBRICS.map((one) => ({ key: one.key, words: `${one.label}: ${one.use}` }))}
        onChange={setRubric}
      />
      <Field label="Blind code" value={sampleCode} onChange={setCode} className="w-24" />
      <fieldset className="flex flex-wrap gap-x-5">
        <legend className="text-small font-semibold">Who smells, looks, feels</legend>
        {raters.map((one) => (
          <Check
            key={one.id}
            label={one.name}
            checked={chosen.includes(one.id)}
            onChange={(checked) => {
              setChosen(checked ? [...chosen, one.id] : chosen.filter((id) => id !== one.id));
            }}
          />
        ))}
      </fieldset>
      <Button type="submit" look="act" disabled={add.isPending}>
        Open the card
      </Button>
      {add.error !== null && <Sorry className="basis-full">{sentenceOf(add.error)}</Sorry>}
    </form>
  );
}
