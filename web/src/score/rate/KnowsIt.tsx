import type { KnowsSample, RaterSheet } from '@bent-pail/contract';
import { useState, type ReactElement } from 'react';
import { Button } from '../../kit/Button';
import { api } from '../../shared/api';
import { BodyForm } from '../../shared/forms/BodyForm';
import { TextField } from '../../shared/forms/fields';
import { useBodyForm } from '../../shared/forms/useBodyForm';
import { queryClient } from '../../shared/resources/client';
import { sheetQuery, sittingsKey } from '../../shared/resources/sittings';

/** A rater who knows what is in the cup says so: the marks count, and stand as not blind. */
export function KnowsIt({ sheet }: { readonly sheet: RaterSheet }): ReactElement {
  const [open, setOpen] = useState(false);
  if (sheet.knows !== undefined)
    return (
      <p className="px-3.5 py-2 text-small text-ink2">
        Marked as not blind: {sheet.knows}. Your marks count all the same, and say so.
      </p>
    );
  if (!open)
    return (
      <p className="px-3.5 py-1">
        <Button
          look="tie"
          className="min-h-11"
          onClick={() => {
            setOpen(true);
          }}
        >
          I know what this is
        </Button>
      </p>
    );
  return (
    <Form
      sheet={sheet}
      onDone={() => {
        setOpen(false);
      }}
    />
  );
}

function Form({ sheet, onDone }: { readonly sheet: RaterSheet; readonly onDone: () => void }): ReactElement {
  const form = useBodyForm({
    body: 'KnowsSample',
    start: { reason: '' },
    read: ({ reason }): KnowsSample => ({ reason }),
    send: (said) => api.post<RaterSheet>(`/sheets/${sheet.scorecardId}/known`, said),
    onKept: async (next) => {
      queryClient.setQueryData(sheetQuery(sheet.scorecardId).queryKey, next);
      await queryClient.invalidateQueries({ queryKey: sittingsKey });
      onDone();
    },
  });
  return (
    <BodyForm form={form} label="I know what this is" className="flex flex-col gap-2 px-3.5 py-3">
      <TextField name="reason" label="How do you know it?" placeholder="filled the cups" />
      <span className="flex gap-3">
        <Button type="submit" disabled={form.isBusy}>
          Mark me as not blind
        </Button>
        <Button look="tie" onClick={onDone}>
          Cancel
        </Button>
      </span>
    </BodyForm>
  );
}
