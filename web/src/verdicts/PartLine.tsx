import type { ChangedVerdict, VerdictRow } from '@bent-pail/contract';
import { GRADES, type Grade } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { v7 as uuidv7 } from 'uuid';
import { Button } from '../kit/Button';
import { api } from '../shared/api';
import { BodyForm } from '../shared/forms/BodyForm';
import { ChoiceField, LongTextField, TextField } from '../shared/forms/fields';
import { maybeNumber } from '../shared/forms/Mistyped';
import { useBodyForm } from '../shared/forms/useBodyForm';
import { once } from '../shared/once';
import { GRADE_WORDS } from '../shared/verdicts/verdictWords';

const GRADE_OPTIONS = GRADES.map((key) => ({ key, words: GRADE_WORDS[key] }));

/** The id of a line of the notebook's own, beside another of the same property and use. */
const ownId = (beside: string, id: string): string => `${beside.slice(0, beside.lastIndexOf('.'))}.own-${id.slice(-8)}`;

interface PartLineProps {
  readonly row: VerdictRow;
  readonly onKept: (rows: VerdictRow[]) => void;
}

/** A line of the notebook's own, which begins somewhere in this one and says something else from there. */
export function PartLine({ row, onKept }: PartLineProps): ReactElement {
  const form = useBodyForm<
    { readonly from: string; readonly says: Grade; readonly because: string },
    Omit<ChangedVerdict, 'id' | 'version'>,
    VerdictRow[]
  >({
    body: 'ChangedVerdict',
    start: { from: '', says: row.says, because: '' },
    read: ({ from, says, because }) => ({
      id: ownId(row.id, uuidv7()),
      version: 0,
      says,
      because,
      ...maybeNumber(from, 'from'),
    }),
    send: ({ from, says, because }) =>
      once(['own verdict', row.id, from, says, because], (id) =>
        api.post<VerdictRow[]>('/verdicts', { id: ownId(row.id, id()), version: 0, from, says, because }),
      ),
    onKept,
  });
  return (
    <BodyForm
      form={form}
      label="Another line within this one"
      className="grid content-start gap-3 border-t border-zinc3 pt-4"
    >
      <h2>Part it</h2>
      <p className="text-small text-ink2">From a value on, a line of your own says something else.</p>
      <TextField name="from" label="From" mode="decimal" />
      <ChoiceField name="says" label="It is" options={GRADE_OPTIONS} />
      <LongTextField name="because" label="Because of what" />
      <p>
        <Button type="submit" disabled={form.isBusy}>
          Add the line
        </Button>
      </p>
    </BodyForm>
  );
}
