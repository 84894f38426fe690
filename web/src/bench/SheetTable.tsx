import type { NewReading } from '@bent-pail/contract';
import {
  cellReplicate,
  inSentence,
  isAsked,
  replicateName,
  stepsShown,
  type Reading,
  type Step,
} from '@bent-pail/core';
import { Fragment, type ReactElement } from 'react';
import { mySign, told } from '../shared/units/mine';
import { CautionStrip } from '../shared/CautionStrip';
import { clockTime } from '../kit/format';
import { ColumnHead } from './ColumnHead';
import type { CellAt } from './cursor';
import { LitCell } from './LitCell';
import { saidReading, shownReading } from './shownReading';
import { StepPicture } from '../shared/StepPicture';
import type { CellEntry } from './useCellEntry';
import type { LiveRun } from './useRunSheet';

interface SheetTableProps {
  readonly run: LiveRun;
  readonly lit: CellAt | undefined;
  readonly entry: CellEntry;
  readonly now: number;
  readonly zone: string;
  readonly mayWrite: boolean;
  readonly onLight: (cell: CellAt) => void;
  readonly onKeep: (reading: NewReading) => void;
  readonly onMove: (key: string) => void;
  readonly onPaste: (block: readonly (readonly string[])[]) => void;
}

/** The lit row comes to rest above the keypad. */
const ROW = 'border-t border-zinc2 last:border-b max-[900px]:scroll-mt-[150px] max-[900px]:scroll-mb-[calc(46vh+84px)]';
const CELL = 'border-l border-l-zinc3';
const LIT = 'border-y-[3px] border-y-ink bg-zinc1 align-top';

const replicatesOf = (run: LiveRun): number[] => Array.from({ length: run.sheet.replicateCount }, (_, i) => i);

/** The run sheet: steps down, replicates across, the cell to fill where the lit column and the lit row cross. */
export function SheetTable(props: SheetTableProps): ReactElement {
  const { run, lit, now, zone } = props;
  const air = run.result.properties.find((property) => property.property === 'airSpace');
  return (
    <div className="max-[700px]:overflow-x-auto">
      <table className="w-full table-fixed border-collapse max-[700px]:min-w-[620px]">
        <colgroup>
          <col className="w-[290px] max-[900px]:w-[236px]" />
          {replicatesOf(run).map((i) => (
            <col key={i} className={lit?.replicate === i ? 'w-[262px] max-[900px]:w-60' : ''} />
          ))}
        </colgroup>
        {/* Timers stay in view while the sheet scrolls under them. */}
        <thead className="sticky top-0 z-4 bg-enamel shadow-[0_1.5px_0_var(--zinc-3)]">
          <tr>
            <th
              scope="col"
              className="pt-2.5 pr-3 pb-1.5 pl-5 text-left align-bottom text-head leading-[1.4] font-normal"
            >
              <NowThen run={run} zone={zone} now={now} />
            </th>
            {replicatesOf(run).map((i) => (
              <ColumnHead
                key={i}
                replicate={i}
                lit={lit?.replicate === i}
                hold={run.progress.holds.find((hold) => hold.replicate === i)}
                now={now}
                zone={zone}
                air={air?.values.find((value) => value.replicate === i)?.value}
                excluded={run.record.exclusions.find((exclusion) => exclusion.replicate === i)?.reason}
              />
            ))}
          </tr>
        </thead>
        <tbody>
          {stepsShown(run.sheet.protocol, run.cells, run.sheet.replicateCount).map((step, row) => (
            <Fragment key={step.key}>
              {step.caution !== undefined && lit?.step === step.key && (
                <tr>
                  <td colSpan={run.sheet.replicateCount + 1} className="border-l border-zinc3 p-0">
                    <CautionStrip caution={step.caution} before={`Before step ${String(row + 1)}`} />
                  </td>
                </tr>
              )}
              <StepRow {...props} step={step} row={row} />
            </Fragment>
          ))}
        </tbody>
      </table>
    </div>
  );
}

/** What to do now and what comes then, in words. */
function NowThen({
  run,
  zone,
  now,
}: {
  readonly run: LiveRun;
  readonly zone: string;
  readonly now: number;
}): ReactElement {
  if (run.sheet.finishedAt !== undefined) return <span>Finished</span>;
  const ready = run.progress.next.find((next) => next.notBefore === undefined || next.notBefore <= now);
  const held = run.progress.next
    .filter((next) => next.notBefore !== undefined && next.notBefore > now)
    .sort((a, b) => (a.notBefore as number) - (b.notBefore as number))[0];
  if (ready === undefined && held === undefined) return <span>All required readings are in</span>;
  return (
    <span>
      {ready !== undefined && (
        <>
          Now{' '}
          <b>
            {replicateName(ready.replicate)}, {inSentence(told(ready.step.label))}
          </b>
          <br />
        </>
      )}
      {held !== undefined && (
        <>
          {ready === undefined ? 'Next' : 'Then'}{' '}
          <b>
            {replicateName(held.replicate)} at {clockTime(held.notBefore as number, zone)}
          </b>
        </>
      )}
    </span>
  );
}

