import type { LabRequestRow, LotRow } from '@bent-pail/contract';
import { parseNumber, readLabReport } from '@bent-pail/core';
import { useMutation, useQuery } from '@tanstack/react-query';
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
import { counted, fixed } from '../kit/format';
import { Choice } from '../kit/Choice';
import { Field } from '../kit/Field';
import { lotQuery } from '../shared/resources/lots';
import { AsRead, type Settled } from './AsRead';

const NOTHING_SAID: Settled = { sample: 0, forms: {}, unconverted: [] };

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
  const card = useQuery({ ...lotQuery(lot), enabled: lot !== '' }).data?.card;
  const measured = card?.figures.find(({ property }) => property === 'bulkDensity_gcc')?.summary.mean;
  const [typedDensity, setTypedDensity] = useState('');
  const [settled, setSettled] = useState<Settled>(NOTHING_SAID);
  const typed = parseNumber(typedDensity);
  const density_kgL = typed.kind === 'number' && typed.value > 0 ? typed.value : measured;
  const report = readLabReport(text, { ...settled, density_kgL });
  const keep = useMutation({
    mutationFn: () => keepReport({ lotId: lot, report, request }),
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
        Paste what the laboratory sent: a line for each figure, or several samples in columns. Oxides and other units
        are converted in sight; what could mean two things is asked about.
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
      {report.samples.length > 1 && (
        <Choice
          label="Which of its samples"
          value={String(settled.sample)}
          options={report.samples.map((words, i) => ({ key: String(i), words }))}
          onChange={(i) => {
            setSettled({ ...settled, sample: Number(i) });
          }}
          className="mt-2"
        />
      )}
      {/kg|100 ?g|%|\/g\b/i.test(text) && (
        <Field
          label={
            measured === undefined
              ? 'Dry bulk density of the lot, kg/L: it has none of its own yet'
              : `Dry bulk density, kg/L; measured here it is ${fixed(measured, 3)}`
          }
          mode="decimal"
          value={typedDensity}
          onChange={setTypedDensity}
          className="mt-2"
        />
      )}
      {text.trim() !== '' && <AsRead report={report} settled={settled} onSettled={setSettled} />}
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
