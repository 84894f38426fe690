import type { NewReading, RunSheet } from '@bent-pail/contract';
import { contradicts, Sheet } from '@bent-pail/core';
import { useQuery } from '@tanstack/react-query';
import { useMemo, useState, type ReactElement } from 'react';
import { Link, useParams } from 'react-router';
import { Await } from '../shared/Await';
import { useWaitingReadings, type WaitingReading } from '../shared/outbox/useOutbox';
import { runQuery } from '../shared/resources/runs';
import { useServerNow } from '../shared/serverClock';
import { useMe, useSession } from '../shared/useSession';
import { isTyped, moved, nextEmpty, type CellAt } from './cursor';
import { DeviceStrip } from './DeviceStrip';
import { draftKey, useDrafts } from './draftStore';
import { History } from './History';
import { Keypad } from '../kit/Keypad';
import { takesMillivolts } from './millivolts';
import { SheetTable } from './SheetTable';
import { StuckReadings } from './StuckReadings';
import { useCellEntry } from './useCellEntry';
import { useKeepReading } from './useKeepReading';
import { useLiveRun } from './useRunSheet';
import { Sorry } from '../kit/Sorry';
import { useOthersReadings } from './useOthersReadings';
import { isOpen } from './finishing';
import { offeredFor } from './offered';
import { WasPutAway } from './WasPutAway';
import { SheetHead } from './SheetHead';
import { TopUp } from './TopUp';
import { Moment } from '../kit/Moment';
import { later } from '../kit/later';
import { useFetchedAhead } from '../kit/useFetchedAhead';

// A sheet takes readings before it reckons.
const ResultSide = later(async () => (await import('./ResultSide')).ResultSide);
const PastePreview = later(async () => (await import('./PastePreview')).PastePreview);
const LeaveOut = later(async () => (await import('./LeaveOut')).LeaveOut, null);
const LeftOut = later(async () => (await import('./LeaveOut')).LeftOut, null);
const Asides = later(async () => (await import('./Asides')).Asides);
const MeasureVessels = later(async () => (await import('./MeasureVessels')).MeasureVessels, null);
const RunInstruments = later(async () => (await import('./RunInstruments')).RunInstruments, null);
const Reopen = later(async () => (await import('./Reopen')).Reopen, null);
const TakeBack = later(async () => (await import('./TakeBack')).TakeBack, null);
const PutAway = later(async () => (await import('./PutAway')).PutAway, null);
const Remeasured = later(async () => (await import('./Remeasured')).Remeasured, null);
/** Not on the page at first, and wanted with the network away too. */
const AHEAD = [PastePreview.fetch];

