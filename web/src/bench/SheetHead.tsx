import type { RunSheet } from '@bent-pail/contract';
import { packingWords, sampleWords } from '@bent-pail/core';
import { useMutation } from '@tanstack/react-query';
import { useEffect, useRef, useState, type ReactElement } from 'react';
import { api, sentenceOf } from '../shared/api';
import { clockTime, counted } from '../kit/format';
import { Button } from '../kit/Button';
import { Sorry } from '../kit/Sorry';
import { TitleBlock, type TitleCell } from '../shared/TitleBlock';
import { amount } from '../shared/units/mine';
import { useWorks } from '../shared/useSession';
import { isOpen, tookRun, undoFinish } from './finishing';
import type { LiveRun } from './useRunSheet';
import { vesselVolumes } from './vesselVolumes';

interface SheetHeadProps {
  readonly run: LiveRun;
  readonly away: boolean;
  readonly zone: string;
  readonly mayWrite: boolean;
  /** No cell is left to fill: what comes next is to finish. */
  readonly isFull: boolean;
}

/** What a run is, of what and by which method; once its sheet is full it is finished here. */
export function SheetHead({ run, away, zone, mayWrite, isFull }: SheetHeadProps): ReactElement {
  const { sheet, progress, waiting } = run;
  const works = useWorks();
  const [trouble, setTrouble] = useState<unknown>();
  const finish = useMutation({
    mutationFn: () => api.post<RunSheet>(`/runs/${sheet.id}/finish`),
    onSuccess: async (next) => {
      if (works) undoFinish(next, setTrouble);
      await tookRun(next);
    },
  });
  const volumes = vesselVolumes(run.record.vessels);
  const depth = run.record.vessels[0]?.height_cm;
  const water = run.cells.value(0, 'waterTemp');
  const cells: TitleCell[] = [
    { term: 'Lot', value: `${sheet.lot.name}, ${sheet.lot.code}` },
    ...(sheet.groupName === undefined ? [] : [{ term: 'For', value: sheet.groupName }]),
    ...(volumes === undefined
      ? []
      : [{ term: 'Vessels', value: <span className="figure font-medium">{volumes}</span> }]),
    ...(depth === undefined
      ? []
      : [{ term: 'Depth', value: <span className="figure font-medium">{amount(depth, 'cm', 1)}</span> }]),
    ...(water === undefined
      ? []
      : [{ term: 'Water', value: <span className="figure font-medium">{amount(water, '°C', 1)}</span> }]),
    {
      term: 'Method',
      value: `version ${String(sheet.protocol.version)}${sheet.protocol.usesVessel ? `, ${packingWords(sheet.settings)}` : ''}`,
    },
  ];
  if (sheet.sample !== undefined)
    cells.push({
      term: 'Sample',
      value: <span className="block max-w-52 leading-tight whitespace-normal">{sampleWords(sheet.sample)}</span>,
    });
  const last = sheet.readings.at(-1);
  const kept =
    last === undefined ? 'nothing read yet' : `kept on the bench computer, ${clockTime(Date.parse(last.keptAt), zone)}`;
  const state =
    waiting.length > 0 ? `${counted(waiting.length, 'reading waits', 'readings wait')} in this browser` : kept;
  const finishing = useRef<HTMLButtonElement>(null);
  const canFinish = mayWrite && isOpen(sheet) && progress.complete && waiting.length === 0;
  useEffect(() => {
    if (isFull && canFinish) finishing.current?.focus();
  }, [isFull, canFinish]);
  return (
    <>
      <TitleBlock
        title={sheet.protocol.label}
        tab={`${sheet.lot.name} ${sheet.lot.code}, run ${String(sheet.number)}`}
        line={
          <span role="status">
            Run {sheet.number} ·{' '}
            {sheet.archivedAt !== undefined
              ? 'put away'
              : sheet.finishedAt === undefined
                ? state
                : `finished; ${state}`}
            {away ? ' · the bench computer does not answer, go on typing' : ''}
          </span>
        }
        cells={cells}
      >
        {canFinish ? (
          <Button
            ref={finishing}
            look="act"
            disabled={finish.isPending}
            onClick={() => {
              finish.mutate();
            }}
          >
            Finish the run
          </Button>
        ) : undefined}
      </TitleBlock>
      {finish.error !== null && <Sorry>{sentenceOf(finish.error)}</Sorry>}
      {trouble !== undefined && <Sorry>{sentenceOf(trouble)}</Sorry>}
    </>
  );
}
