import type { SessionState } from '@bent-pail/contract';
import { useEffect, type ReactElement } from 'react';
import type { FieldValues, Path, UseFormReturn } from 'react-hook-form';
import { api } from '../shared/api';
import { BodyForm } from '../shared/forms/BodyForm';
import { TextField } from '../shared/forms/fields';
import { useBodyForm } from '../shared/forms/useBodyForm';
import { Button } from '../kit/Button';
import { comeIn } from './comeIn';

/** A page that only asks has the cursor in its first field. */
function useBegins<T extends FieldValues>({ setFocus }: UseFormReturn<T>, name: Path<T>): void {
  useEffect(() => {
    setFocus(name);
  }, [setFocus, name]);
}

/** Name and password of somebody who is known here. */
export function SignIn({ place }: { readonly place: string }): ReactElement {
  const form = useBodyForm({
    body: 'SignIn',
    start: { name: '', password: '' },
    read: (typed) => typed,
    send: (said) => api.post<SessionState>('/session', said),
    onKept: comeIn,
  });
  useBegins(form.fields, 'name');
  return (
    <BodyForm form={form} label={`Sign in to ${place}`} className="flex flex-col gap-4">
      <h2 className="text-lead">Sign in to {place}</h2>
      <TextField name="name" label="Name" autoComplete="username" />
      <TextField name="password" label="Password" type="password" autoComplete="current-password" />
      <Button type="submit" look="act" disabled={form.isBusy}>
        Sign in
      </Button>
    </BodyForm>
  );
}

/** Names the first lead of an empty notebook. */
export function FirstLead(): ReactElement {
  const form = useBodyForm({
    body: 'FirstLead',
    start: { place: '', name: '', password: '' },
    read: (typed) => typed,
    send: (said) => api.post<SessionState>('/first-lead', said),
    onKept: comeIn,
  });
  useBegins(form.fields, 'place');
  return (
    <BodyForm form={form} label="An empty notebook" className="flex flex-col gap-4">
      <h2 className="text-lead">An empty notebook</h2>
      <p className="text-ink2">You are its first lead. Everyone else gets a name from you.</p>
      <TextField name="place" label="Where is this bench?" placeholder="the potting shed" />
      <TextField name="name" label="Your name" autoComplete="username" />
      <TextField
        name="password"
        label="A password of at least 10 characters"
        type="password"
        autoComplete="new-password"
      />
      <Button type="submit" look="act" disabled={form.isBusy}>
        Open the notebook
      </Button>
    </BodyForm>
  );
}
