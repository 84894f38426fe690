import type { NewReading } from '@bent-pail/contract';
import { replicateName, type RunRecord } from '@bent-pail/core';
import { useMemo, useState, type ReactElement } from 'react';
import { Button } from '../kit/Button';
import { Dialog, DialogClose } from '../kit/Dialog';
import { counted } from '../kit/format';
import { OneOf } from '../kit/OneOf';
import { Rows } from '../kit/Rows';
import { serverNow } from '../shared/serverClock';
import { useSession } from '../shared/useSession';
import { told } from '../shared/units/mine';
import type { CellAt } from './cursor';
import { pasteBlock } from './pasteBlock';
import { shownReading } from './shownReading';

const WAYS = [
  { key: 'down', words: 'down the steps' },
  { key: 'across', words: 'across the replicates' },
] as const;

interface PastePreviewProps {
  readonly record: RunRecord;
  readonly at: CellAt;
  readonly block: readonly (readonly string[])[];
  readonly onKeep: (readings: readonly NewReading[]) => void;
  readonly onLeave: () => void;
}

/** What was pasted from a spreadsheet, cell by cell, before any of it is kept. */
export function PastePreview({ record, at, block, onKeep, onLeave }: PastePreviewProps): ReactElement {
  const { notebook } = useSession();
  const [way, setWay] = useState<'down' | 'across'>('down');
  const pasted = useMemo(
    () => pasteBlock({ record, at, block, turned: way === 'across', zone: notebook.zone, now: serverNow() }),
    [record, at, block, way, notebook.zone],
  );
  const readings = pasted.flatMap(({ reading }) => reading ?? []);
  const { steps } = record.protocol;
  return (
    <Dialog
      wide
      title="From a spreadsheet"
      line="Nothing is kept yet. What the sheet has already stays as it is."
      open
      onOpenChange={onLeave}
    >
      <OneOf label="Its lines run" value={way} options={WAYS} onChange={setWay} />
      <Rows>
        <thead>
          <tr>
            <th scope="col">Cell</th>
            <th scope="col">pasted</th>
            <th scope="col" className="pl-6 text-left">
              is read as
            </th>
          </tr>
        </thead>
        <tbody>
          {pasted.map(({ replicate, step: key, text, reading, sentence }, i) => {
            const step = steps.find((one) => one.key === key);
            return (
              <tr key={`${String(i)}${text}`}>
                <th scope="row">{step === undefined ? 'none' : `${told(step.label)}, ${replicateName(replicate)}`}</th>
                <td className="figure">{text}</td>
                <td className="pl-6 text-left">
                  {reading !== undefined && step !== undefined && (
                    <b className="figure">{shownReading(reading, step, notebook.zone)}</b>
                  )}
                  {sentence !== undefined && <small className="block">{told(sentence)}</small>}
                </td>
              </tr>
            );
          })}
        </tbody>
      </Rows>
      <span className="mt-3 flex gap-4">
        <Button
          look="act"
          disabled={readings.length === 0}
          onClick={() => {
            onKeep(readings);
          }}
        >
          Keep {counted(readings.length, 'reading', 'readings')}
        </Button>
        <DialogClose>Keep none</DialogClose>
      </span>
    </Dialog>
  );
}
