import type { FillingRow } from '@bent-pail/contract';
import type { ReactElement } from 'react';
import { amount } from '../shared/units/mine';
import { api } from '../shared/api';
import { ReasonForm } from '../shared/forms/ReasonForm';
import { once } from '../shared/once';
import { queryClient } from '../shared/resources/client';
import { fillingsQuery, vesselsQuery } from '../shared/resources/vessels';
import { Button } from '../kit/Button';
import { runsKey } from '../shared/resources/runs';

interface LeaveOutFillingProps {
  readonly vesselId: string;
  readonly filling: FillingRow;
  readonly onDone: () => void;
}

/** Takes a filling out of the mean, in sight, with a reason. */
export function LeaveOutFilling({ vesselId, filling, onDone }: LeaveOutFillingProps): ReactElement {
  return (
    <ReasonForm
      body="FillingExclusion"
      label="Leave a filling out"
      ask={`Why ${amount(filling.volume_mL, 'mL', 1)} shall not count`}
      act="Leave it out"
      className="mt-3"
      send={(said) =>
        once(['leave out', filling.id, said], (id) =>
          api.post<FillingRow[]>(`/vessels/${vesselId}/fillings/${filling.id}/exclusion`, { id: id(), ...said }),
        )
      }
      onKept={async (fillings) => {
        queryClient.setQueryData(fillingsQuery(vesselId).queryKey, fillings);
        await queryClient.invalidateQueries({ queryKey: vesselsQuery.queryKey, exact: true });
        await queryClient.invalidateQueries({ queryKey: runsKey });
        onDone();
      }}
    >
      <Button look="tie" className="min-h-11" onClick={onDone}>
        Cancel
      </Button>
    </ReasonForm>
  );
}
