import { useState, type ReactElement } from 'react';
import { useSession } from '../shared/useSession';
import { Button } from '../kit/Button';
import { Caution } from '../kit/Caution';

/**
 * What this browser cannot do here, because the address is not served securely: it goes on, one tab at a time, and says
 * what is missing and where it would be there.
 */
export function NotSecure(): ReactElement | null {
  const { networkAddress } = useSession();
  const [read, setRead] = useState(false);
  if (window.isSecureContext || read) return null;
  return (
    <aside aria-label="This address is not secure">
      <Caution>
        <p className="flex flex-1 flex-wrap items-center gap-x-4">
          <span>
            <b>This address is not secure.</b> Readings are kept in this browser and sent, from one tab at a time; but a
            reload while the bench computer is away loses the open sheet, and others on the network could read along.
          </span>
          {networkAddress !== undefined && <a href={networkAddress}>Open it at {networkAddress}</a>}
          <Button
            look="tie"
            className="ml-auto min-h-11"
            onClick={() => {
              setRead(true);
            }}
          >
            Go on here
          </Button>
        </p>
      </Caution>
    </aside>
  );
}
