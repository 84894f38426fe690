import type { LotRow, NewScorecard, RubricRow, UserRow } from '@bent-pail/contract';
import { useInfiniteQuery, useQuery } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { Link, useNavigate } from 'react-router';
import { Await } from '../shared/Await';
import { api } from '../shared/api';
import { BodyForm } from '../shared/forms/BodyForm';
import { ChoiceField, SeveralField, TextField } from '../shared/forms/fields';
import { useBodyForm } from '../shared/forms/useBodyForm';
import { totalOf } from '../shared/lists/More';
import { LotChoice, useFirstLot } from '../shared/lots/LotChoice';
import { once } from '../shared/once';
import { queryClient } from '../shared/resources/client';
import { activeUsersQuery } from '../shared/resources/people';
import { rubricsQuery } from '../shared/resources/rubrics';
import { scorecardPagesQuery, scorecardsKey, sheetsKey } from '../shared/resources/scores';
import { Button } from '../kit/Button';
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
  const rubrics = useQuery(rubricsQuery);
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
        <Await query={rubrics}>
          {(rows) => (
            <CardForm
              product={first}
              rubrics={rows}
              raters={people.filter((user) => user.role !== 'reader' && user.role !== 'student')}
            />
          )}
        </Await>
      )}
    </Await>
  );
}

interface CardFormProps {
  readonly product: LotRow;
  readonly rubrics: readonly RubricRow[];
  readonly raters: readonly UserRow[];
}

function CardForm({ product, rubrics, raters }: CardFormProps): ReactElement {
  const navigate = useNavigate();
  const { data: cards } = useInfiniteQuery(scorecardPagesQuery({}));
  const [lot, setLot] = useState(product);
  const form = useBodyForm({
    body: 'NewScorecard',
    start: {
      rubric: rubrics[0]?.rubric.key ?? '',
      sampleCode: '',
      raterIds: raters.filter((one) => one.role === 'panellist').map((one) => one.id),
    },
    read: ({ rubric, sampleCode, raterIds }): Omit<NewScorecard, 'id'> => ({
      lotId: lot.id,
      rubric,
      sampleCode: sampleCode.trim() === '' ? blindCode(totalOf(cards)) : sampleCode.trim(),
      raterIds,
    }),
    send: (said) => once(['scorecard', said], (id) => api.post<{ id: string }>('/scorecards', { id: id(), ...said })),
    onKept: async ({ id }) => {
      await queryClient.invalidateQueries({ queryKey: scorecardsKey });
      await queryClient.invalidateQueries({ queryKey: sheetsKey });
      await queryClient.invalidateQueries({ queryKey: todayKey });
      void navigate(`/score/cards/${id}`);
    },
  });
  return (
    <BodyForm
      form={form}
      label="Judge a product"
      className="flex flex-wrap items-end gap-4 border-b-[3px] border-ink bg-paper px-5 py-4"
    >
      <LotChoice label="Product" chosen={lot} among={PRODUCTS} onChoose={setLot} />
      <ChoiceField
        name="rubric"
        label="For"
        options={rubrics.map(({ rubric }) => ({ key: rubric.key, words: `${rubric.label}: ${rubric.use}` }))}
      />
      <TextField name="sampleCode" label="Blind code" placeholder={blindCode(totalOf(cards))} className="w-24" />
      <SeveralField
        name="raterIds"
        label="Who smells, looks, feels"
        options={raters.map(({ id, name }) => ({ key: id, words: name }))}
      />
      <Button type="submit" look="act" disabled={form.isBusy}>
        Open the card
      </Button>
    </BodyForm>
  );
}
