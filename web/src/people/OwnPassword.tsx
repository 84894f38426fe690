import { useMutation } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import { Sorry } from '../kit/Sorry';
import { api, sentenceOf } from '../shared/api';
import { BodyForm } from '../shared/forms/BodyForm';
import { TextField } from '../shared/forms/fields';
import { useBodyForm } from '../shared/forms/useBodyForm';
import { Button } from '../kit/Button';
import { queryClient } from '../shared/resources/client';
import { sessionsQuery } from '../shared/resources/people';

const EMPTY = { present: '', password: '' };

/** Another password for oneself, and the way to sign out everywhere else. */
export function OwnPassword(): ReactElement {
  const end = useMutation({
    mutationFn: () => api.remove<undefined>('/me/sessions'),
    onSuccess: () => queryClient.invalidateQueries({ queryKey: sessionsQuery.queryKey }),
  });
  const form = useBodyForm({
    body: 'ChangePassword',
    start: EMPTY,
    read: (typed) => typed,
    send: (typed) => api.put<undefined>('/me/password', typed),
    onKept: () => {
      form.fields.reset(EMPTY, { keepIsSubmitSuccessful: true });
    },
  });
  const { isSubmitSuccessful } = form.fields.formState;
  const isChanged = isSubmitSuccessful && !form.isBusy && form.refusal === null;
  return (
    <BodyForm form={form} label="Your password" className="flex flex-wrap items-end gap-3">
      <TextField name="present" label="Present password" type="password" autoComplete="current-password" />
      <TextField name="password" label="New password" type="password" autoComplete="new-password" />
      <Button type="submit" disabled={form.isBusy}>
        Change
      </Button>
      <Button
        onClick={() => {
          end.mutate();
        }}
      >
        Sign out everywhere else
      </Button>
      {end.error !== null && <Sorry className="basis-full">{sentenceOf(end.error)}</Sorry>}
      {(isChanged || end.isSuccess) && (
        <p className="basis-full text-small" role="status">
          {isChanged ? 'Changed; you are signed out everywhere else.' : 'Signed out everywhere else.'}
        </p>
      )}
    </BodyForm>
  );
}