function StepRow(props: SheetTableProps & { readonly step: Step; readonly row: number }): ReactElement {
  const { run, lit, step, row } = props;
  const isLit = lit?.step === step.key;
  const across = step.once === true ? [0] : replicatesOf(run);
  return (
    <tr className={ROW}>
      <th
        scope="row"
        className={`relative h-[42px] pr-3 pl-5 text-left leading-[1.15] font-normal ${isLit ? `${LIT} pt-3 pb-2` : ''}`}
      >
        <i className="figure inline-block w-6 align-top text-small leading-[1.4] text-ink2 not-italic">{row + 1}</i>
        <span
          className={`inline-block align-middle ${isLit ? 'max-w-[calc(100%-30px)] text-head leading-[1.08] font-bold' : 'max-w-[calc(100%-62px)]'}`}
        >
          {told(step.label)}
        </span>
        {!isLit && (
          <small className="figure absolute top-1/2 right-3 -translate-y-1/2 text-small">
            {step.kind === 'time' ? '' : mySign(step.unit)}
          </small>
        )}
        {isLit && (
          <span className="mt-1.5 ml-6 flex justify-between gap-2 text-small leading-[1.28] [&_svg]:h-23 [&_svg]:w-24">
            <span>{told(step.say)}</span>
            <StepPicture picture={step.picture} />
          </span>
        )}
      </th>
      {across.map((replicate) => (
        <SheetCell key={replicate} {...props} replicate={replicate} isLit={isLit && lit.replicate === replicate} />
      ))}
      {step.once === true && run.sheet.replicateCount > 1 && (
        <td
          className={`${CELL} px-3.5 text-small text-ink2 ${isLit ? LIT : ''}`}
          colSpan={run.sheet.replicateCount - 1}
        >
          one reading for all
        </td>
      )}
    </tr>
  );
}

function SheetCell(
  props: SheetTableProps & { readonly step: Step; readonly replicate: number; readonly isLit: boolean },
): ReactElement {
  const { run, lit, step, replicate, isLit, entry, zone, mayWrite, onLight, onKeep, onMove, onPaste } = props;
  const at = cellReplicate(step, replicate);
  const cell = run.cells.cell(at, step.key);
  const standing = cell.standing[0];
  const inLitRow = lit?.step === step.key;
  if (isLit) {
    return (
      <td
        className={`${CELL} border-y-[3px] border-ink bg-paper px-3 pt-[9px] pb-2.5 align-top outline-3 -outline-offset-3 outline-ink`}
      >
        <LitCell
          step={step}
          replicate={at}
          cell={cell}
          mayWrite={mayWrite}
          waits={run.sheet.vessels.some((vessel) => (vessel ?? undefined) === undefined)}
          entry={entry}
          onKeep={onKeep}
          onMove={onMove}
          onPaste={onPaste}
        />
      </td>
    );
  }
  if (standing === undefined && !isAsked(step, run.cells, at))
    return <td className={`${CELL} px-3.5 text-small text-ink2 ${inLitRow ? LIT : ''}`}>dry</td>;
  const inColumn = lit?.replicate === replicate && step.once !== true;
  const struck = run.record.exclusions.some((exclusion) => exclusion.replicate === replicate) && step.once !== true;
  return (
    <td className={`${CELL} p-0 ${inLitRow ? LIT : inColumn ? 'bg-zinc1' : ''}`}>
      <button
        type="button"
        className={`figure w-full px-3.5 text-right text-head ${inLitRow ? 'flex min-h-[120px] flex-col items-end pt-3.5' : 'block min-h-11'} ${struck ? 'text-ink2 line-through' : ''}`}
        aria-label={`${step.label}, ${replicateName(replicate)}: ${standing === undefined ? 'empty' : saidReading(standing, step, zone)}`}
        onClick={() => {
          onLight({ replicate: at, step: step.key });
        }}
      >
        {cell.standing.map((reading) => (
          <Shown key={reading.id} reading={reading} step={step} zone={zone} waiting={run.waitingIds.has(reading.id)} />
        ))}
        {cell.replaced.map((reading) => (
          <s key={reading.id} className="text-ink2 block text-small">
            {shownReading(reading, step, zone)}
          </s>
        ))}
      </button>
    </td>
  );
}

function Shown({
  reading,
  step,
  zone,
  waiting,
}: {
  readonly reading: Reading;
  readonly step: Step;
  readonly zone: string;
  readonly waiting: boolean;
}): ReactElement {
  const text = shownReading(reading, step, zone);
  return (
    <span
      className={
        step.classes === undefined
          ? 'block'
          : 'block font-(family-name:--face-text) text-small leading-tight font-medium [font-stretch:normal]'
      }
      data-reading={reading.id}
      data-state={waiting ? 'waiting' : 'kept'}
    >
      {text}
      {waiting && <small className="block">waiting</small>}
    </span>
  );
}