export function RunPage(): ReactElement {
  const { id = '' } = useParams();
  const query = useQuery(runQuery(id));
  const waiting = useWaitingReadings(id);
  return (
    <Await query={query}>
      {(sheet) =>
        waiting === undefined ? (
          <Moment />
        ) : (
          <OpenSheet
            key={`${sheet.id}:${sheet.finishedAt ?? sheet.archivedAt ?? 'open'}`}
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
  readonly waiting: readonly WaitingReading[];
  readonly away: boolean;
}

function OpenSheet({ sheet, waiting, away }: OpenSheetProps): ReactElement {
  const me = useMe();
  const { notebook } = useSession();
  const run = useLiveRun(sheet, waiting);
  useFetchedAhead(AHEAD);
  const keeping = useKeepReading();
  useOthersReadings(sheet, me.name);
  const now = useServerNow(500);
  const mayWrite = me.role !== 'reader' && sheet.archivedAt === undefined;
  const open = isOpen(sheet);
  const shape = useMemo(
    () => ({
      protocol: sheet.protocol,
      replicateCount: sheet.replicateCount,
      excluded: new Set(sheet.exclusions.map((exclusion) => exclusion.replicate)),
    }),
    [sheet.protocol, sheet.replicateCount, sheet.exclusions],
  );
  const [at, setAt] = useState<LitAt | undefined>(() => {
    const cell = open && mayWrite ? nextEmpty(shape, run.cells) : undefined;
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

  const [block, setBlock] = useState<readonly (readonly string[])[]>();
  const [last, setLast] = useState<NewReading>();
  const keep = (reading: NewReading): void => {
    const after = new Sheet([...run.record.readings, reading]);
    keeping.keep(sheet.id, reading);
    setLast(reading);
    go(sheet.finishedAt === undefined ? nextEmpty(shape, after, reading) : undefined, false);
  };
  const entry = useCellEntry({
    runId: sheet.id,
    protocol: sheet.protocol,
    step: litStep,
    replicate: lit?.replicate ?? 0,
    standing: lit === undefined ? undefined : run.cells.cell(lit.replicate, lit.step).standing[0],
    takesMv: takesMillivolts(sheet),
    offered: lit === undefined ? undefined : offeredFor(run, lit),
    contradicts: (reading) => contradicts(run.record, reading),
    onKeep: keep,
    onSkip: () => {
      if (lit !== undefined) go(nextEmpty(shape, run.cells, lit), false);
    },
  });
  return (
    <main>
      <SheetHead run={run} away={away} zone={notebook.zone} mayWrite={mayWrite} isFull={lit === undefined} />
      <WasPutAway sheet={sheet} />
      {mayWrite && <MeasureVessels sheet={sheet} />}
      <Remeasured sheet={sheet} />
      {mayWrite && open && <RunInstruments sheet={sheet} />}
      <div className="min-h-[calc(100vh-141px)] min-[901px]:grid min-[901px]:grid-cols-[minmax(0,1fr)_330px] min-[1101px]:grid-cols-[minmax(0,1fr)_404px]">
        <section aria-label="Run sheet" data-fills={open && mayWrite ? true : undefined}>
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
            onPaste={setBlock}
            onMove={(key) => {
              if (lit !== undefined) go(moved(shape, run.cells, lit, key) ?? lit, true);
            }}
          />
          {block !== undefined && lit !== undefined && (
            <PastePreview
              record={run.record}
              at={lit}
              block={block}
              onLeave={() => {
                setBlock(undefined);
              }}
              onKeep={(readings) => {
                setBlock(undefined);
                for (const reading of readings) keeping.keep(sheet.id, reading);
                go(nextEmpty(shape, new Sheet([...run.record.readings, ...readings]), lit), false);
              }}
            />
          )}
          {mayWrite && open && (
            <div className="flex flex-wrap gap-x-6 px-5">
              <TakeBack
                sheet={sheet}
                last={last}
                onTaken={(cell) => {
                  setLast(undefined);
                  go(cell, true);
                }}
              />
              <TopUp run={run} onKeep={(reading) => keeping.keep(sheet.id, reading)} />
            </div>
          )}
          {keeping.sorry !== undefined && <Sorry className="m-5">{keeping.sorry}</Sorry>}
          <StuckReadings waiting={run.waiting} />
          {mayWrite && (
            <div className="px-5 py-2">
              <LeftOut sheet={sheet} />
              <LeaveOut sheet={sheet} />
            </div>
          )}
          <Asides sheet={sheet} mayWrite={mayWrite} />
          <History sheet={sheet} />
          <div className="flex flex-wrap gap-x-6 px-5 py-2 text-small">
            <Link to={`/bench/runs/${sheet.id}/print`}>On paper</Link>
            <Link to={`/bench/runs/${sheet.id}/result`}>What it found, to show</Link>
            <Reopen sheet={sheet} />
            <PutAway sheet={sheet} isEmpty={run.record.readings.length === 0} />
            <a href={`/api/exports/readings.csv?run=${sheet.id}`} download>
              Readings as a table
            </a>
          </div>
        </section>
        <div className="max-[900px]:sticky max-[900px]:bottom-[72px] max-[900px]:z-5 max-[900px]:grid max-[900px]:max-h-[46vh] [@media(max-height:520px)]:static [@media(max-height:520px)]:max-h-none max-[900px]:grid-cols-[minmax(0,392px)_minmax(0,1fr)] max-[900px]:border-t-[3px] max-[900px]:border-ink max-[900px]:bg-enamel max-[560px]:grid-cols-[minmax(0,1fr)]">
          {lit !== undefined && mayWrite && open && (
            <DeviceStrip lit={lit} protocol={sheet.protocol} cells={run.cells} typing={typed !== ''} onKeep={keep} />
          )}
          {lit !== undefined && isTyped(litStep) && (
            <Keypad text={entry.text} onText={entry.type} onKeep={entry.keep} isSigned={entry.inMv} />
          )}
          <ResultSide run={run} />
        </div>
      </div>
    </main>
  );
}
