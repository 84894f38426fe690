import type { FileReport, Take } from '@bent-pail/contract';
import { useMutation } from '@tanstack/react-query';
import { useRef, useState, type ReactElement } from 'react';
import { v7 as uuidv7 } from 'uuid';
import { Button } from '../../kit/Button';
import { counted } from '../../kit/format';
import { Notice } from '../../kit/Notice';
import { Progress } from '../../kit/Progress';
import { Sorry } from '../../kit/Sorry';
import { api, sentenceOf } from '../../shared/api';
import { forgetAllButSession } from '../../shared/resources/client';
import { Conflicts } from './Conflicts';
import { Refusals } from './Refusals';
import { ReportTable } from './ReportTable';

/** A notebook's file, looked at before any of it is kept, then taken in whole. */
export function TakeIn(): ReactElement {
  const input = useRef<HTMLInputElement>(null);
  const sending = useRef(new AbortController());
  const [others, setOthers] = useState<Take>('ours');
  const [chosen, setChosen] = useState<ReadonlyMap<string, Take>>(new Map());
  const look = useMutation({
    mutationFn: (file: File) => {
      sending.current = new AbortController();
      setChosen(new Map());
      take.reset();
      return api.putFileFor<FileReport>(`/notebook-file/incoming/${uuidv7()}`, file, sending.current.signal);
    },
  });
  const take = useMutation({
    mutationFn: ({ id }: FileReport) =>
      api.post<FileReport>(`/notebook-file/incoming/${id}`, {
        others,
        chosen: [...chosen].map(([key, one]) => {
          const [kind = '', ...rest] = key.split(' ');
          return { kind, key: rest.join(' '), take: one };
        }),
      }),
    onSuccess: (report) => {
      if (!report.isDone) return;
      look.reset();
      forgetAllButSession();
    },
  });
  const report = look.data;
  return (
    <section aria-label="Take a file in" className="min-[1000px]:col-span-2">
      <h2>Take a file in</h2>
      <p>
        A notebook’s file, ZIP or JSON. It is only looked at first: what is new, the same, different or refused. Nothing
        is kept by half.
      </p>
      <input
        ref={input}
        type="file"
        accept=".json,.zip,application/json,application/zip"
        aria-label="File of a notebook"
        className="hidden"
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          if (file !== undefined) look.mutate(file);
          event.target.value = '';
        }}
      />
      <p className="my-2 flex flex-wrap items-center gap-3">
        {look.isPending ? (
          <Progress
            label="Looking at it"
            onStop={() => {
              sending.current.abort();
            }}
          />
        ) : (
          <Button
            look={report === undefined ? 'slab' : 'alt'}
            onClick={() => {
              input.current?.click();
            }}
          >
            {report === undefined ? 'Choose a file' : 'Choose another'}
          </Button>
        )}
      </p>
      {look.error !== null && look.error.name !== 'AbortError' && <Sorry>{sentenceOf(look.error)}</Sorry>}
      {take.data?.isDone === true && <Done report={take.data} />}
      {report !== undefined && (
        <div aria-live="polite">
          <ReportTable kinds={report.kinds} />
          {report.refusals.length > 0 && <Refusals rows={report.refusals} />}
          {report.conflicts.length > 0 && (
            <Conflicts
              rows={report.conflicts}
              others={others}
              onOthers={setOthers}
              chosen={chosen}
              onChoose={(key, one) => {
                setChosen(new Map([...chosen, [key, one]]));
              }}
            />
          )}
          <p className="my-3 flex flex-wrap items-center gap-3">
            <Button
              look="act"
              disabled={take.isPending}
              onClick={() => {
                take.mutate(report);
              }}
            >
              {take.isPending ? 'Taking it in' : 'Take it in'}
            </Button>
          </p>
          {take.error !== null && <Sorry>{sentenceOf(take.error)}</Sorry>}
          {take.data?.isDone === false && (
            <>
              <Sorry>Nothing was kept: some rows are refused. Mend them in the file, and choose it again.</Sorry>
              <Refusals rows={take.data.refusals} />
            </>
          )}
        </div>
      )}
    </section>
  );
}

function Done({ report }: { readonly report: FileReport }): ReactElement {
  const added = report.kinds.reduce((sum, one) => sum + one.added, 0);
  return (
    <Notice className="p-2" role="status">
      It is in: {counted(added, 'row was added', 'rows were added')}. Cards follow in a moment.
    </Notice>
  );
}
