import type { ArchiveRun, RunSheet } from '@bent-pail/contract';
import { useMutation } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { Button } from '../kit/Button';
import { Sorry } from '../kit/Sorry';
import { undoable } from '../kit/toasts';
import { api, sentenceOf } from '../shared/api';
import { ReasonForm } from '../shared/forms/ReasonForm';
import { once } from '../shared/once';
import { useWorks } from '../shared/useSession';
import { bringBack } from './bringBack';
import { tookRun } from './finishing';

const putAway = (runId: string, said: Pick<ArchiveRun, 'reason'>): Promise<RunSheet> =>
  once(['put away', runId, said], (id) => api.post<RunSheet>(`/runs/${runId}/archive`, { id: id(), ...said }));

interface PutAwayProps {
  readonly sheet: RunSheet;
  /** Nothing was read yet: no reason is asked for. */
  readonly isEmpty: boolean;
}

/** Takes a run off the bench that was opened or made by mistake: it counts nowhere and can come back. */
export function PutAway({ sheet, isEmpty }: PutAwayProps): ReactElement | null {
  const works = useWorks();
  const [asked, setAsked] = useState(false);
  const [trouble, setTrouble] = useState<unknown>();
  const took = async (next: RunSheet): Promise<void> => {
    undoable(`Run ${String(next.number)} is put away.`, () => {
      bringBack(next.id, next.archivedAt ?? '')
        .then(tookRun)
        .catch(setTrouble);
    });
    await tookRun(next);
  };
  const discard = useMutation({
    mutationFn: () => putAway(sheet.id, { reason: 'nothing was read on it' }),
    onSuccess: took,
  });
  if (!works || sheet.archivedAt !== undefined) return null;
  if (!asked)
    return (
      <>
        <Button
          look="tie"
          disabled={discard.isPending}
          onClick={() => {
            if (isEmpty) discard.mutate();
            else setAsked(true);
          }}
        >
          {isEmpty ? 'Discard this sheet' : 'It was a mistake'}
        </Button>
        {discard.error !== null && <Sorry>{sentenceOf(discard.error)}</Sorry>}
        {trouble !== undefined && <Sorry>{sentenceOf(trouble)}</Sorry>}
      </>
    );
  return (
    <ReasonForm
      body="ArchiveRun"
      label="Put the run away"
      ask="What was wrong with it"
      act="Put it away; it counts nowhere any more"
      look="alt"
      className="order-last basis-full pt-2"
      send={(said) => putAway(sheet.id, said)}
      onKept={took}
    >
      <Button
        look="tie"
        className="min-h-11"
        onClick={() => {
          setAsked(false);
        }}
      >
        Cancel
      </Button>
    </ReasonForm>
  );
}
