import type { AgreedValue, ScorecardPage } from '@bent-pail/contract';
import { inSentence, type CardCriterion } from '@bent-pail/core';
import { useState, type ReactElement } from 'react';
import { Button } from '../../kit/Button';
import { fixed } from '../../kit/format';
import { Notice } from '../../kit/Notice';
import { api } from '../../shared/api';
import { BodyForm } from '../../shared/forms/BodyForm';
import { TextField } from '../../shared/forms/fields';
import { typedNumber } from '../../shared/forms/Mistyped';
import { useBodyForm } from '../../shared/forms/useBodyForm';
import { once } from '../../shared/once';
import { queryClient } from '../../shared/resources/client';
import { scorecardQuery, scorecardsKey } from '../../shared/resources/scores';
import { useWorks } from '../../shared/useSession';

interface AgreeOnProps {
  readonly cardId: string;
  readonly one: CardCriterion;
}

/** Marks that are far apart are talked about: what was agreed on, and why, stands beside them. */
export function AgreeOn({ cardId, one }: AgreeOnProps): ReactElement | null {
  const works = useWorks();
  const [open, setOpen] = useState(false);
  const { criterion, agreed, apart } = one;
  const label = inSentence(criterion.label);
  if (agreed !== undefined)
    return (
      <p className="mt-2 text-small">
        <b>{criterion.label}:</b> agreed on <span className="figure">{fixed(agreed.value, 1)}</span> by {agreed.by},{' '}
        because {agreed.reason}. Each mark stays as it was given.
      </p>
    );
  if (apart === undefined) return null;
  return (
    <Notice className="mt-2 p-2">
      <p className="text-small">
        <b>{criterion.label}:</b> the marks are <span className="figure">{fixed(apart, 1)}</span> apart. Look again
        together, and agree.
      </p>
      {works && !open && (
        <Button
          look="small"
          className="mt-1"
          onClick={() => {
            setOpen(true);
          }}
        >
          Agree on {label}
        </Button>
      )}
      {open && (
        <AgreeForm
          cardId={cardId}
          one={one}
          onDone={() => {
            setOpen(false);
          }}
        />
      )}
    </Notice>
  );
}

function AgreeForm({ cardId, one, onDone }: AgreeOnProps & { readonly onDone: () => void }): ReactElement {
  const form = useBodyForm({
    body: 'AgreedValue',
    start: { value: '', reason: '' },
    read: ({ value, reason }): Omit<AgreedValue, 'id'> => ({
      criterion: one.criterion.name,
      value: typedNumber(value, 'value'),
      reason,
    }),
    send: (said) =>
      once(['agreed', cardId, said], (id) =>
        api.post<ScorecardPage>(`/scorecards/${cardId}/agreed`, { id: id(), ...said }),
      ),
    onKept: async (page) => {
      queryClient.setQueryData(scorecardQuery(cardId).queryKey, page);
      await queryClient.invalidateQueries({ queryKey: scorecardsKey });
      onDone();
    },
  });
  return (
    <BodyForm form={form} label={`Agree on ${inSentence(one.criterion.label)}`} className="mt-2 flex flex-col gap-2">
      <TextField name="value" label="Agreed, 0 to 10 in halves" mode="decimal" className="w-44" />
      <TextField name="reason" label="Why" placeholder="looked again together" />
      <span className="flex gap-3">
        <Button type="submit" disabled={form.isBusy}>
          Keep it
        </Button>
        <Button look="tie" onClick={onDone}>
          Cancel
        </Button>
      </span>
    </BodyForm>
  );
}
