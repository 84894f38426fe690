import type { FillingRow } from '@bent-pail/contract';
import { useMutation } from '@tanstack/react-query';
import { useState, type ReactElement, type SubmitEvent } from 'react';
import { api, sentenceOf } from '../shared/api';
import { Field } from '../kit/Field';
import { fixed } from '../kit/format';
import { once } from '../shared/once';
import { queryClient } from '../shared/resources/client';
import { fillingsQuery, vesselsQuery } from '../shared/resources/vessels';
import { Button } from '../kit/Button';
import { Sorry } from '../kit/Sorry';
import { runsKey } from '../shared/resources/runs';

interface LeaveOutFillingProps {
  readonly vesselId: string;
  readonly filling: FillingRow;
  readonly onDone: () => void;
}

/** Takes a filling out of the mean, in sight, with a reason. */
export function LeaveOutFilling({ vesselId, filling, onDone }: LeaveOutFillingProps): ReactElement {
  const [reason, setReason] = useState('');
  const leaveOut = useMutation({
    mutationFn: () =>
      once(['leave out', filling.id, reason], (id) =>
        api.post<FillingRow[]>(`/vessels/${vesselId}/fillings/${filling.id}/exclusion`, { id: id(), reason }),
      ),
    onSuccess: async (fillings) => {
      queryClient.setQueryData(fillingsQuery(vesselId).queryKey, fillings);
      await queryClient.invalidateQueries({ queryKey: vesselsQuery.queryKey, exact: true });
      await queryClient.invalidateQueries({ queryKey: runsKey });
      onDone();
    },
  });
  return (
    <form
      className="mt-3 flex flex-wrap items-end gap-4"
      aria-label="Leave a filling out"
      onSubmit={(event: SubmitEvent) => {
        event.preventDefault();
        leaveOut.mutate();
      }}
    >
      <Field
        label={`Why ${fixed(filling.volume_mL, 1)} mL shall not count`}
        className="w-80"
        value={reason}
        onChange={setReason}
      />
      <Button type="submit" look="slab" disabled={leaveOut.isPending}>
        Leave it out
      </Button>
      <Button look="tie" className="min-h-11" onClick={onDone}>
        Cancel
      </Button>
      {leaveOut.error !== null && <Sorry className="basis-full">{sentenceOf(leaveOut.error)}</Sorry>}
    </form>
  );
}
