import type { ExcuseRater, SittingPage } from '@bent-pail/contract';
import { useState, type ReactElement } from 'react';
import { Button } from '../../kit/Button';
import { api } from '../../shared/api';
import { BodyForm } from '../../shared/forms/BodyForm';
import { TextField } from '../../shared/forms/fields';
import { useBodyForm } from '../../shared/forms/useBodyForm';
import { keptSitting } from './keptSitting';

interface ExcuseProps {
  readonly sittingId: string;
  readonly raterId: string;
  readonly name: string;
}

/** Goes on without somebody who does not come, with the reason. */
export function Excuse(props: ExcuseProps): ReactElement {
  const [open, setOpen] = useState(false);
  if (open)
    return (
      <ExcuseForm
        {...props}
        onDone={() => {
          setOpen(false);
        }}
      />
    );
  return (
    <Button
      look="small"
      aria-label={`Go on without ${props.name}`}
      onClick={() => {
        setOpen(true);
      }}
    >
      Go on without
    </Button>
  );
}

function ExcuseForm({ sittingId, raterId, name, onDone }: ExcuseProps & { readonly onDone: () => void }): ReactElement {
  const form = useBodyForm({
    body: 'ExcuseRater',
    start: { reason: '' },
    read: ({ reason }): ExcuseRater => ({ reason }),
    send: (said) => api.post<SittingPage>(`/sittings/${sittingId}/raters/${raterId}/excused`, said),
    onKept: keptSitting,
  });
  return (
    <BodyForm form={form} label={`Go on without ${name}`} className="flex flex-col items-end gap-1 text-left">
      <TextField name="reason" label="Why" placeholder="has a cold" className="w-40" />
      <span className="flex gap-2">
        <Button look="small" type="submit" disabled={form.isBusy}>
          Close their sheets
        </Button>
        <Button look="tie" onClick={onDone}>
          Wait
        </Button>
      </span>
    </BodyForm>
  );
}
