import type { NewTrialMove, TrialPage } from '@bent-pail/contract';
import { dayIn } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { Button } from '../../kit/Button';
import { BodyForm } from '../../shared/forms/BodyForm';
import { ChoiceField, DayField, TextField } from '../../shared/forms/fields';
import { useBodyForm } from '../../shared/forms/useBodyForm';
import { serverNow } from '../../shared/serverClock';
import { useSession } from '../../shared/useSession';
import { useTrialActs } from '../useTrialActs';

interface MoveFormProps {
  readonly page: TrialPage;
  /** The two that were dragged onto one another. */
  readonly pair: readonly [string, string] | undefined;
  readonly onDone: () => void;
}

/** Two plots changed places: which, when, why. */
export function MoveForm({ page, pair, onDone }: MoveFormProps): ReactElement {
  const { notebook } = useSession();
  const acts = useTrialActs(page.id);
  const form = useBodyForm({
    body: 'NewTrialMove',
    start: { plotId: pair?.[0] ?? '', withId: pair?.[1] ?? '', on: dayIn(notebook.zone, serverNow()), reason: '' },
    read: (typed): Omit<NewTrialMove, 'id'> => typed,
    send: acts.move,
    onKept: onDone,
  });
  const plots = page.plots.map(({ id, number }) => ({ key: id, words: `plot ${String(number)}` }));
  return (
    <BodyForm
      form={form}
      label="They changed places"
      className="mt-4 flex flex-wrap items-end gap-3 border-t border-zinc3 pt-3"
    >
      <ChoiceField name="plotId" label="Changed places" options={plots} className="w-36" />
      <ChoiceField name="withId" label="with" options={plots} className="w-36" />
      <DayField name="on" label="On" />
      <TextField name="reason" label="Because" className="min-w-48 flex-1" />
      <Button type="submit" look={pair === undefined ? 'alt' : 'act'} disabled={form.isBusy}>
        Keep the move
      </Button>
    </BodyForm>
  );
}
