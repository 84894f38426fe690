import type { VesselRow } from '@bent-pail/contract';
import { useMutation } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import { Button } from '../kit/Button';
import { Sorry } from '../kit/Sorry';
import { api, sentenceOf } from '../shared/api';
import { BodyForm } from '../shared/forms/BodyForm';
import { TextField } from '../shared/forms/fields';
import { useBodyForm } from '../shared/forms/useBodyForm';
import { queryClient } from '../shared/resources/client';
import { vesselsQuery } from '../shared/resources/vessels';

const again = (): Promise<void> => queryClient.invalidateQueries({ queryKey: vesselsQuery.queryKey });

/** A vessel's name, changed; or the vessel put away and brought back. */
export function VesselName({ vessel }: { readonly vessel: VesselRow }): ReactElement {
  const form = useBodyForm({
    body: 'EditVessel',
    start: { name: vessel.name },
    read: ({ name }) => ({ name }),
    send: (said) => api.patch<VesselRow>(`/vessels/${vessel.id}`, said),
    onKept: again,
  });
  const away = useMutation({
    mutationFn: () => api.patch<VesselRow>(`/vessels/${vessel.id}`, { archived: vessel.archived !== true }),
    onSuccess: again,
  });
  return (
    <BodyForm form={form} label={`Name of ${vessel.name}`} className="flex flex-wrap items-end gap-4 pb-3">
      <TextField name="name" label="Name" className="w-56" />
      <Button type="submit" disabled={form.isBusy}>
        Rename
      </Button>
      <Button
        look="tie"
        className="min-h-11"
        disabled={away.isPending}
        onClick={() => {
          away.mutate();
        }}
      >
        {vessel.archived === true ? 'Bring it back' : 'Put it away'}
      </Button>
      {away.error !== null && <Sorry>{sentenceOf(away.error)}</Sorry>}
    </BodyForm>
  );
}
