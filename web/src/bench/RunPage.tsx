import type { NewReading, RunSheet } from '@bent-pail/contract';
import { contradicts, packingWords, sampleWords, Sheet } from '@bent-pail/core';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useMemo, useState, type ReactElement } from 'react';
import { Link, useParams } from 'react-router';
import { amount } from '../shared/units/mine';
import { Await } from '../shared/Await';
import { api, sentenceOf } from '../shared/api';
import { clockTime, counted } from '../kit/format';
import { useOutbox, type Waiting } from '../shared/outbox/useOutbox';
import { runQuery } from '../shared/resources/runs';
import { useServerNow } from '../shared/serverClock';
import { TitleBlock, type TitleCell } from '../shared/TitleBlock';
import { useMe, useSession, useWorks } from '../shared/useSession';
import { Asides } from './Asides';
import { isTyped, moved, nextEmpty, type CellAt } from './cursor';
import { DeviceStrip } from './DeviceStrip';
import { draftKey, useDrafts } from './draftStore';
import { History } from './History';
import { Keypad } from './Keypad';
import { LeaveOut } from './LeaveOut';
import { takesMillivolts } from './millivolts';
import { MeasureVessels } from './MeasureVessels';
import { Remeasured } from './Remeasured';
import { Reopen } from './Reopen';
import { ResultSide } from './ResultSide';
import { RunInstruments } from './RunInstruments';
import { SheetTable } from './SheetTable';
import { StuckReadings } from './StuckReadings';
import { useCellEntry } from './useCellEntry';
import { useKeepReading } from './useKeepReading';
import { useLiveRun, type LiveRun } from './useRunSheet';
import { vesselVolumes } from './vesselVolumes';
import { Sorry } from '../kit/Sorry';
import { Button } from '../kit/Button';
import { useOthersReadings } from './useOthersReadings';
import { tookRun, undoFinish } from './finishing';

export function RunPage(): ReactElement {
  const { id = '' } = useParams();
  const query = useQuery(runQuery(id));
  const waiting = useOutbox(id);
  return (
    <Await query={query}>
      {(sheet) =>
        waiting === undefined ? (
          <p className="text-ink2 p-5">One moment.</p>
        ) : (
          <OpenSheet
            key={`${sheet.id}:${sheet.finishedAt ?? 'open'}`}
            sheet={sheet}
            waiting={waiting}
            away={query.isRefetchError}
          />
        )
      }
    </Await>
  );
}

/** The lit cell, and whether a person chose it. */
interface LitAt extends CellAt {
  readonly byHand: boolean;
}

interface OpenSheetProps {
  readonly sheet: RunSheet;
  /** Readings that this browser has not handed over yet. */
  readonly waiting: readonly Waiting[];
  readonly away: boolean;
}

