import type { ReactElement, ReactNode } from 'react';
import { Button } from '../../kit/Button';
import { BodyForm } from './BodyForm';
import type { BodyName } from './check';
import { TextField } from './fields';
import { useBodyForm } from './useBodyForm';

interface ReasonFormProps<Answer> {
  readonly body: BodyName;
  /** What the form does, for those who hear it. */
  readonly label: string;
  readonly ask: string;
  readonly act: string;
  readonly look?: 'slab' | 'alt';
  readonly className: string;
  readonly send: (said: { readonly reason: string }) => Promise<Answer>;
  readonly onKept: (answer: Answer) => unknown;
  /** Beside its button: a way out. */
  readonly children?: ReactNode;
}

/** What is done only with a reason: it stays in sight beside what it changed. */
export function ReasonForm<Answer>({
  body,
  label,
  ask,
  act,
  look = 'slab',
  className,
  send,
  onKept,
  children,
}: ReasonFormProps<Answer>): ReactElement {
  const form = useBodyForm({ body, start: { reason: '' }, read: (typed) => typed, send, onKept });
  return (
    <BodyForm form={form} label={label} className={`flex max-w-full flex-wrap items-end gap-4 ${className}`}>
      <TextField name="reason" label={ask} className="w-80 max-w-full" />
      <Button type="submit" look={look} disabled={form.isBusy}>
        {act}
      </Button>
      {children}
    </BodyForm>
  );
}
