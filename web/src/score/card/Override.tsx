import type { OverrideSaid, ScorecardPage } from '@bent-pail/contract';
import { inSentence, type Scorecard } from '@bent-pail/core';
import { useState, type ReactElement } from 'react';
import { Button } from '../../kit/Button';
import { fixed } from '../../kit/format';
import { api } from '../../shared/api';
import { BodyForm } from '../../shared/forms/BodyForm';
import { ChoiceField, TextField } from '../../shared/forms/fields';
import { maybeNumber } from '../../shared/forms/Mistyped';
import { useBodyForm } from '../../shared/forms/useBodyForm';
import { once } from '../../shared/once';
import { useMe } from '../../shared/useSession';
import { keptCard } from './keptCard';

interface OverrideProps {
  readonly cardId: string;
  readonly card: Scorecard;
}

/** Scores that somebody gives instead of those worked out: both stand here, and a lead can give or take back one. */
export function Override({ cardId, card }: OverrideProps): ReactElement | null {
  const isLead = useMe().role === 'lead';
  const [open, setOpen] = useState(false);
  const given = card.criteria.filter(({ override }) => override !== undefined);
  if (given.length === 0 && card.override === undefined && !isLead) return null;
  return (
    <section aria-label="Given instead" className="mt-4">
      {card.override !== undefined && (
        <p className="text-small">
          <b>
            {card.override.by} gives it <span className="figure">{fixed(card.override.value, 1)}</span>
          </b>{' '}
          as a whole, because {card.override.reason}. What was worked out stands above.
        </p>
      )}
      {given.map(({ criterion, override }) => (
        <p key={criterion.name} className="text-small">
          <b>{criterion.label}:</b> {override?.by} gives it{' '}
          <span className="figure">{fixed(override?.value ?? 0, 1)}</span>
          {override?.worked !== undefined && (
            <>
              {' '}
              instead of <span className="figure">{fixed(override.worked, 1)}</span>
            </>
          )}
          , because {override?.reason}.
        </p>
      ))}
      {isLead && !open && (
        <Button
          look="small"
          className="mt-1"
          onClick={() => {
            setOpen(true);
          }}
        >
          Give another score
        </Button>
      )}
      {open && (
        <OverrideForm
          cardId={cardId}
          card={card}
          onDone={() => {
            setOpen(false);
          }}
        />
      )}
    </section>
  );
}

function OverrideForm({ cardId, card, onDone }: OverrideProps & { readonly onDone: () => void }): ReactElement {
  const form = useBodyForm({
    body: 'OverrideSaid',
    start: { criterion: '', value: '', reason: '' },
    read: ({ criterion, value, reason }): Omit<OverrideSaid, 'id'> => ({
      ...(criterion === '' ? {} : { criterion }),
      ...maybeNumber(value, 'value'),
      reason,
    }),
    send: (said) =>
      once(['override', cardId, said], (id) =>
        api.post<ScorecardPage>(`/scorecards/${cardId}/overrides`, { id: id(), ...said }),
      ),
    onKept: async (page) => {
      await keptCard(page);
      onDone();
    },
  });
  return (
    <BodyForm form={form} label="Give another score" className="mt-2 flex flex-wrap items-end gap-2">
      <ChoiceField
        name="criterion"
        label="Of"
        options={[
          { key: '', words: 'the whole' },
          ...card.criteria.map(({ criterion }) => ({ key: criterion.name, words: inSentence(criterion.label) })),
        ]}
      />
      <TextField name="value" label="0 to 10, or nothing" mode="decimal" className="w-36" />
      <TextField name="reason" label="Why" placeholder="the sample was wet through" className="min-w-48 flex-1" />
      <span className="flex gap-3">
        <Button type="submit" disabled={form.isBusy}>
          Keep both
        </Button>
        <Button look="tie" onClick={onDone}>
          Cancel
        </Button>
      </span>
      <p className="text-small text-ink2">Left empty, what was given before is taken back.</p>
    </BodyForm>
  );
}