function OpenSheet({ sheet, waiting, away }: OpenSheetProps): ReactElement {
  const me = useMe();
  const { notebook } = useSession();
  const run = useLiveRun(sheet, waiting);
  const keeping = useKeepReading();
  useOthersReadings(sheet, me.name);
  const now = useServerNow(500);
  const mayWrite = me.role !== 'reader';
  const shape = useMemo(
    () => ({
      protocol: sheet.protocol,
      replicateCount: sheet.replicateCount,
      excluded: new Set(sheet.exclusions.map((exclusion) => exclusion.replicate)),
    }),
    [sheet.protocol, sheet.replicateCount, sheet.exclusions],
  );
  const [at, setAt] = useState<LitAt | undefined>(() => {
    const cell = sheet.finishedAt === undefined && mayWrite ? nextEmpty(shape, run.cells) : undefined;
    return cell === undefined ? undefined : { ...cell, byHand: false };
  });
  const typed = useDrafts((state) =>
    at === undefined ? '' : (state.texts[draftKey(sheet.id, at.replicate, at.step)] ?? ''),
  );
  // A cell that was lit by itself moves on when its reading arrives by another way; one that is typed in never does.
  const isOvertaken = at?.byHand === false && typed === '' && run.cells.cell(at.replicate, at.step).standing.length > 0;
  const lit: CellAt | undefined = isOvertaken ? nextEmpty(shape, run.cells, at) : at;
  const litStep = sheet.protocol.steps.find((step) => step.key === lit?.step);
  const go = (cell: CellAt | undefined, byHand: boolean): void => {
    setAt(cell === undefined ? undefined : { ...cell, byHand });
  };

  const keep = (reading: NewReading): void => {
    const after = new Sheet([...run.record.readings, reading]);
    keeping.keep(sheet.id, reading);
    go(sheet.finishedAt === undefined ? nextEmpty(shape, after, reading) : undefined, false);
  };
  const entry = useCellEntry({
    runId: sheet.id,
    protocol: sheet.protocol,
    step: litStep,
    replicate: lit?.replicate ?? 0,
    standing: lit === undefined ? undefined : run.cells.cell(lit.replicate, lit.step).standing[0],
    takesMv: takesMillivolts(sheet),
    contradicts: (reading) => contradicts(run.record, reading),
    onKeep: keep,
    onSkip: () => {
      if (lit !== undefined) go(nextEmpty(shape, run.cells, lit), false);
    },
  });
  return (
    <main>
      <SheetHead run={run} away={away} zone={notebook.zone} mayWrite={mayWrite} />
      {mayWrite && <MeasureVessels sheet={sheet} />}
      <Remeasured sheet={sheet} />
      {mayWrite && sheet.finishedAt === undefined && <RunInstruments sheet={sheet} />}
      <div className="min-h-[calc(100vh-141px)] min-[901px]:grid min-[901px]:grid-cols-[minmax(0,1fr)_330px] min-[1101px]:grid-cols-[minmax(0,1fr)_404px]">
        <section aria-label="Run sheet" data-fills={sheet.finishedAt === undefined && mayWrite ? true : undefined}>
          <SheetTable
            run={run}
            lit={lit}
            entry={entry}
            now={now}
            zone={notebook.zone}
            mayWrite={mayWrite}
            onLight={(cell) => {
              if (mayWrite) go(cell, true);
            }}
            onKeep={keep}
            onMove={(key) => {
              if (lit !== undefined) go(moved(shape, run.cells, lit, key) ?? lit, true);
            }}
          />
          {keeping.sorry !== undefined && <Sorry className="m-5">{keeping.sorry}</Sorry>}
          <StuckReadings waiting={run.waiting} />
          {mayWrite && (
            <div className="px-5 py-2">
              <LeaveOut sheet={sheet} />
            </div>
          )}
          <Asides sheet={sheet} mayWrite={mayWrite} />
          <History sheet={sheet} />
          <div className="flex flex-wrap gap-x-6 px-5 py-2 text-small">
            <Link to={`/bench/runs/${sheet.id}/print`}>On paper</Link>
            <Reopen sheet={sheet} />
            {me.role !== 'student' && (
              <a href={`/api/exports/readings.csv?run=${sheet.id}`} download>
                Readings as a table
              </a>
            )}
          </div>
        </section>
        <div className="max-[900px]:sticky max-[900px]:bottom-[72px] max-[900px]:z-5 max-[900px]:grid max-[900px]:max-h-[46vh] max-[900px]:grid-cols-[minmax(0,392px)_minmax(0,1fr)] max-[900px]:border-t-[3px] max-[900px]:border-ink max-[900px]:bg-enamel max-[560px]:grid-cols-[minmax(0,1fr)]">
          {lit !== undefined && mayWrite && sheet.finishedAt === undefined && (
            <DeviceStrip lit={lit} protocol={sheet.protocol} cells={run.cells} typing={typed !== ''} onKeep={keep} />
          )}
          {lit !== undefined && isTyped(litStep) && <Keypad entry={entry} />}
          <ResultSide run={run} />
        </div>
      </div>
    </main>
  );
}

interface SheetHeadProps {
  readonly run: LiveRun;
  readonly away: boolean;
  readonly zone: string;
  readonly mayWrite: boolean;
}

function SheetHead({ run, away, zone, mayWrite }: SheetHeadProps): ReactElement {
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
  const canFinish = mayWrite && sheet.finishedAt === undefined && progress.complete && waiting.length === 0;
  return (
    <>
      <TitleBlock
        title={sheet.protocol.label}
        tab={`${sheet.lot.name} ${sheet.lot.code}, run ${String(sheet.number)}`}
        line={
          <span role="status">
            Run {sheet.number} · {sheet.finishedAt === undefined ? state : `finished; ${state}`}
            {away ? ' · the bench computer does not answer, go on typing' : ''}
          </span>
        }
        cells={cells}
      >
        {canFinish ? (
          <Button
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
