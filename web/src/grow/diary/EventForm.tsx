import type { NewTrialEvent, TrialEventKind, TrialPage } from '@bent-pail/contract';
import { TRIAL_EVENTS } from '@bent-pail/contract/choices';
import { dayIn } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { Button } from '../../kit/Button';
import { BodyForm } from '../../shared/forms/BodyForm';
import { CheckField, ChoiceField, DayField, TextField } from '../../shared/forms/fields';
import { maybeNumber, maybeWords } from '../../shared/forms/Mistyped';
import { useBodyForm } from '../../shared/forms/useBodyForm';
import { serverNow } from '../../shared/serverClock';
import { useSession } from '../../shared/useSession';
import { useTrialActs } from '../useTrialActs';
import { EVENT_WORDS } from '../words';

const FIRST: TrialEventKind = 'watered';

/** A line of the trial's diary: a watering with its water, or what changed. */
export function EventForm({ page }: { readonly page: TrialPage }): ReactElement {
  const { notebook } = useSession();
  const acts = useTrialActs(page.id);
  const form = useBodyForm({
    body: 'NewTrialEvent',
    start: {
      kind: FIRST,
      on: dayIn(notebook.zone, serverNow()),
      arm: '',
      water_mL: '',
      wilted: false,
      words: '',
    },
    read: ({ kind, on, arm, water_mL, wilted, words }): Omit<NewTrialEvent, 'id'> => ({
      kind,
      on,
      ...(arm === '' ? {} : { arm }),
      ...(kind === 'watered' ? maybeNumber(water_mL, 'water_mL') : {}),
      ...(kind === 'watered' && wilted ? { keptUp: false } : {}),
      ...maybeWords(words, 'words'),
    }),
    send: acts.happened,
    onKept: () => {
      form.fields.reset({ ...form.fields.getValues(), water_mL: '', wilted: false, words: '' });
    },
  });
  const isWatering = form.fields.watch('kind') === 'watered';
  return (
    <BodyForm form={form} label="A line more" className="mt-3 flex flex-wrap items-end gap-3">
      <ChoiceField
        name="kind"
        label="It was"
        options={TRIAL_EVENTS.map((key) => ({ key, words: EVENT_WORDS[key] }))}
        className="w-32"
      />
      <DayField name="on" label="On" />
      <ChoiceField
        name="arm"
        label="Of"
        options={[{ key: '', words: 'all media' }, ...page.plan.arms.map(({ key, name }) => ({ key, words: name }))]}
        className="w-44"
      />
      {isWatering && (
        <>
          <TextField name="water_mL" label="Water for each" mode="decimal" className="w-32" />
          <CheckField name="wilted" label="It had wilted" />
        </>
      )}
      <TextField name="words" label={isWatering ? 'Said besides' : 'What happened'} className="min-w-44 flex-1" />
      <Button type="submit" disabled={form.isBusy}>
        Keep the line
      </Button>
    </BodyForm>
  );
}
