import type { LateRater as Body, SittingPage, UserRow } from '@bent-pail/contract';
import { useQuery } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import { Button } from '../../kit/Button';
import { api } from '../../shared/api';
import { BodyForm } from '../../shared/forms/BodyForm';
import { ChoiceField } from '../../shared/forms/fields';
import { useBodyForm } from '../../shared/forms/useBodyForm';
import { activeUsersQuery } from '../../shared/resources/people';
import { keptSitting } from './keptSitting';

const RATES = new Set<UserRow['role']>(['lead', 'tester', 'panellist']);

/** Lets somebody rate who comes late, as long as the marks are closed. */
export function LateRater({ sitting }: { readonly sitting: SittingPage }): ReactElement | null {
  const { data = [] } = useQuery(activeUsersQuery);
  const free = data.filter(({ id, role }) => RATES.has(role) && !sitting.raters.some((rater) => rater.id === id));
  const form = useBodyForm({
    body: 'LateRater',
    start: { raterId: '' },
    read: ({ raterId }): Body => ({ raterId }),
    send: (said) => api.post<SittingPage>(`/sittings/${sitting.id}/raters`, said),
    onKept: async (page) => {
      form.fields.reset();
      await keptSitting(page);
    },
  });
  if (free.length === 0) return null;
  return (
    <BodyForm form={form} label="Somebody comes late" className="mt-4 flex flex-wrap items-end gap-3">
      <ChoiceField
        name="raterId"
        label="Somebody comes late"
        options={free.map(({ id, name }) => ({ key: id, words: name }))}
      />
      <Button look="small" type="submit" disabled={form.isBusy}>
        Let them rate too
      </Button>
    </BodyForm>
  );
}
