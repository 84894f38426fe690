import type { UseInfiniteQueryResult, UseQueryResult } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import { ApiProblem, sentenceOf } from './api';
import { NotThere } from './NotThere';
import { Button } from '../kit/Button';
import { Moment } from '../kit/Moment';

interface AwaitProps<T> {
  readonly query: UseQueryResult<T> | UseInfiniteQueryResult<T>;
  readonly children: (data: T) => ReactElement;
}

const GONE = 404;

/** Waits for what a view shows; trouble is one sentence with a way to try again, or on from what is not there. */
export function Await<T>({ query, children }: AwaitProps<T>): ReactElement {
  if (query.data !== undefined) return children(query.data);
  if (query.error !== null) {
    // An old link, or another's tab: asking again would not bring it back.
    if (query.error instanceof ApiProblem && query.error.status === GONE)
      return <NotThere says={sentenceOf(query.error)} />;
    return (
      <div className="flex flex-col items-start gap-3 p-5" role="alert">
        <p className="text-head font-semibold">{sentenceOf(query.error)}</p>
        <Button onClick={() => void query.refetch()}>Try again</Button>
      </div>
    );
  }
  return <Moment />;
}
