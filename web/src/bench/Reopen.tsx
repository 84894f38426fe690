import type { RunSheet } from '@bent-pail/contract';
import { useState, type ReactElement } from 'react';
import { api } from '../shared/api';
import { ReasonForm } from '../shared/forms/ReasonForm';
import { once } from '../shared/once';
import { useWorks } from '../shared/useSession';
import { Button } from '../kit/Button';
import { tookRun } from './finishing';

/** Opens a finished run again, with its reason; folded until somebody asks. */
export function Reopen({ sheet }: { readonly sheet: RunSheet }): ReactElement | null {
  const works = useWorks();
  const [asked, setAsked] = useState(false);
  if (!works || sheet.finishedAt === undefined) return null;
  if (!asked)
    return (
      <Button
        look="tie"
        onClick={() => {
          setAsked(true);
        }}
      >
        Open it again
      </Button>
    );
  return (
    <ReasonForm
      body="ReopenRun"
      label="Open the run again"
      ask="Why it is opened again"
      act="Open it; it counts nowhere until it is finished anew"
      look="alt"
      className="order-last basis-full pt-2"
      send={(said) =>
        once(['reopen', sheet.id, said], (id) => api.post<RunSheet>(`/runs/${sheet.id}/reopen`, { id: id(), ...said }))
      }
      onKept={async (next) => {
        setAsked(false);
        await tookRun(next);
      }}
    />
  );
}
