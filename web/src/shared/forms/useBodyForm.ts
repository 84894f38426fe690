import { useMutation } from '@tanstack/react-query';
import { useEffect, useRef, useState, type BaseSyntheticEvent } from 'react';
import {
  set,
  useForm,
  type DefaultValues,
  type FieldValues,
  type Path,
  type Resolver,
  type UseFormReturn,
} from 'react-hook-form';
import { ApiProblem, sentenceOf } from '../api';
import { useSession } from '../useSession';
import type { BodyName } from './check';
import { forgetDraft, keepDraft, readDraft } from './drafts';
import { Mistyped } from './Mistyped';
import { undoable } from '../../kit/toasts';

interface BodyFormOptions<T extends FieldValues, Body extends object, Answer> {
  /** The contract's body that the form fills in. */
  readonly body: BodyName;
  readonly start: T;
  /** What is sent of what was typed; a field that cannot be read is `Mistyped`. */
  readonly read: (typed: T) => Body;
  readonly send: (body: Body, typed: T) => Promise<Answer>;
  readonly onKept: (answer: Answer) => unknown;
  /** A name under which what is typed survives a reload. */
  readonly draft?: string;
}

export interface BodyForm<T extends FieldValues> {
  readonly fields: UseFormReturn<T>;
  readonly submit: (event?: BaseSyntheticEvent) => Promise<void>;
  readonly isBusy: boolean;
  /** What is wrong and belongs to none of the fields that are shown. */
  readonly sorry: string | undefined;
  /** What was typed before a reload is shown. */
  readonly isRestored: boolean;
  readonly beginAnew: () => void;
  /** What the server answered to the last try, wherever it is said. */
  readonly refusal: Error | null;
  /** What the server said of the last try is not said any more. */
  readonly forgive: () => void;
}

type Checked<T extends FieldValues> = Awaited<ReturnType<Resolver<T>>>;

interface Sentence {
  readonly path: string;
  readonly message: string;
}

/** Every sentence of what is wrong, however deep its field lies. */
function sentencesOf(errors: object, above = ''): Sentence[] {
  return Object.entries(errors).flatMap(([key, found]: [string, unknown]) => {
    if (typeof found !== 'object' || found === null || key === 'ref') return [];
    const path = `${above}${key}`;
    const message: unknown = 'message' in found ? found.message : undefined;
    return typeof message === 'string' ? [{ path, message }] : sentencesOf(found, `${path}.`);
  });
}

/** What the contract says of what was typed, or why a field of it cannot be read. */
async function checked<T extends FieldValues>(body: BodyName, typed: T, read: (typed: T) => object): Promise<object> {
  try {
    const { check } = await import('./check');
    return await check(body, read(typed));
  } catch (error) {
    if (!(error instanceof Mistyped)) throw error;
    const errors = {};
    set(errors, error.field, { type: 'read', message: error.message });
    return errors;
  }
}

/**
 * A form that fills in a body of the contract: the browser says the same sentence at the same field as the server does,
 * and the server's own sentences come to their fields too.
 */
export function useBodyForm<T extends FieldValues, Body extends object, Answer>({
  body,
  start,
  read,
  send,
  onKept,
  draft,
}: BodyFormOptions<T, Body, Answer>): BodyForm<T> {
  // Nobody is signed in at the door; nothing is kept there.
  const whose = useSession().me?.id ?? '';
  const [restored, setRestored] = useState(() => (draft === undefined ? undefined : readDraft(whose, draft, start)));
  const shown = useRef<readonly string[]>([]);
  const resolver: Resolver<T> = async (typed, _, { names = [] }) => {
    const errors = await checked(body, typed, read);
    shown.current = names;
    const elsewhere = sentencesOf(errors).find(({ path }) => !shown.current.includes(path));
    return {
      values: typed,
      errors: { ...errors, ...(elsewhere === undefined ? {} : { root: elsewhere }) },
    } as Checked<T>;
  };
  const fields = useForm<T>({ defaultValues: (restored ?? start) as DefaultValues<T>, resolver });
  const sent = useMutation({
    mutationFn: (typed: T) => send(read(typed), typed),
    onSuccess: async (answer) => {
      if (draft !== undefined) forgetDraft(whose, draft);
      setRestored(undefined);
      await onKept(answer);
    },
    onError: (error) => {
      const path = error instanceof ApiProblem ? error.problem.path : undefined;
      const at = path !== undefined && shown.current.includes(path) ? (path as Path<T>) : 'root';
      fields.setError(at, { message: sentenceOf(error) });
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
  return {
    fields,
    submit: fields.handleSubmit((typed) => {
      sent.mutate(typed);
    }),
    isBusy: sent.isPending,
    sorry: fields.formState.errors.root?.message,
    isRestored: restored !== undefined,
    refusal: sent.error,
    forgive: () => {
      sent.reset();
      fields.clearErrors('root');
    },
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
