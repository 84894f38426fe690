import type { NewNote, RunSheet } from '@bent-pail/contract';
import { PHOTO_LIMIT } from '@bent-pail/contract/choices';
import { useMutation } from '@tanstack/react-query';
import { useRef, useState, type ReactElement } from 'react';
import { v7 as uuidv7 } from 'uuid';
import { api, sentenceOf } from '../shared/api';
import { once } from '../shared/once';
import { Field } from '../kit/Field';
import { BodyForm } from '../shared/forms/BodyForm';
import { TextField } from '../shared/forms/fields';
import { useBodyForm } from '../shared/forms/useBodyForm';
import { clockTime, day } from '../kit/format';
import { queryClient } from '../shared/resources/client';
import { runQuery } from '../shared/resources/runs';
import { useSession } from '../shared/useSession';
import { Button } from '../kit/Button';
import { Progress } from '../kit/Progress';
import { Sorry } from '../kit/Sorry';

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
      <div className="my-2 flex flex-wrap gap-3.5">
        {sheet.photos.map((photo) => (
          <figure key={photo.id} className="w-45 text-small">
            <a href={`/api/photos/${photo.id}`} target="_blank" rel="noreferrer">
              <img
                src={`/api/photos/${photo.id}`}
                alt={photo.caption === '' ? 'Photo' : photo.caption}
                loading="lazy"
                className="h-30 w-45 border-[1.5px] border-ink object-cover"
              />
            </a>
            <figcaption>
              {photo.caption}{' '}
              <small className="text-ink2">
                {photo.by}, {when(photo.keptAt)}
              </small>
            </figcaption>
          </figure>
        ))}
      </div>
      {mayWrite && (
        <div className="flex flex-wrap gap-6">
          <AddNote runId={sheet.id} />
          <AddPhoto runId={sheet.id} />
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

function AddPhoto({ runId }: { readonly runId: string }): ReactElement {
  const [caption, setCaption] = useState('');
  const input = useRef<HTMLInputElement>(null);
  const sending = useRef(new AbortController());
  const add = useMutation({
    mutationFn: async (file: File) => {
      if (file.size > PHOTO_LIMIT) throw new Error('This photo is over 12 MB; take it smaller.');
      sending.current = new AbortController();
      const address = `/runs/${runId}/photos/${uuidv7()}?caption=${encodeURIComponent(caption.trim())}`;
      await api.putFile(address, file, sending.current.signal);
    },
    onSuccess: async () => {
      setCaption('');
      await again(runId);
    },
  });
  return (
    <div className="flex flex-1 flex-wrap items-end gap-3">
      <Field
        label="A photo, with a scale bar in it; it shows"
        value={caption}
        onChange={setCaption}
        className="flex-1"
      />
      <input
        ref={input}
        type="file"
        accept="image/jpeg,image/png,image/webp"
        aria-label="Photo"
        className="hidden"
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          if (file !== undefined) add.mutate(file);
          event.target.value = '';
        }}
      />
      {add.isPending ? (
        <Progress
          label="Sending it"
          onStop={() => {
            sending.current.abort();
          }}
        />
      ) : (
        <Button
          onClick={() => {
            input.current?.click();
          }}
        >
          Take or choose
        </Button>
      )}
      {add.error !== null && add.error.name !== 'AbortError' && (
        <Sorry className="basis-full">{sentenceOf(add.error)}</Sorry>
      )}
    </div>
  );
}
