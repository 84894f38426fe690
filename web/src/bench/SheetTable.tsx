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
import { CautionStrip } from '../shared/CautionStrip';
import { clockTime } from '../kit/format';
import { ColumnHead } from './ColumnHead';
import type { CellAt } from './cursor';
import { LitCell } from './LitCell';
import { shownReading } from './shownReading';
import { StepPicture } from './StepPicture';
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
}

const replicatesOf = (run: LiveRun): number[] => Array.from({ length: run.sheet.replicateCount }, (_, i) => i);

/** The run sheet: steps down, replicates across, the cell to fill where the lit column and the lit row cross. */
export function SheetTable(props: SheetTableProps): ReactElement {
  const { run, lit, now, zone } = props;
  const air = run.result.properties.find((property) => property.property === 'airSpace');
  return (
    <div className="sheet-wrap">
      <table className="sheet">
        <colgroup>
          <col className="c0" />
          {replicatesOf(run).map((i) => (
            <col key={i} className={lit?.replicate === i ? 'cl' : ''} />
          ))}
        </colgroup>
        <thead>
          <tr>
            <td>
              <NowThen run={run} zone={zone} now={now} />
            </td>
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
                  <td colSpan={run.sheet.replicateCount + 1} className="p-0">
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
  if (run.sheet.finishedAt !== undefined) return <span className="nowthen">Finished</span>;
  const ready = run.progress.next.find((next) => next.notBefore === undefined || next.notBefore <= now);
  const held = run.progress.next
    .filter((next) => next.notBefore !== undefined && next.notBefore > now)
    .sort((a, b) => (a.notBefore as number) - (b.notBefore as number))[0];
  if (ready === undefined && held === undefined) return <span className="nowthen">Every cell is filled</span>;
  return (
    <span className="nowthen">
      {ready !== undefined && (
        <>
          Now{' '}
          <b>
            {replicateName(ready.replicate)}, {inSentence(ready.step.label)}
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
    <tr className={isLit ? 'lit' : ''}>
      <th scope="row">
        <i className="figure">{row + 1}</i>
        <span className="step-name">{step.label}</span>
        {!isLit && <small className="figure">{step.kind === 'time' ? '' : step.unit}</small>}
        {isLit && (
          <span className="step-say">
            <span>{step.say}</span>
            <StepPicture picture={step.picture} />
          </span>
        )}
      </th>
      {across.map((replicate) => (
        <SheetCell key={replicate} {...props} replicate={replicate} isLit={isLit && lit.replicate === replicate} />
      ))}
      {step.once === true && run.sheet.replicateCount > 1 && (
        <td className="text-ink2 text-small" colSpan={run.sheet.replicateCount - 1}>
          once for all
        </td>
      )}
    </tr>
  );
}

function SheetCell(
  props: SheetTableProps & { readonly step: Step; readonly replicate: number; readonly isLit: boolean },
): ReactElement {
  const { run, lit, step, replicate, isLit, entry, zone, mayWrite, onLight, onKeep, onMove } = props;
  const at = cellReplicate(step, replicate);
  const cell = run.cells.cell(at, step.key);
  const standing = cell.standing[0];
  if (isLit) {
    return (
      <td className="cell">
        <LitCell
          step={step}
          replicate={at}
          cell={cell}
          mayWrite={mayWrite}
          entry={entry}
          onKeep={onKeep}
          onMove={onMove}
        />
      </td>
    );
  }
  if (standing === undefined && !isAsked(step, run.cells, at)) return <td className="text-ink2 text-small">dry</td>;
  const column = lit?.replicate === replicate && step.once !== true ? 'litc' : '';
  const struck = run.record.exclusions.some((exclusion) => exclusion.replicate === replicate) && step.once !== true;
  return (
    <td className={`${column} ${struck ? 'struck' : ''}`}>
      <button
        type="button"
        className="cell-button figure"
        aria-label={`${step.label}, ${replicateName(replicate)}: ${standing === undefined ? 'empty' : (step.classes?.[standing.value] ?? String(standing.value))}`}
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
      className={step.classes === undefined ? 'block' : 'judged'}
      data-reading={reading.id}
      data-state={waiting ? 'waiting' : 'kept'}
    >
      {text}
      {waiting && <small className="block">waiting</small>}
    </span>
  );
}
