import type { LabRequestRow, LotRow, NewLabRequest } from '@bent-pail/contract';
import { LAB_DELAYS_min } from '@bent-pail/contract/choices';
import { useMutation } from '@tanstack/react-query';
import { useState, type ReactElement, type SubmitEvent } from 'react';
import { api, sentenceOf } from '../shared/api';
import { once } from '../shared/once';
import { Choice } from '../kit/Choice';
import { LotChoice } from '../shared/lots/LotChoice';
import { queryClient } from '../shared/resources/client';
import { Button } from '../kit/Button';
import { Sorry } from '../kit/Sorry';
import { todayKey } from '../shared/resources/today';
import { laboratoryKey } from '../shared/resources/laboratory';

const [A_MINUTE, A_DAY, FIVE_DAYS] = LAB_DELAYS_min;
const DELAYS = [
  { key: String(A_MINUTE), words: 'a minute, for a lesson' },
  { key: String(A_DAY), words: 'a day' },
  { key: String(FIVE_DAYS), words: 'five days, as a real one would' },
];

/** Sends a sample to the practice laboratory. */
export function AskLaboratory({ firstLot }: { readonly firstLot: LotRow | undefined }): ReactElement {
  const [lot, setLot] = useState(firstLot);
  const [delay, setDelay] = useState(String(A_DAY));
  const ask = useMutation({
    mutationFn: () => {
      const said: Omit<NewLabRequest, 'id'> = { lotId: lot?.id ?? '', delay_min: Number(delay) };
      return once(['laboratory', said], (id) => api.post<LabRequestRow>('/laboratory', { id: id(), ...said }));
    },
    onSuccess: async () => {
      await queryClient.invalidateQueries({ queryKey: laboratoryKey });
      await queryClient.invalidateQueries({ queryKey: todayKey });
    },
  });
  return (
    <form
      className="mt-2 flex flex-wrap items-end gap-x-3.5 gap-y-2"
      aria-label="Send a sample"
      onSubmit={(event: SubmitEvent) => {
        event.preventDefault();
        ask.mutate();
      }}
    >
      <LotChoice label="A sample of" chosen={lot} onChoose={setLot} />
      <Choice label="It takes" value={delay} options={DELAYS} onChange={setDelay} />
      <Button type="submit" disabled={lot === undefined || ask.isPending}>
        Send it
      </Button>
      {ask.error !== null && <Sorry>{sentenceOf(ask.error)}</Sorry>}
    </form>
  );
}
