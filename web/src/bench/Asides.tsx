import type { NewNote, RunSheet } from '@bent-pail/contract';
import type { ReactElement } from 'react';
import { AddPhoto } from '../shared/photos/AddPhoto';
import { Photos } from '../shared/photos/Photos';
import { api } from '../shared/api';
import { once } from '../shared/once';
import { BodyForm } from '../shared/forms/BodyForm';
import { TextField } from '../shared/forms/fields';
import { useBodyForm } from '../shared/forms/useBodyForm';
import { clockTime, day } from '../kit/format';
import { queryClient } from '../shared/resources/client';
import { runQuery } from '../shared/resources/runs';
import { useSession } from '../shared/useSession';
import { Button } from '../kit/Button';

interface AsidesProps {
  readonly sheet: RunSheet;
  readonly mayWrite: boolean;
}

/** Free words and photos beside the numbers. */
export function Asides({ sheet, mayWrite }: AsidesProps): ReactElement | null {
  const { notebook } = useSession();
  if (!mayWrite && sheet.notes.length === 0 && sheet.photos.length === 0) return null;
  const when = (iso: string): string => `${day(iso, notebook.zone)}, ${clockTime(Date.parse(iso), notebook.zone)}`;
  return (
    <section className="border-t-[1.5px] border-zinc2 px-5 pt-2.5 pb-3.5" aria-label="Notes and photos">
      <h2 className="mb-1.5">Notes and photos</h2>
      {sheet.notes.map((note) => (
        <p key={note.id}>
          {note.text}{' '}
          <small className="text-ink2">
            {note.by}, {when(note.keptAt)}
          </small>
        </p>
      ))}
      <Photos photos={sheet.photos} address="/api/photos" />
      {mayWrite && (
        <div className="flex flex-wrap gap-6">
          <AddNote runId={sheet.id} />
          <AddPhoto
            address={`/runs/${sheet.id}/photos`}
            label="Photo (with a scale bar); what it shows"
            onKept={() => again(sheet.id)}
          />
        </div>
      )}
    </section>
  );
}

const again = (runId: string): Promise<void> => queryClient.invalidateQueries(runQuery(runId));

function AddNote({ runId }: { readonly runId: string }): ReactElement {
  const form = useBodyForm({
    body: 'NewNote',
    start: { text: '' },
    read: ({ text }): Omit<NewNote, 'id'> => ({ text: text.trim() }),
    send: (said) =>
      once(['note', runId, said], (id) => api.post<undefined>(`/runs/${runId}/notes`, { id: id(), ...said })),
    onKept: () => {
      form.fields.reset();
      return again(runId);
    },
  });
  return (
    <BodyForm form={form} label="Add a note" className="flex flex-1 flex-wrap items-end gap-3">
      <TextField name="text" label="A note" className="flex-1" placeholder="what the numbers do not say" />
      <Button type="submit" disabled={form.isBusy || form.fields.watch('text').trim() === ''}>
        Note it
      </Button>
    </BodyForm>
  );
}
