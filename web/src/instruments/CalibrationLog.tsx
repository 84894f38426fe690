import type { InstrumentRow } from '@bent-pail/contract';
import { judgeCalibration, type JudgedCalibration } from '@bent-pail/core';
import { useState, type ReactElement } from 'react';
import { Figure } from '../shared/Figure';
import { clockTime, day } from '../shared/format';
import { useSession } from '../shared/useSession';
import { SlopeBar } from './SlopeBar';

const SHOWN = 3;
const WORD = { good: 'good', caution: 'so so', failed: 'failed' } as const;

/** The calibrations of an instrument, newest first, each with what it came to. */
export function CalibrationLog({ row }: { readonly row: InstrumentRow }): ReactElement | null {
  const { notebook } = useSession();
  const [all, setAll] = useState(false);
  if (row.calibrations.length === 0) return null;
  const shown = all ? row.calibrations : row.calibrations.slice(0, SHOWN);
  return (
    <>
      <table className="rows log">
        <tbody>
          {shown.map((calibration, i) => {
            const judged = judgeCalibration(row, calibration);
            return (
              <tr key={calibration.id}>
                <th scope="row">
                  {day(calibration.at, notebook.zone)},{' '}
                  <span className="f">{clockTime(Date.parse(calibration.at), notebook.zone)}</span>
                  <small className="q block">
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
      </table>
      {row.calibrations.length > SHOWN && !all && (
        <button
          type="button"
          className="underline underline-offset-2 min-h-11"
          onClick={() => {
            setAll(true);
          }}
        >
          All {row.calibrations.length}
        </button>
      )}
    </>
  );
}

function Outcome({ judged }: { readonly judged: JudgedCalibration }): ReactElement {
  const { working, words, slopePercent } = judged;
  if (slopePercent === undefined) return <span className="f text-[13px]">{words}</span>;
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
        className="text-[15px]"
      />
    </>
  );
}
