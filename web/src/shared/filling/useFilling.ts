import type { NewFilling, VesselRow } from '@bent-pail/contract';
import { useMutation, type UseMutationResult } from '@tanstack/react-query';
import { api, ApiProblem } from '../api';
import { once } from '../once';
import { queryClient } from '../resources/client';
import { vesselsQuery } from '../resources/vessels';
import { runsKey } from '../resources/runs';

type Said = Omit<NewFilling, 'id'>;

/** Sends a filling of a vessel; whatever stands on its volume is asked for again. */
export function useFilling(
  vesselId: string,
  onKept: () => void = () => undefined,
): UseMutationResult<VesselRow, Error, Said> {
  return useMutation({
    mutationFn: (said: Said) =>
      once(['filling', vesselId, said], (id) =>
        api.post<VesselRow>(`/vessels/${vesselId}/fillings`, { id: id(), ...said }),
      ),
    onSuccess: async () => {
      await queryClient.invalidateQueries({ queryKey: vesselsQuery.queryKey });
      await queryClient.invalidateQueries({ queryKey: runsKey });
      onKept();
    },
  });
}

/** Whether the server only asks to look again: the filling lies far from what is known of the vessel. */
export const isQuestion = (error: unknown): boolean => error instanceof ApiProblem && error.problem.code === 'ask';
