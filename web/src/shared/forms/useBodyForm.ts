import { useMutation } from '@tanstack/react-query';
import { useEffect, useState, type BaseSyntheticEvent } from 'react';
import {
  useForm,
  type DefaultValues,
  type FieldValues,
  type Path,
  type Resolver,
  type UseFormReturn,
} from 'react-hook-form';
import { ApiProblem, sentenceOf } from '../api';
import { useMe } from '../useSession';
import type { BodyName } from './check';
import { forgetDraft, keepDraft, readDraft } from './drafts';
import { Mistyped } from './Mistyped';
import { undoable } from '../../kit/toasts';

interface BodyFormOptions<T extends FieldValues, Answer> {
  /** The contract's body that the form fills in. */
  readonly body: BodyName;
  readonly start: T;
  /** What is sent of what was typed; a field that cannot be read is `Mistyped`. */
  readonly read: (typed: T) => object;
  readonly send: (typed: T) => Promise<Answer>;
  readonly onKept: (answer: Answer) => unknown;
  /** A name under which what is typed survives a reload. */
  readonly draft?: string;
}

export interface BodyForm<T extends FieldValues> {
  readonly fields: UseFormReturn<T>;
  readonly submit: (event?: BaseSyntheticEvent) => Promise<void>;
  readonly isBusy: boolean;
  /** What belongs to none of the fields. */
  readonly error: Error | null;
  /** What was typed before a reload is shown. */
  readonly isRestored: boolean;
  readonly beginAnew: () => void;
  /** What the server said of the last try is not said any more. */
  readonly forgive: () => void;
}

/** The field that the server’s answer is about. */
const pathOf = (error: unknown): string | undefined => (error instanceof ApiProblem ? error.problem.path : undefined);

type Checked<T extends FieldValues> = Awaited<ReturnType<Resolver<T>>>;

/** What the contract says of what was typed, or why a field of it cannot be read. */
async function checked<T extends FieldValues>(body: BodyName, typed: T, read: (typed: T) => object) {
  try {
    const { check } = await import('./check');
    return await check(body, read(typed));
  } catch (error) {
    if (!(error instanceof Mistyped)) throw error;
    return { [error.field]: { type: 'read', message: error.message } };
  }
}

/**
 * A form that fills in a body of the contract: the browser says the same sentence at the same field as the server does,
 * and the server's own sentences come to their fields too.
 */
export function useBodyForm<T extends FieldValues, Answer>({
  body,
  start,
  read,
  send,
  onKept,
  draft,
}: BodyFormOptions<T, Answer>): BodyForm<T> {
  const { id: whose } = useMe();
  const [restored, setRestored] = useState(() => (draft === undefined ? undefined : readDraft(whose, draft, start)));
  const isField = (path: string | undefined): path is Path<T> =>
    path !== undefined && (path.split('.')[0] ?? '') in start;
  const resolver: Resolver<T> = async (typed) =>
    ({ values: typed, errors: await checked(body, typed, read) }) as Checked<T>;
  const fields = useForm<T>({ defaultValues: (restored ?? start) as DefaultValues<T>, resolver });
  const sent = useMutation({
    mutationFn: send,
    onSuccess: async (answer) => {
      if (draft !== undefined) forgetDraft(whose, draft);
      setRestored(undefined);
      await onKept(answer);
    },
    onError: (error) => {
      const path = pathOf(error);
      if (isField(path)) fields.setError(path, { message: sentenceOf(error) });
    },
  });
  useEffect(() => {
    if (draft === undefined) return;
    return fields.subscribe({
      formState: { values: true },
      callback: ({ values }) => {
        keepDraft(whose, draft, values);
      },
    });
  }, [draft, fields, whose]);
  // A rule of the contract may be about what has no field here.
  const elsewhere = Object.entries(fields.formState.errors).find(([field]) => !isField(field))?.[1]?.message;
  return {
    fields,
    submit: fields.handleSubmit((typed) => {
      sent.mutate(typed);
    }),
    isBusy: sent.isPending,
    error: typeof elsewhere === 'string' ? new Error(elsewhere) : isField(pathOf(sent.error)) ? null : sent.error,
    isRestored: restored !== undefined,
    forgive: sent.reset,
    beginAnew: () => {
      const before = fields.getValues();
      if (draft !== undefined) forgetDraft(whose, draft);
      setRestored(undefined);
      fields.reset(start);
      undoable('The form is empty again.', () => {
        fields.reset(before);
      });
    },
  };
}
