import type { UserRow } from '@bent-pail/contract';
import type { ReactElement } from 'react';
import { api } from '../shared/api';
import { BodyForm } from '../shared/forms/BodyForm';
import { TextField } from '../shared/forms/fields';
import { useBodyForm } from '../shared/forms/useBodyForm';
import { queryClient } from '../shared/resources/client';
import { usersQuery } from '../shared/resources/people';
import { Button } from '../kit/Button';

interface FirstPasswordProps {
  readonly user: UserRow;
  /** What came of it, in a sentence. */
  readonly onSaid: (said: string) => void;
}

/** A first password for somebody who forgot theirs. */
export function FirstPassword({ user, onSaid }: FirstPasswordProps): ReactElement {
  const form = useBodyForm({
    body: 'EditUser',
    start: { password: '' },
    read: (typed) => typed,
    send: (said) => api.patch<UserRow[]>(`/users/${user.id}`, said),
    onKept: (users) => {
      queryClient.setQueryData(usersQuery.queryKey, users);
      form.fields.reset();
      onSaid('The new password works; the old one and its sessions are over.');
    },
  });
  return (
    <BodyForm form={form} label={`A new first password for ${user.name}`} className="flex flex-wrap items-end gap-3">
      <TextField name="password" label="A new first password" type="password" />
      <Button type="submit" disabled={form.fields.watch('password') === '' || form.isBusy}>
        Set it
      </Button>
    </BodyForm>
  );
}
