import type { FileReport } from '@bent-pail/contract';
import { useMutation } from '@tanstack/react-query';
import { useRef, type ReactElement } from 'react';
import { v7 as uuidv7 } from 'uuid';
import { Sorry } from '../../kit/Sorry';
import { api, sentenceOf } from '../../shared/api';
import { forgetAllButSession } from '../../shared/resources/client';
import { ChooseFile } from './ChooseFile';
import { Done, Looked } from './Looked';
import { useTakes } from './useTakeIn';

/** A notebook's file, looked at before any of it is kept, then taken in whole. */
export function TakeIn(): ReactElement {
  const sending = useRef(new AbortController());
  const takes = useTakes();
  const take = useMutation({
    mutationFn: ({ id }: FileReport) => api.post<FileReport>(`/notebook-file/incoming/${id}`, takes.said),
    onSuccess: (report) => {
      if (!report.isDone) return;
      look.reset();
      forgetAllButSession();
    },
  });
  const look = useMutation({
    mutationFn: (file: File) => {
      sending.current = new AbortController();
      takes.forget();
      take.reset();
      return api.putFileFor<FileReport>(`/notebook-file/incoming/${uuidv7()}`, file, sending.current.signal);
    },
  });
  const report = look.data;
  return (
    <section aria-label="Take a notebook in">
      <h2>Take a notebook in</h2>
      <p>
        A notebook’s file, ZIP or JSON. It is only looked at first: what is new, the same, different or refused. Nothing
        is kept by half.
      </p>
      <p className="my-2">
        <ChooseFile
          label="File of a notebook"
          accept=".json,.zip,application/json,application/zip"
          hasOne={report !== undefined}
          isBusy={look.isPending}
          onFile={look.mutate}
          onStop={() => {
            sending.current.abort();
          }}
        />
      </p>
      {look.error !== null && look.error.name !== 'AbortError' && <Sorry>{sentenceOf(look.error)}</Sorry>}
      {take.data?.isDone === true && <Done report={take.data} />}
      {report !== undefined && (
        <Looked
          report={report}
          takes={takes}
          isBusy={take.isPending}
          onTake={() => {
            take.mutate(report);
          }}
          refused={take.data?.isDone === false ? take.data : undefined}
          error={take.error}
        />
      )}
    </section>
  );
}
