import { useQueries, type UseQueryOptions } from '@tanstack/react-query';
import type { ReactElement, ReactNode } from 'react';
import { useSearchParams } from 'react-router';
import { Sorry } from '../kit/Sorry';
import { sentenceOf } from './api';
import { OnPaper } from './OnPaper';

/** Ids that an address names under a word, each once, in their order. */
export function useAskedIds(word: string): readonly string[] {
  const [params] = useSearchParams();
  return [...new Set((params.get(word) ?? '').split(',').filter((id) => id !== ''))];
}

interface ManyOnPaperProps<T> {
  readonly ids: readonly string[];
  readonly query: (id: string) => UseQueryOptions<T, Error, T, string[]>;
  readonly back: string;
  readonly backWords: string;
  /** What is printed, for those who do not see it. */
  readonly label: (found: readonly T[]) => string;
  readonly className?: string;
  readonly choices?: ReactNode;
  /** Each on its page, or as it is. */
  readonly each: (one: T, id: string) => ReactElement;
}

/** Several things as one print. */
export function ManyOnPaper<T>({
  ids,
  query,
  back,
  backWords,
  label,
  className,
  choices,
  each,
}: ManyOnPaperProps<T>): ReactElement {
  const queries = useQueries({ queries: ids.map((id) => query(id)) });
  const trouble = queries.find(({ error }) => error !== null)?.error ?? undefined;
  const found = queries.flatMap(({ data }) => (data === undefined ? [] : [data as T]));
  if (trouble !== undefined && found.length === 0) return <Sorry className="m-5">{sentenceOf(trouble)}</Sorry>;
  return (
    <OnPaper
      back={back}
      backWords={backWords}
      label={label(found)}
      {...(className === undefined ? {} : { className })}
      choices={choices}
    >
      {queries.map(({ data }, i) => (data === undefined ? null : each(data as T, ids[i] as string)))}
      {trouble !== undefined && <Sorry>{sentenceOf(trouble)}</Sorry>}
    </OnPaper>
  );
}

/** One of several prints, on a page of its own. */
export function OwnPage({ label, children }: { readonly label: string; readonly children: ReactNode }): ReactElement {
  return (
    <section className="own-page" aria-label={label}>
      {children}
    </section>
  );
}

/** One thing by its name, several by how many they are. */
export const onPaper = (names: readonly string[], several: string): string =>
  names.length === 1 ? `${names[0] ?? ''} on paper` : `${String(names.length)} ${several} on paper`;
