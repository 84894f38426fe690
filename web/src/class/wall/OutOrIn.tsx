import type { ClassExclusion, ClassPage } from '@bent-pail/contract';
import type { ReactElement } from 'react';
import { Button } from '../../kit/Button';
import { api } from '../../shared/api';
import { BodyForm } from '../../shared/forms/BodyForm';
import { TextField } from '../../shared/forms/fields';
import { useBodyForm } from '../../shared/forms/useBodyForm';
import { once } from '../../shared/once';
import { queryClient } from '../../shared/resources/client';
import { classQuery } from '../../shared/resources/classes';
import type { FigureSeen, GroupSeen } from '../classView';

interface OutOrInProps {
  readonly page: ClassPage;
  readonly seen: FigureSeen;
  readonly group: GroupSeen;
}

/** Out of the class's figures, or in again: with a reason, in the open. */
export function OutOrIn({ page, seen, group }: OutOrInProps): ReactElement {
  const isOut = group.out === undefined;
  const form = useBodyForm({
    body: 'ClassExclusion',
    start: { reason: '' },
    read: ({ reason }): Omit<ClassExclusion, 'id'> => ({
      groupId: group.id,
      sampleId: seen.sample.id,
      isOut,
      reason,
    }),
    send: (said) =>
      once(['class-exclusion', said, page.exclusions.length], (id) =>
        api.post<ClassPage>(`/classes/${page.id}/exclusions`, { id: id(), ...said }),
      ),
    onKept: (next) => {
      queryClient.setQueryData(classQuery(page.id).queryKey, next);
    },
  });
  const number = String(group.number);
  return (
    <BodyForm
      form={form}
      label={isOut ? `Leave group ${number} out` : `Take group ${number} in again`}
      className="mt-4 flex flex-wrap items-end gap-4"
    >
      <TextField
        name="reason"
        label={isOut ? 'Leave it out, because' : 'Take it in again, because'}
        className="w-80 max-w-full"
      />
      <Button type="submit" look="slab" disabled={form.isBusy}>
        {isOut ? 'Leave it out' : 'Take it in again'}
      </Button>
    </BodyForm>
  );
}
