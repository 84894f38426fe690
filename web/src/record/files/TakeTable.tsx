import type { TableReport } from '@bent-pail/contract';
import { TABLE_KINDS, type TableKindKey } from '@bent-pail/core';
import { useMutation } from '@tanstack/react-query';
import { useRef, useState, type ReactElement } from 'react';
import { v7 as uuidv7 } from 'uuid';
import { Choice } from '../../kit/Choice';
import { Sorry } from '../../kit/Sorry';
import { api, sentenceOf } from '../../shared/api';
import { forgetAllButSession } from '../../shared/resources/client';
import { ChooseFile } from './ChooseFile';
import { ColumnsSaid } from './ColumnsSaid';
import { Done, Looked } from './Looked';
import { NewNames } from './NewNames';
import { useTakes } from './useTakeIn';

const KIND_OPTIONS = TABLE_KINDS.map(({ key, words }) => ({ key, words }));

/** A spreadsheet's table, its columns named, looked at before any of it is kept. */
export function TakeTable(): ReactElement {
  const sending = useRef(new AbortController());
  const takes = useTakes();
  const [kind, setKind] = useState<TableKindKey>('lots');
  const [report, setReport] = useState<TableReport>();
  const seen = (next: TableReport): void => {
    takes.forget();
    take.reset();
    setReport(next);
  };
  const take = useMutation({
    mutationFn: ({ id, table, mapping }: TableReport) =>
      api.post<TableReport>(`/table-files/incoming/${id}`, { kind: table, mapping, ...takes.said }),
    onSuccess: ({ isDone }) => {
      if (!isDone) return;
      setReport(undefined);
      forgetAllButSession();
    },
  });
  const look = useMutation({
    mutationFn: (file: File) => {
      sending.current = new AbortController();
      const address = `/table-files/incoming/${uuidv7()}?kind=${kind}`;
      return api.putFileFor<TableReport>(address, file, sending.current.signal);
    },
    onSuccess: seen,
  });
  const map = useMutation({
    mutationFn: ({ id, table, mapping }: Pick<TableReport, 'id' | 'table' | 'mapping'>) =>
      api.post<TableReport>(`/table-files/incoming/${id}/mapping`, { kind: table, mapping }),
    onSuccess: seen,
  });
  const error = look.error ?? map.error;
  return (
    <section aria-label="Take a table in">
      <h2>Take a table in</h2>
      <p>
        CSV or XLSX, as your spreadsheet writes it: decimal commas, your own days, titles above. Which column is what is
        guessed; put it right, and it is known the next time.
      </p>
      <div className="my-2 flex flex-wrap items-end gap-3">
        <Choice
          label="A table of"
          value={kind}
          options={KIND_OPTIONS}
          onChange={(next) => {
            setKind(next);
            setReport(undefined);
          }}
          className="w-52"
        />
        <ChooseFile
          label="File of a table"
          accept=".csv,.tsv,.txt,.xlsx,text/csv"
          hasOne={report !== undefined}
          isBusy={look.isPending}
          onFile={look.mutate}
          onStop={() => {
            sending.current.abort();
          }}
        />
      </div>
      {error !== null && error.name !== 'AbortError' && <Sorry>{sentenceOf(error)}</Sorry>}
      {take.data?.isDone === true && <Done report={take.data} />}
      {report !== undefined && (
        <>
          <ColumnsSaid
            report={report}
            isBusy={map.isPending}
            onMapping={(mapping) => {
              map.mutate({ ...report, mapping });
            }}
          />
          <NewNames named={report.named} />
          <Looked
            report={report}
            takes={takes}
            isBusy={take.isPending || map.isPending}
            onTake={() => {
              take.mutate(report);
            }}
            refused={take.data?.isDone === false ? take.data : undefined}
            error={take.error}
          />
        </>
      )}
    </section>
  );
}
