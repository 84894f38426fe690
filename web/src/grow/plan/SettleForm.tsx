import type { NewSettled } from '@bent-pail/contract';
import { SETTLED_HOW, type Circumstance, type SettledHow, SETTLED_WORDS } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { Button } from '../../kit/Button';
import { BodyForm } from '../../shared/forms/BodyForm';
import { ChoiceField, TextField } from '../../shared/forms/fields';
import { useBodyForm } from '../../shared/forms/useBodyForm';
import { useTrialActs } from '../useTrialActs';

interface SettleFormProps {
  readonly trialId: string;
  readonly circumstance: Circumstance;
}

const USUAL: SettledHow = 'accepted';

/** Says what of a difference besides the medium; it stands in the history. */
export function SettleForm({ trialId, circumstance }: SettleFormProps): ReactElement {
  const acts = useTrialActs(trialId);
  const form = useBodyForm({
    body: 'NewSettled',
    start: { how: USUAL, words: '' },
    read: ({ how, words }): Omit<NewSettled, 'id'> => ({ circumstance, how, words }),
    send: acts.settle,
    onKept: () => undefined,
  });
  return (
    <BodyForm form={form} label="Settle it" className="mt-1 flex flex-wrap items-end gap-3">
      <ChoiceField
        name="how"
        label="What of it"
        options={SETTLED_HOW.map((key) => ({ key, words: SETTLED_WORDS[key] }))}
        className="w-56"
      />
      <TextField name="words" label="Why, in writing" className="min-w-48 flex-1" />
      <Button type="submit" disabled={form.isBusy}>
        Settle it
      </Button>
    </BodyForm>
  );
}
