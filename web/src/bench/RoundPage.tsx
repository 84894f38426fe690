import type { NewReading, OpenRunRow, RunSheet } from '@bent-pail/contract';
import { contradicts, inSentence, replicateName, Sheet, type RunRecord } from '@bent-pail/core';
import { useQueries, useQuery } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { Link } from 'react-router';
import { Await } from '../shared/Await';
import { CautionStrip } from '../shared/CautionStrip';
import { EmptyPail } from '../shared/EmptyPail';
import { clockTime, duration, counted } from '../kit/format';
import { useWaitingReadings, type WaitingReading } from '../shared/outbox/useOutbox';
import { runQuery } from '../shared/resources/runs';
import { todayQuery } from '../shared/resources/today';
import { useServerNow } from '../shared/serverClock';
import { TitleBlock } from '../shared/TitleBlock';
import { toRecord } from '../shared/toRecord';
import { useMe, useSession } from '../shared/useSession';
import { DeviceStrip } from './DeviceStrip';
import { offeredFor } from './offered';
import { Keypad } from '../kit/Keypad';
import { isTyped } from './cursor';
import { LitCell } from './LitCell';
import { takesMillivolts } from './millivolts';
import { roundQueue, sameTask, type RoundTask } from './roundQueue';
import { StepPicture } from '../shared/StepPicture';
import { useCellEntry } from './useCellEntry';
import { useKeepReading } from './useKeepReading';
import { ButtonLink } from '../kit/Button';
import { Sorry } from '../kit/Sorry';
import { told } from '../shared/units/mine';
import { Moment } from '../kit/Moment';

/** Runs that one person goes round at once, at most: the newest. */
const MOST_ROUND = 24;

/** Several samples at once: all open runs side by side, and one cell at a time in the order of the round. */
export function RoundPage(): ReactElement {
  const query = useQuery(todayQuery);
  return (
    <Await query={query}>
      {({ openRuns }) =>
        openRuns.length === 0 ? (
          <main>
            <TitleBlock title="Round" line="All open runs side by side, one pot after the other." />
            <EmptyPail question="Nothing is on the bench.">
              <ButtonLink to="/bench?start">Start a run</ButtonLink>
            </EmptyPail>
          </main>
        ) : (
          <OpenRuns runs={openRuns.slice(0, MOST_ROUND)} />
        )
      }
    </Await>
  );
}

function OpenRuns({ runs }: { readonly runs: readonly OpenRunRow[] }): ReactElement {
  const waiting = useWaitingReadings();
  const queries = useQueries({ queries: runs.map(({ id }) => runQuery(id)) });
  const sheets = queries.flatMap(({ data }) => data ?? []);
  if (waiting === undefined || sheets.length < runs.length) return <Moment />;
  return <Round sheets={sheets.filter((sheet) => sheet.finishedAt === undefined)} waiting={waiting} />;
}

interface RoundProps {
  readonly sheets: readonly RunSheet[];
  readonly waiting: readonly WaitingReading[];
}

function Round({ sheets, waiting }: RoundProps): ReactElement {
  const me = useMe();
  const keeping = useKeepReading();
  const now = useServerNow(1000);
  const [chosen, setChosen] = useState<RoundTask>();
  const records = sheets.map((sheet) =>
    toRecord(
      sheet,
      waiting.filter((entry) => entry.runId === sheet.id).map((entry) => entry.reading),
    ),
  );
  const queue = roundQueue(records, now);
  // What a person chose stays lit until it is filled.
  const task = queue.find((one) => chosen !== undefined && sameTask(one, chosen)) ?? queue[0];
  const keep = (runId: string, reading: NewReading): void => {
    keeping.keep(runId, reading);
    setChosen(undefined);
  };
  const due = queue.filter((one) => one.notBefore === undefined || one.notBefore <= now).length;
  return (
    <main data-fills>
      <TitleBlock
        title="Round"
        line={`${counted(sheets.length, 'run', 'runs')} side by side; ${String(due)} to do now, in this order.`}
        cells={[{ term: 'Readings waiting', value: <span className="figure">{waiting.length}</span> }]}
      />
      {keeping.sorry !== undefined && <Sorry className="m-5">{keeping.sorry}</Sorry>}
      {task !== undefined && (
        <Lit
          key={`${task.runId}${String(task.replicate)}${task.step.key}`}
          task={task}
          record={records.find((one) => one.id === task.runId) as RunRecord}
          sheet={sheets.find((one) => one.id === task.runId) as RunSheet}
          mayWrite={me.role !== 'reader'}
          now={now}
          onKeep={keep}
        />
      )}
      <div className="grid grid-cols-[repeat(auto-fill,minmax(250px,1fr))]">
        {records.map((record, i) => (
          <RunColumn
            key={record.id}
            sheet={sheets[i] as RunSheet}
            tasks={queue.filter((one) => one.runId === record.id)}
            lit={task}
            now={now}
            onChoose={setChosen}
          />
        ))}
      </div>
    </main>
  );
}

