import type { LabRequestRow, LotRow } from '@bent-pail/contract';
import { readLabReport, type ReadReport } from '@bent-pail/core';
import { useMutation } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { useNavigate } from 'react-router';
import { sentenceOf } from '../shared/api';
import { LotChoice } from '../shared/lots/LotChoice';
import { queryClient } from '../shared/resources/client';
import { keepReport } from './keepReport';
import { Button } from '../kit/Button';
import { Sorry } from '../kit/Sorry';
import { LongField } from '../kit/LongField';
import { lotsKey } from '../shared/resources/lots';
import { todayKey } from '../shared/resources/today';
import { laboratoryKey } from '../shared/resources/laboratory';
import { counted } from '../kit/format';

interface ImportReportProps {
  readonly firstLot: LotRow | undefined;
  /** A report of the practice laboratory that was opened. */
  readonly request: LabRequestRow | undefined;
}

/** A report as text, read line by line in sight, and kept as a run. */
export function ImportReport({ firstLot, request }: ImportReportProps): ReactElement {
  const navigate = useNavigate();
  const [text, setText] = useState(request?.report ?? '');
  const [chosen, setChosen] = useState(firstLot);
  const lot = request?.lot.id ?? chosen?.id ?? '';
  const report = readLabReport(text);
  const keep = useMutation({
    mutationFn: () => keepReport({ lotId: lot, read: report.read, request }),
    onSuccess: async (run) => {
      await queryClient.invalidateQueries({ queryKey: lotsKey });
      await queryClient.invalidateQueries({ queryKey: todayKey });
      await queryClient.invalidateQueries({ queryKey: laboratoryKey });
      void navigate(`/bench/runs/${run.id}`);
    },
  });
  return (
    <section
      aria-label="Import a report"
      className="border-ink px-5 pt-3.5 pb-5 max-[900px]:border-t-[3px] min-[901px]:border-l min-[901px]:border-zinc3"
    >
      <h2>Import a report</h2>
      <p className="text-ink2">
        Paste what the laboratory sent: a line for each figure, name, number, unit. Nothing is converted; what is not
        plainly on the sheet stays out, and says why.
      </p>
      {request === undefined && (
        <div className="mt-3">
          <LotChoice label="Of which lot" chosen={chosen} onChoose={setChosen} />
        </div>
      )}
      <LongField
        label="The report"
        rows={8}

        value={text}
        placeholder={'Nitrate N;62;mg/L\nPotassium;180;mg/L'}
        onChange={setText}
        className="mt-2"
      />
      {text.trim() !== '' && <AsRead report={report} />}
      <Button
        look="act"
        className="mt-3"
        disabled={report.read.length === 0 || keep.isPending}
        onClick={() => {
          keep.mutate();
        }}
      >
        Keep {counted(report.read.length, 'figure', 'figures')} as a run
      </Button>
      {keep.error !== null && <Sorry>{sentenceOf(keep.error)}</Sorry>}
    </section>
  );
}

/** What was taken, and what was not with its reason. */
function AsRead({ report: { read, unread } }: { readonly report: ReadReport }): ReactElement {
  return (
    <div>
      {read.length > 0 && (
        <dl className="mt-2 grid grid-cols-[repeat(auto-fill,minmax(170px,1fr))] gap-x-4.5" aria-label="Taken">
          {read.map(({ step, value }) => (
            <div key={step.key}>
              <dt>{step.label}</dt>
              <dd className="figure">
                {value} <small>{step.unit}</small>
              </dd>
            </div>
          ))}
        </dl>
      )}
      {unread.length > 0 && (
        <ul aria-label="Not taken" className="mt-2.5 bg-caution-wash px-3 py-2">
          {unread.map(({ text, why }) => (
            <li key={text}>
              <b className="figure">{text}</b> {why}.
            </li>
          ))}
        </ul>
      )}
      {read.length === 0 && unread.length === 0 && (
        <Sorry quiet>No line with a name, a number and a unit was found in it.</Sorry>
      )}
    </div>
  );
}
