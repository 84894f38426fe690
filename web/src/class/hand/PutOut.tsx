import type { TrainingPage, TrainingSample } from '@bent-pail/contract';
import { useMutation } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import { Button } from '../../kit/Button';
import { Rows } from '../../kit/Rows';
import { Sorry } from '../../kit/Sorry';
import { api, sentenceOf } from '../../shared/api';
import { LotChoice } from '../../shared/lots/LotChoice';
import { once } from '../../shared/once';
import { queryClient } from '../../shared/resources/client';
import { trainingQuery } from '../../shared/resources/classes';

const MEASURED = { state: 'measured' } as const;

/** Puts measured lots out under a code, and takes them away again. */
export function PutOut({ samples }: { readonly samples: readonly TrainingSample[] }): ReactElement {
  const onSuccess = (page: TrainingPage): void => {
    queryClient.setQueryData(trainingQuery.queryKey, page);
  };
  const put = useMutation({
    mutationFn: (lotId: string) =>
      once(['training', lotId, samples.length], (id) =>
        api.post<TrainingPage>('/training/samples', { id: id(), lotId }),
      ),
    onSuccess,
  });
  const away = useMutation({
    mutationFn: (id: string) => api.post<TrainingPage>(`/training/samples/${id}/away`),
    onSuccess,
  });
  const error = put.error ?? away.error;
  return (
    <details className="border-t border-zinc3">
      <summary className="min-h-11 cursor-pointer py-2.5 font-semibold">
        What stands out, and what is behind the codes
      </summary>
      <div className="flex flex-wrap items-end gap-4 py-2">
        <LotChoice
          label="Put a measured lot out"
          chosen={undefined}
          among={MEASURED}
          onChoose={({ id }) => {
            put.mutate(id);
          }}
        />
      </div>
      {error !== null && <Sorry>{sentenceOf(error)}</Sorry>}
      {samples.length > 0 && (
        <Rows className="text-body">
          <tbody>
            {samples.map(({ id, code, lot }) => (
              <tr key={id}>
                <th scope="row" className="figure w-16 text-lead">
                  {code}
                </th>
                <td className="text-left">{lot}</td>
                <td>
                  <Button
                    look="small"
                    aria-label={`Take ${code} away`}
                    onClick={() => {
                      away.mutate(id);
                    }}
                  >
                    Take it away
                  </Button>
                </td>
              </tr>
            ))}
          </tbody>
        </Rows>
      )}
    </details>
  );
}
