import type { ClassPage } from '@bent-pail/contract';
import type { ReactElement } from 'react';
import { clockTime } from '../kit/format';
import { Qr } from '../shared/Qr';
import { useSession } from '../shared/useSession';

interface ClassCodeProps {
  readonly page: ClassPage;
  readonly size: number;
}

/** What a phone needs to come in: the code as a picture, and as six letters to type at the address below. */
export function ClassCode({ page: { code, endsAt }, size }: ClassCodeProps): ReactElement | null {
  const { networkAddress, notebook } = useSession();
  if (code === undefined) return null;
  const address = (networkAddress ?? window.location.origin).replace(/^https?:\/\//, '');
  return (
    <div className="flex max-w-full flex-col items-start gap-2">
      <Qr page={`/join/${code}`} size={size} />
      <p className="text-small">
        or at{' '}
        <b className="figure" translate="no">
          {address}/join
        </b>{' '}
        type
      </p>
      <p className="figure text-key leading-none font-medium tracking-wider" translate="no" data-class-code={code}>
        {code}
      </p>
      <p className="text-small text-ink2">until {clockTime(Date.parse(endsAt), notebook.zone)}</p>
    </div>
  );
}
