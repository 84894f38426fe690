import type { NewReading, RunSheet } from '@bent-pail/contract';
import { replicateName } from '@bent-pail/core';
import { useMutation } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import { Button } from '../kit/Button';
import { Sorry } from '../kit/Sorry';
import { api, sentenceOf } from '../shared/api';
import { once } from '../shared/once';
import { queryClient } from '../shared/resources/client';
import { runQuery } from '../shared/resources/runs';
import { useServerNow } from '../shared/serverClock';
import { useSession } from '../shared/useSession';
import { mySign, told } from '../shared/units/mine';
import type { CellAt } from './cursor';
import { shownReading } from './shownReading';

/** So long the way back is offered, ms. */
const OFFERED_MS = 60000;
const LOOKS_EVERY_MS = 5000;

interface TakeBackProps {
  readonly sheet: RunSheet;
  /** What was kept last on this page. */
  readonly last: NewReading | undefined;
  readonly onTaken: (cell: CellAt) => void;
}

/** The way back for a minute after a reading was kept: its cell is empty again. */
export function TakeBack({ sheet, last, onTaken }: TakeBackProps): ReactElement | null {
  const { notebook } = useSession();
  const now = useServerNow(LOOKS_EVERY_MS);
  const taking = useMutation({
    mutationFn: (reading: string) =>
      once(['take back', reading], (id) => api.post<RunSheet>(`/runs/${sheet.id}/taken-back`, { id: id(), reading })),
    onSuccess: (next) => {
      queryClient.setQueryData(runQuery(sheet.id).queryKey, next);
      if (last !== undefined) onTaken({ replicate: last.replicate, step: last.step });
    },
  });
  // A reading that still waits in this browser is nobody's to take back yet.
  const kept = sheet.readings.find(({ id }) => id === last?.id);
  const step = sheet.protocol.steps.find(({ key }) => key === kept?.step);
  if (kept === undefined || step === undefined || now - Date.parse(kept.keptAt) > OFFERED_MS) return null;
  const unit = step.kind === 'time' || kept.mVTemp_C !== undefined ? '' : ` ${mySign(step.unit)}`;
  return (
    <div className="text-small">
      <Button
        look="tie"
        className="min-h-11"
        disabled={taking.isPending}
        onClick={() => {
          taking.mutate(kept.id);
        }}
      >
        Take back {shownReading(kept, step, notebook.zone)}
        {unit}
      </Button>{' '}
      <span className="text-ink2">
        {replicateName(kept.replicate)}, {told(step.label)}
      </span>
      {taking.error !== null && <Sorry>{sentenceOf(taking.error)}</Sorry>}
    </div>
  );
}
