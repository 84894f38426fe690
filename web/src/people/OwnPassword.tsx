import { useMutation } from '@tanstack/react-query';
import { useState, type ReactElement, type SubmitEvent } from 'react';
import { api, sentenceOf } from '../shared/api';
import { Field } from '../kit/Field';

/** Another password for oneself, and the way to sign out everywhere else. */
export function OwnPassword(): ReactElement {
  const [present, setPresent] = useState('');
  const [password, setPassword] = useState('');
  const change = useMutation({
    mutationFn: () => api.put<undefined>('/me/password', { present, password }),
    onSuccess: () => {
      setPresent('');
      setPassword('');
    },
  });
  const end = useMutation({ mutationFn: () => api.remove<undefined>('/me/sessions') });
  const error = change.error ?? end.error;
  return (
    <form
      className="flex flex-wrap items-end gap-3"
      aria-label="Your password"
      onSubmit={(event: SubmitEvent) => {
        event.preventDefault();
        change.mutate();
      }}
    >
      <Field label="Present password" type="password" value={present} onChange={setPresent} />
      <Field label="New password" type="password" value={password} onChange={setPassword} />
      <button type="submit" className="alt" disabled={change.isPending || password === ''}>
        Change
      </button>
      <button
        type="button"
        className="alt"
        onClick={() => {
          end.mutate();
        }}
      >
        Sign out everywhere else
      </button>
      {error !== null && (
        <p className="sorry basis-full" role="alert">
          {sentenceOf(error)}
        </p>
      )}
      {error === null && (change.isSuccess || end.isSuccess) && (
        <p className="basis-full text-small" role="status">
          {change.isSuccess ? 'Changed; you are signed out everywhere else.' : 'Signed out everywhere else.'}
        </p>
      )}
    </form>
  );
}
