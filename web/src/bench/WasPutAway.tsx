import type { RunSheet } from '@bent-pail/contract';
import { useMutation } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import { Button } from '../kit/Button';
import { day } from '../kit/format';
import { Sorry } from '../kit/Sorry';
import { sentenceOf } from '../shared/api';
import { useSession, useWorks } from '../shared/useSession';
import { bringBack } from './bringBack';
import { tookRun } from './finishing';

/** Says of a run that was put away since when and why, and brings it back. */
export function WasPutAway({ sheet }: { readonly sheet: RunSheet }): ReactElement | null {
  const works = useWorks();
  const { notebook } = useSession();
  const returned = useMutation({
    mutationFn: () => bringBack(sheet.id, sheet.archivedAt ?? ''),
    onSuccess: tookRun,
  });
  if (sheet.archivedAt === undefined) return null;
  const last = sheet.archivings.at(-1);
  return (
    <div className="flex flex-wrap items-center gap-x-4 border-b-[3px] border-ink bg-paper px-5 py-3">
      <p>
        <b>Put away on {day(sheet.archivedAt, notebook.zone)}.</b> {last?.by}: {last?.reason}. It counts nowhere; its
        readings stay with it.
      </p>
      {works && (
        <Button
          disabled={returned.isPending}
          onClick={() => {
            returned.mutate();
          }}
        >
          Bring it back
        </Button>
      )}
      {returned.error !== null && <Sorry>{sentenceOf(returned.error)}</Sorry>}
    </div>
  );
}
