import type { ReactElement } from 'react';
import { sentenceOf } from '../api';
import { useLarder, type Larder } from './useLarder';
import { Moment } from '../../kit/Moment';

interface AwaitLarderProps {
  readonly named: Parameters<typeof useLarder>[0];
  readonly children: (larder: Larder) => ReactElement;
}

/** Waits for what predictions are made from. */
export function AwaitLarder({ named, children }: AwaitLarderProps): ReactElement {
  const { larder, error } = useLarder(named);
  if (larder !== undefined) return children(larder);
  if (error !== null)
    return (
      <p className="p-5 text-head font-semibold" role="alert">
        {sentenceOf(error)}
      </p>
    );
  return <Moment />;
}