interface LitProps {
  readonly task: RoundTask;
  readonly record: RunRecord;
  readonly sheet: RunSheet;
  readonly mayWrite: boolean;
  readonly now: number;
  readonly onKeep: (runId: string, reading: NewReading) => void;
}

/** The pot that comes next: whose it is, what to do, and the cell. */
function Lit({ task, record, sheet, mayWrite, now, onKeep }: LitProps): ReactElement {
  const cells = new Sheet(record.readings);
  const cell = cells.cell(task.replicate, task.step.key);
  const early = task.notBefore !== undefined && task.notBefore > now;
  const keep = (reading: NewReading): void => {
    onKeep(record.id, reading);
  };
  const entry = useCellEntry({
    runId: record.id,
    protocol: record.protocol,
    step: task.step,
    replicate: task.replicate,
    standing: cell.standing[0],
    takesMv: takesMillivolts(sheet),
    offered: offeredFor({ record, cells, sheet }, { replicate: task.replicate, step: task.step.key }),
    contradicts: (reading) => contradicts(record, reading),
    onKeep: keep,
    onSkip: () => undefined,
  });
  return (
    <section className="border-b-[3px] border-ink bg-zinc1" aria-label="Now">
      {task.step.caution !== undefined && <CautionStrip caution={task.step.caution} />}
      <DeviceStrip
        lit={{ replicate: task.replicate, step: task.step.key }}
        protocol={record.protocol}
        cells={cells}
        typing={entry.text !== ''}
        onKeep={keep}
      />
      <div className="grid grid-cols-[120px_minmax(0,1fr)_minmax(300px,380px)] items-start gap-5 px-5 py-3.5 max-[860px]:grid-cols-[112px_minmax(0,1fr)]">
        <StepPicture picture={task.step.picture} />
        <div>
          <h2 className="text-title leading-[1.1]">
            {sheet.lot.name}, {sheet.lot.code}: {replicateName(task.replicate)}
          </h2>
          <p className="text-head font-semibold">{told(task.step.label)}</p>
          <p>{told(task.step.say)}</p>
          {early && <p className="text-ink2">Not before its time is over, in {duration(task.notBefore - now)}.</p>}
        </div>
        <div className="border-[3px] border-ink bg-paper px-3.5 py-3 max-[860px]:col-span-full">
          <LitCell
            step={task.step}
            replicate={task.replicate}
            cell={cell}
            entry={entry}
            mayWrite={mayWrite}
            onKeep={keep}
            onMove={() => undefined}
          />
        </div>
      </div>
      {mayWrite && isTyped(task.step) && (
        <Keypad text={entry.text} onText={entry.type} onKeep={entry.keep} isSigned={entry.inMv} />
      )}
    </section>
  );
}

interface RunColumnProps {
  readonly sheet: RunSheet;
  readonly tasks: readonly RoundTask[];
  readonly lit: RoundTask | undefined;
  readonly now: number;
  readonly onChoose: (task: RoundTask) => void;
}

/** One run of the round: its pots with what each waits for. */
function RunColumn({ sheet, tasks, lit, now, onChoose }: RunColumnProps): ReactElement {
  return (
    <section
      aria-label={`Run ${String(sheet.number)}`}
      className="border-r-[1.5px] border-b-[1.5px] border-zinc2 pt-3 pb-4 pl-5"
    >
      <h2>
        <Link to={`/bench/runs/${sheet.id}`}>{sheet.lot.name}</Link>
      </h2>
      <p className="text-ink2">
        run {sheet.number}, {sheet.lot.code}, {inSentence(sheet.protocol.label)}
      </p>
      <ul>
        {tasks.map((task) => (
          <li key={`${String(task.replicate)}${task.step.key}`}>
            <button
              type="button"
              aria-pressed={lit !== undefined && sameTask(lit, task)}
              className="grid min-h-12 w-full grid-cols-[28px_minmax(0,1fr)_auto] items-center gap-2 border-t-[1.5px] border-zinc2 py-1 pr-3 pl-1.5 text-left aria-pressed:bg-ink aria-pressed:text-paper aria-pressed:[&_small]:text-inherit"
              onClick={() => {
                onChoose(task);
              }}
            >
              <b className="text-lead">{replicateName(task.replicate)}</b>
              <span>{told(task.step.label)}</span>
              <Due task={task} now={now} />
            </button>
          </li>
        ))}
      </ul>
      {tasks.length === 0 && <p>Full: finish it on its sheet.</p>}
    </section>
  );
}

function Due({ task, now }: { readonly task: RoundTask; readonly now: number }): ReactElement | null {
  const { notebook } = useSession();
  if (task.notBefore === undefined) return null;
  const left = task.notBefore - now;
  return (
    <span className={`figure text-right text-lead ${left <= 0 ? 'font-bold' : ''}`} role="timer">
      {left <= 0 ? `${duration(-left)} over` : duration(left)}
      <small className="block">{clockTime(task.notBefore, notebook.zone)}</small>
    </span>
  );
}
