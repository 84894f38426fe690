import type { ChangedVerdict, VerdictRow } from '@bent-pail/contract';
import { CONDITION_WORDS, GRADES, property, VERDICT_USE_WORDS, type Grade } from '@bent-pail/core';
import { useMutation, useQuery } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import { useNavigate, useParams } from 'react-router';
import { Button, ButtonLink } from '../kit/Button';
import { Rows } from '../kit/Rows';
import { Sorry } from '../kit/Sorry';
import { api, sentenceOf } from '../shared/api';
import { Await } from '../shared/Await';
import { NotThere } from '../shared/NotThere';
import { BodyForm } from '../shared/forms/BodyForm';
import { ChoiceField, LongTextField, TextField } from '../shared/forms/fields';
import { maybeNumber } from '../shared/forms/Mistyped';
import { useBodyForm } from '../shared/forms/useBodyForm';
import { queryClient } from '../shared/resources/client';
import { verdictsQuery } from '../shared/resources/verdicts';
import { TitleBlock } from '../shared/TitleBlock';
import { useSession } from '../shared/useSession';
import { GRADE_WORDS, judgedName } from '../shared/verdicts/verdictWords';
import { PartLine } from './PartLine';
import { rangeWords } from './rangeWords';

/** One line of the table: what it says, on what it rests, and for a lead how it should be. */
export function VerdictPage(): ReactElement {
  const { id } = useParams();
  const query = useQuery(verdictsQuery);
  return (
    <Await query={query}>
      {(rows) => {
        const row = rows.find((one) => one.id === id);
        return row === undefined ? (
          <NotThere says="There is no such line." on={{ to: '/verdicts', name: 'All verdicts' }} />
        ) : (
          <Line key={`${row.id}${String(row.version)}`} row={row} />
        );
      }}
    </Await>
  );
}

function Line({ row }: { readonly row: VerdictRow }): ReactElement {
  const { me } = useSession();
  const goTo = useNavigate();
  const took = (rows: VerdictRow[]): void => {
    queryClient.setQueryData(verdictsQuery.queryKey, rows);
    void goTo('/verdicts');
  };
  const face = row.property === 'maturity' ? undefined : property(row.property);
  // Between classes nothing is moved, and nothing parted.
  const isMeasured = face !== undefined && face.classes === undefined;
  return (
    <main>
      <TitleBlock title={`${judgedName(row.property)} for ${VERDICT_USE_WORDS[row.use]}`} line={row.basis}>
        <ButtonLink to="/verdicts">All verdicts</ButtonLink>
      </TitleBlock>
      <div className="grid max-w-[760px] gap-5 p-5">
        <Rows>
          <tbody>
            <tr>
              <th scope="row">Holds for</th>
              <td className="text-left">{rangeWords(row)}</td>
            </tr>
            {(row.unless ?? []).map(({ condition, says }) => (
              <tr key={condition}>
                <th scope="row">Where {CONDITION_WORDS[condition]}</th>
                <td className="text-left">{GRADE_WORDS[says]}</td>
              </tr>
            ))}
            <tr>
              <th scope="row">Whose</th>
              <td className="text-left">
                {row.changed === undefined
                  ? 'as it ships'
                  : isOwn(row)
                    ? `added by ${row.changed.by}`
                    : `changed by ${row.changed.by}`}
              </td>
            </tr>
          </tbody>
        </Rows>
        {me?.role === 'lead' ? (
          <>
            <ChangeLine row={row} moves={row.from !== undefined && isMeasured} onKept={took} />
            {isMeasured && <PartLine row={row} onKept={took} />}
          </>
        ) : (
          <p>
            {GRADE_WORDS[row.says]}: {row.because}
          </p>
        )}
      </div>
    </main>
  );
}

const GRADE_OPTIONS = GRADES.map((key) => ({ key, words: GRADE_WORDS[key] }));

/** A line that this notebook added. */
const isOwn = ({ id }: VerdictRow): boolean => id.includes('.own-');

interface ChangeLineProps {
  readonly row: VerdictRow;
  readonly moves: boolean;
  readonly onKept: (rows: VerdictRow[]) => void;
}

interface Typed {
  readonly from: string;
  readonly says: Grade;
  readonly because: string;
}

/** A line is moved, said otherwise, or given back what ships; one of the notebook's own is taken out. */
function ChangeLine({ row, moves, onKept }: ChangeLineProps): ReactElement {
  const form = useBodyForm<Typed, ChangedVerdict, VerdictRow[]>({
    body: 'ChangedVerdict',
    start: { from: row.from === undefined ? '' : String(row.from), says: row.says, because: row.because },
    read: ({ from, says, because }) => {
      const kept = row.from === undefined ? {} : { from: row.from };
      return { id: row.id, version: row.version, says, because, ...(moves ? maybeNumber(from, 'from') : kept) };
    },
    send: (body) => api.post<VerdictRow[]>('/verdicts', body),
    onKept,
  });
  const back = useMutation({ mutationFn: () => api.remove<VerdictRow[]>(`/verdicts/${row.id}`), onSuccess: onKept });
  return (
    <BodyForm form={form} label="How this line should be" className="grid content-start gap-3">
      {moves && <TextField name="from" label="Begins at" mode="decimal" />}
      <ChoiceField name="says" label="Is" options={GRADE_OPTIONS} />
      <LongTextField name="because" label="Because" />
      {back.error !== null && <Sorry>{sentenceOf(back.error)}</Sorry>}
      <p className="flex flex-wrap gap-3">
        <Button type="submit" look="act" disabled={form.isBusy}>
          Keep the line
        </Button>
        {row.changed !== undefined && (
          <Button
            onClick={() => {
              back.mutate();
            }}
          >
            {isOwn(row) ? 'Take it out' : 'As it ships'}
          </Button>
        )}
      </p>
    </BodyForm>
  );
}
