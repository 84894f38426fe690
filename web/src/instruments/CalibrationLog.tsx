import type { InstrumentRow } from '@bent-pail/contract';
import { judgeCalibration, type CalibrationRecord, type JudgedCalibration } from '@bent-pail/core';
import { useInfiniteQuery } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { Await } from '../shared/Await';
import { Figure } from '../shared/Figure';
import { clockTime, day } from '../kit/format';
import { More, rowsOf } from '../shared/lists/More';
import { calibrationPagesQuery } from '../shared/resources/instruments';
import { useSession } from '../shared/useSession';
import { SlopeBar } from '../shared/instruments/SlopeBar';
import { Rows } from '../kit/Rows';

const WORD = { good: 'good', caution: 'so so', failed: 'failed' } as const;

/** The calibrations of an instrument, newest first, each with what it came to. */
export function CalibrationLog({ row }: { readonly row: InstrumentRow }): ReactElement | null {
  const [all, setAll] = useState(false);
  if (row.calibrations.length === 0) return null;
  if (all) return <WholeLog row={row} />;
  return (
    <>
      <Log row={row} calibrations={row.calibrations} />
      {row.calibrated > row.calibrations.length && (
        <button
          type="button"
          className="underline underline-offset-2 min-h-11"
          onClick={() => {
            setAll(true);
          }}
        >
          All {row.calibrated}
        </button>
      )}
    </>
  );
}

function WholeLog({ row }: { readonly row: InstrumentRow }): ReactElement {
  const query = useInfiniteQuery(calibrationPagesQuery(row.id));
  return (
    <Await query={query}>
      {(data) => (
        <>
          <Log row={row} calibrations={rowsOf(data)} />
          <More query={query} what="calibrations" />
        </>
      )}
    </Await>
  );
}

interface LogProps {
  readonly row: InstrumentRow;
  readonly calibrations: readonly CalibrationRecord[];
}

function Log({ row, calibrations }: LogProps): ReactElement {
  const { notebook } = useSession();
  return (
    <Rows className="[&_td]:align-top [&_th]:align-top">
      <tbody>
        {calibrations.map((calibration, i) => {
          const judged = judgeCalibration(row, calibration);
          return (
            <tr key={calibration.id}>
              <th scope="row">
                {day(calibration.at, notebook.zone)},{' '}
                <span className="figure">{clockTime(Date.parse(calibration.at), notebook.zone)}</span>
                <small className="text-ink2 block">
                  {calibration.by}
                  {i === 0 ? `, ${String(row.readings)} readings since` : ''}
                </small>
              </th>
              <td>
                <Outcome judged={judged} />
              </td>
              <td className="w-16">
                <b>{WORD[judged.state]}</b>
              </td>
            </tr>
          );
        })}
      </tbody>
    </Rows>
  );
}

function Outcome({ judged }: { readonly judged: JudgedCalibration }): ReactElement {
  const { working, words, slopePercent } = judged;
  if (slopePercent === undefined) return <span className="figure text-small">{words}</span>;
  return (
    <>
      <SlopeBar percent={slopePercent} />
      <Figure
        label="Slope"
        value={slopePercent}
        digits={1}
        unit="%"
        origin="measured"
        working={working}
        className="text-body"
      />
    </>
  );
}
