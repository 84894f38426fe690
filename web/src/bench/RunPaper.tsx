import type { KeptReading, RunSheet } from '@bent-pail/contract';
import {
  cellReplicate,
  packingWords,
  property,
  reduceRun,
  replicateName,
  sampleWords,
  Sheet,
  stepsShown,
  type RunProperty,
  type Step,
} from '@bent-pail/core';
import type { ReactElement } from 'react';
import { mySign, told } from '../shared/units/mine';
import { CAUTIONS } from '../shared/cautions';
import { clockTime, day, figure } from '../kit/format';
import { Qr } from '../shared/Qr';
import { toRecord } from '../shared/toRecord';
import { Trouble } from '../shared/Trouble';
import { useSession } from '../shared/useSession';
import { runSentence } from './runSentence';
import { shownReading } from './shownReading';

interface RunPaperProps {
  readonly sheet: RunSheet;
  /** To be written on. */
  readonly empty: boolean;
}

/** One run's sheet as it lies on paper: empty, or as it was filled. */
export function RunPaper({ sheet, empty }: RunPaperProps): ReactElement {
  const { notebook } = useSession();
  return (
    <>
      <header>
        <div>
          <h1>
            {sheet.groupName === undefined ? '' : `${sheet.groupName}: `}
            {sheet.protocol.label}
          </h1>
          <p>
            Run {sheet.number}, {sheet.lot.name}, {sheet.lot.code}. {notebook.place},{' '}
            {day(sheet.startedAt, notebook.zone)}. Method version {sheet.protocol.version}
            {sheet.protocol.usesVessel ? `, ${packingWords(sheet.settings)}` : ''}.
          </p>
          <p>{sheet.protocol.plain}</p>
          {sheet.sample !== undefined && <p>Sample: {sampleWords(sheet.sample)}.</p>}
        </div>
        <Qr page={`/bench/runs/${sheet.id}`} size={96} />
      </header>
      <PaperTable sheet={sheet} empty={empty} zone={notebook.zone} />
      {empty ? (
        <p className="write-on">
          Measured by __________________ on __________ with pen ______________ calibrated ____________
        </p>
      ) : (
        <Outcome sheet={sheet} />
      )}
    </>
  );
}

interface PaperTableProps {
  readonly sheet: RunSheet;
  readonly empty: boolean;
  readonly zone: string;
}

function PaperTable({ sheet, empty, zone }: PaperTableProps): ReactElement {
  const replicates = Array.from({ length: sheet.replicateCount }, (_, i) => i);
  const cells = new Sheet(sheet.readings);
  const said = (step: Step, replicate: number): string => {
    const reading = cells.reading(cellReplicate(step, replicate), step.key);
    return reading === undefined ? '' : shownReading(reading, step, zone);
  };
  return (
    <table>
      <thead>
        <tr>
          <th scope="col">Step</th>
          {replicates.map((i) => (
            <th key={i} scope="col">
              {replicateName(i)}
              {sheet.vesselNames[i] !== undefined && <small> in {sheet.vesselNames[i].name}</small>}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {stepsShown(sheet.protocol, cells, sheet.replicateCount).map((step, row) => (
          <tr key={step.key}>
            <th scope="row">
              <b>
                {row + 1}. {told(step.label)}
                {step.unit === '' || step.kind === 'time' ? '' : `, ${mySign(step.unit)}`}
              </b>
              <small>
                {told(step.say)} {step.classes === undefined ? '' : `One of: ${step.classes.join(', ')}.`}
              </small>
              {step.caution !== undefined && (
                <small className="paper-caution">
                  {CAUTIONS[step.caution].title}: {told(CAUTIONS[step.caution].short)}
                </small>
              )}
            </th>
            {(step.once === true ? [0] : replicates).map((i) => (
              <td key={i} className="figure" colSpan={step.once === true ? sheet.replicateCount : 1}>
                {empty ? step.kind === 'time' && <RoomForTimes step={step} /> : said(step, i)}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** On paper a wait is two times: from when, and until when. */
function RoomForTimes({ step }: { readonly step: Step }): ReactElement {
  return (
    <span className="write-times">
      from ____:____
      <br />
      {step.hold === undefined ? 'on' : 'to'} ____:____
    </span>
  );
}

function Outcome({ sheet }: { readonly sheet: RunSheet }): ReactElement {
  const result = reduceRun(toRecord(sheet, []));
  const corrected = sheet.readings.filter((reading) => reading.corrects !== undefined);
  return (
    <>
      {sheet.finishedAt !== undefined && <p className="sentence">{runSentence(result)}</p>}
      <ul>
        {result.properties.map((one) => (
          <li key={one.property}>
            <ResultLine one={one} />
          </li>
        ))}
      </ul>
      {result.checks.map((check) => (
        <p key={`${check.code}${String(check.replicate)}`}>{told(check.message)}</p>
      ))}
      {sheet.exclusions.map((exclusion) => (
        <p key={exclusion.replicate}>
          {replicateName(exclusion.replicate)} is left out by {exclusion.by}: {exclusion.reason}.
        </p>
      ))}
      {sheet.notes.map((note) => (
        <p key={note.id}>
          {note.text} ({note.by})
        </p>
      ))}
      {corrected.map((reading) => (
        <Correction key={reading.id} sheet={sheet} reading={reading} />
      ))}
    </>
  );
}

function ResultLine({ one }: { readonly one: RunProperty }): ReactElement | null {
  const { label, digits, unit } = property(one.property);
  if (one.summary === undefined) return null;
  const shown = figure(one.summary.mean, digits, one.summary.sd);
  return (
    <>
      {label}: <b className="figure">{one.words ?? shown.value}</b>
      {one.words === undefined && (
        <span className="figure">
          {shown.spread === undefined ? '' : ` ± ${shown.spread}`}
          {unit === '' ? '' : ` ${mySign(unit)}`}, n {one.summary.n}
        </span>
      )}
      <Trouble trouble={one.trouble} />
    </>
  );
}

function Correction({ sheet, reading }: { readonly sheet: RunSheet; readonly reading: KeptReading }): ReactElement {
  const { notebook } = useSession();
  const step = sheet.protocol.steps.find((one) => one.key === reading.step) as Step;
  const old = sheet.readings.find((one) => one.id === reading.corrects);
  return (
    <p>
      {told(step.label)}, {replicateName(reading.replicate)}:{' '}
      {old === undefined ? '' : shownReading(old, step, notebook.zone)} was corrected to{' '}
      {shownReading(reading, step, notebook.zone)} by {reading.by} at{' '}
      {clockTime(Date.parse(reading.takenAt), notebook.zone)}: {reading.reason}.
    </p>
  );
}
