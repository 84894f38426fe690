import type { InstrumentRow, NewCalibration } from '@bent-pail/contract';
import { judgeCalibration, type InstrumentKind, type JudgedCalibration } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { api } from '../api';
import { once } from '../once';
import { CautionStrip } from '../CautionStrip';
import { BodyForm } from '../forms/BodyForm';
import { TextField } from '../forms/fields';
import { typedNumber } from '../forms/Mistyped';
import { useBodyForm } from '../forms/useBodyForm';
import { queryClient } from '../resources/client';
import { instrumentsQuery } from '../resources/instruments';
import { serverNow } from '../serverClock';
import { SlopeBar } from './SlopeBar';
import { Button } from '../../kit/Button';
import { todayKey } from '../resources/today';
import { runsKey } from '../resources/runs';
import { inField, told } from '../units/mine';

interface TypedPoint {
  readonly nominal: string;
  readonly shown: string;
}

/** What is usually at hand. */
const USUAL: Readonly<Record<InstrumentKind, readonly string[]>> = {
  pH: ['4.01', '7.00', '10.01'],
  ec: ['1.413'],
  scale: ['500', '2000'],
};
const STANDARD: Readonly<Record<InstrumentKind, string>> = {
  pH: 'Buffer, pH at this temperature',
  ec: 'Standard, dS/m',
  scale: 'Check weight, g',
};
const LEAST: Readonly<Record<InstrumentKind, number>> = { pH: 2, ec: 1, scale: 1 };

const shownUnit = ({ kind, showsMv }: InstrumentRow): string =>
  kind === 'pH' ? (showsMv ? 'mV' : 'pH') : kind === 'ec' ? 'dS/m' : 'g';

interface Typed {
  readonly temp_C: string;
  readonly points: readonly TypedPoint[];
}

/** What is sent of what was typed; the third buffer may stay empty. */
const readFor =
  ({ kind }: InstrumentRow) =>
  ({ temp_C, points }: Typed): Pick<NewCalibration, 'temp_C' | 'points'> => ({
    temp_C: typedNumber(temp_C, 'temp_C'),
    points: points.flatMap(({ nominal, shown }, i) =>
      i >= LEAST[kind] && shown.trim() === ''
        ? []
        : {
            nominal: typedNumber(nominal, `points.${String(i)}.nominal`),
            shown: typedNumber(shown, `points.${String(i)}.shown`),
          },
    ),
  });

/** What it comes to while it is typed; undefined until it can be said. */
function judgedSoFar(row: InstrumentRow, typed: Typed): JudgedCalibration | undefined {
  if (typed.points.filter((point) => point.shown.trim() !== '').length < LEAST[row.kind]) return undefined;
  try {
    return judgeCalibration(row, readFor(row)(typed));
  } catch (error) {
    // Half a number, or buffers that are alike: said when it is kept.
    if (error instanceof Error) return undefined;
    throw error;
  }
}

/** Two or three buffers, a standard or check weights; the slope is seen before it is kept. */
export function Calibrate({ row, onDone }: { readonly row: InstrumentRow; readonly onDone: () => void }): ReactElement {
  const read = readFor(row);
  const form = useBodyForm({
    body: 'NewCalibration',
    start: {
      temp_C: inField(20, '°C'),
      points: USUAL[row.kind].map((nominal): TypedPoint => ({ nominal, shown: '' })),
    },
    read: (typed) => ({ at: new Date(serverNow()).toISOString(), ...read(typed) }),
    send: ({ at, ...said }) =>
      once(['calibration', row.id, said], (id) =>
        api.post<InstrumentRow[]>(`/instruments/${row.id}/calibrations`, { id: id(), at, ...said }),
      ),
    onKept: async (rows) => {
      queryClient.setQueryData(instrumentsQuery.queryKey, rows);
      await queryClient.invalidateQueries({ queryKey: [...instrumentsQuery.queryKey, row.id] });
      await queryClient.invalidateQueries({ queryKey: runsKey });
      await queryClient.invalidateQueries({ queryKey: todayKey });
      onDone();
    },
  });
  const judged = judgedSoFar(row, form.fields.watch());
  return (
    <BodyForm
      form={form}
      className="flex w-full flex-col gap-3 border-2 border-ink bg-paper p-3"
      label={`${row.kind === 'pH' ? 'Calibrate' : 'Check'} ${row.name}`}
    >
      {row.kind !== 'scale' && <CautionStrip caution="chemicals" />}
      {USUAL[row.kind].map((usual, i) => (
        <div key={usual} className="flex gap-3">
          <TextField name={`points.${String(i)}.nominal`} label={STANDARD[row.kind]} mode="decimal" className="w-1/2" />
          <TextField
            name={`points.${String(i)}.shown`}
            label={`Shown, ${shownUnit(row)}${i >= LEAST[row.kind] ? ', may stay empty' : ''}`}
            mode="text"
            className="w-1/2"
          />
        </div>
      ))}
      <div className="flex items-end gap-3">
        <TextField name="temp_C" label="At" mode="decimal" className="w-24" />
        <Worth judged={judged} />
      </div>
      <div className="flex gap-3">
        <Button type="submit" look="act" disabled={form.isBusy}>
          {judged?.state === 'failed' ? 'Keep it, failed as it is' : 'Keep'}
        </Button>
        <Button onClick={onDone}>Cancel</Button>
      </div>
    </BodyForm>
  );
}

/** What the calibration is worth, as far as it is typed. */
function Worth({ judged }: { readonly judged: JudgedCalibration | undefined }): ReactElement {
  return (
    <p className="flex-1 text-small" aria-live="polite">
      {judged === undefined ? (
        <span className="text-ink2">What it is worth shows here before it is kept.</span>
      ) : (
        <>
          {judged.slopePercent !== undefined && <SlopeBar percent={judged.slopePercent} />}{' '}
          <b className="figure">{judged.words}</b>
          {judged.checks.map((check) => (
            <span key={check.code} className="block">
              {told(check.message)}
            </span>
          ))}
        </>
      )}
    </p>
  );
}
