import type { LabRequestRow, LotRow, NewLabRequest } from '@bent-pail/contract';
import { LAB_DELAYS_min } from '@bent-pail/contract/choices';
import { useState, type ReactElement } from 'react';
import { api } from '../shared/api';
import { once } from '../shared/once';
import { BodyForm } from '../shared/forms/BodyForm';
import { ChoiceField } from '../shared/forms/fields';
import { useBodyForm } from '../shared/forms/useBodyForm';
import { LotChoice } from '../shared/lots/LotChoice';
import { queryClient } from '../shared/resources/client';
import { Button } from '../kit/Button';
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
  const form = useBodyForm({
    body: 'NewLabRequest',
    start: { delay_min: String(A_DAY) },
    read: ({ delay_min }): Omit<NewLabRequest, 'id'> => ({ lotId: lot?.id ?? '', delay_min: Number(delay_min) }),
    send: (said) => once(['laboratory', said], (id) => api.post<LabRequestRow>('/laboratory', { id: id(), ...said })),
    onKept: async () => {
      await queryClient.invalidateQueries({ queryKey: laboratoryKey });
      await queryClient.invalidateQueries({ queryKey: todayKey });
    },
  });
  return (
    <BodyForm form={form} label="Send a sample" className="mt-2 flex flex-wrap items-end gap-x-3.5 gap-y-2">
      <LotChoice label="A sample of" chosen={lot} onChoose={setLot} />
      <ChoiceField name="delay_min" label="It takes" options={DELAYS} />
      <Button type="submit" disabled={lot === undefined || form.isBusy}>
        Send it
      </Button>
    </BodyForm>
  );
}
