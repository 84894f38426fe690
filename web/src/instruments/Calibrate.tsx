import type { InstrumentRow, NewCalibration } from '@bent-pail/contract';
import { judgeCalibration, type InstrumentKind, type JudgedCalibration } from '@bent-pail/core';
import { useMutation } from '@tanstack/react-query';
import { useState, type SubmitEvent, type ReactElement } from 'react';
import { v7 as uuidv7 } from 'uuid';
import { api, sentenceOf } from '../shared/api';
import { CautionStrip } from '../shared/CautionStrip';
import { Field } from '../kit/Field';
import { numberOf } from '../shared/numberOf';
import { queryClient } from '../shared/resources/client';
import { instrumentsQuery } from '../shared/resources/instruments';
import { serverNow } from '../shared/serverClock';
import { SlopeBar } from './SlopeBar';
import { Sorry } from '../kit/Sorry';
import { Button } from '../kit/Button';
import { todayKey } from '../shared/resources/today';
import { runsKey } from '../shared/resources/runs';

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

/** Points of which what was shown is typed; the third buffer may stay empty. */
function pointsOf(row: InstrumentRow, typed: readonly TypedPoint[]): NewCalibration['points'] {
  return typed
    .filter((point, i) => i < LEAST[row.kind] || point.shown.trim() !== '')
    .map((point, i) => ({
      nominal: numberOf(point.nominal, `${STANDARD[row.kind]} ${String(i + 1)}`),
      shown: numberOf(point.shown, `Shown in ${point.nominal}`),
    }));
}

/** What it comes to while it is typed; undefined until it can be said. */
function judgedSoFar(
  row: InstrumentRow,
  typed: readonly TypedPoint[],
  temperature: string,
): JudgedCalibration | undefined {
  if (typed.filter((point) => point.shown.trim() !== '').length < LEAST[row.kind]) return undefined;
  try {
    return judgeCalibration(row, { points: pointsOf(row, typed), temp_C: numberOf(temperature, 'Temperature') });
  } catch (error) {
    // Half a number, or buffers that are alike: said when it is kept.
    if (error instanceof Error) return undefined;
    throw error;
  }
}

/** Two or three buffers, a standard or check weights; the slope is seen before it is kept. */
export function Calibrate({ row, onDone }: { readonly row: InstrumentRow; readonly onDone: () => void }): ReactElement {
  const [typed, setTyped] = useState<readonly TypedPoint[]>(USUAL[row.kind].map((nominal) => ({ nominal, shown: '' })));
  const [temperature, setTemperature] = useState('20');
  const judged = judgedSoFar(row, typed, temperature);
  const keep = useMutation({
    mutationFn: async () => {
      const body: NewCalibration = {
        id: uuidv7(),
        at: new Date(serverNow()).toISOString(),
        temp_C: numberOf(temperature, 'Temperature'),
        points: pointsOf(row, typed),
      };
      return api.post<InstrumentRow[]>(`/instruments/${row.id}/calibrations`, body);
    },
    onSuccess: async (rows) => {
      queryClient.setQueryData(instrumentsQuery.queryKey, rows);
      await queryClient.invalidateQueries({ queryKey: [...instrumentsQuery.queryKey, row.id] });
      await queryClient.invalidateQueries({ queryKey: runsKey });
      await queryClient.invalidateQueries({ queryKey: todayKey });
      onDone();
    },
  });
  const change = (i: number, patch: Partial<TypedPoint>): void => {
    setTyped(typed.map((point, at) => (at === i ? { ...point, ...patch } : point)));
  };
  return (
    <form
      className="flex w-full flex-col gap-3 border-2 border-ink bg-paper p-3"
      aria-label={`${row.kind === 'pH' ? 'Calibrate' : 'Check'} ${row.name}`}
      onSubmit={(event: SubmitEvent) => {
        event.preventDefault();
        keep.mutate();
      }}
    >
      {row.kind !== 'scale' && <CautionStrip caution="chemicals" />}
      {typed.map((point, i) => (
        <div key={i} className="flex gap-3">
          <Field
            label={STANDARD[row.kind]}
            mode="decimal"
            value={point.nominal}
            className="w-1/2"
            onChange={(nominal) => {
              change(i, { nominal });
            }}
          />
          <Field
            label={`Shown, ${shownUnit(row)}${i >= LEAST[row.kind] ? ', may stay empty' : ''}`}
            mode="text"
            value={point.shown}
            className="w-1/2"
            onChange={(shown) => {
              change(i, { shown });
            }}
          />
        </div>
      ))}
      <div className="flex items-end gap-3">
        <Field label="At, °C" mode="decimal" value={temperature} className="w-24" onChange={setTemperature} />
        <p className="flex-1 text-small" aria-live="polite">
          {judged === undefined ? (
            <span className="text-ink2">What it is worth shows here before it is kept.</span>
          ) : (
            <>
              {judged.slopePercent !== undefined && <SlopeBar percent={judged.slopePercent} />}{' '}
              <b className="figure">{judged.words}</b>
              {judged.checks.map((check) => (
                <span key={check.code} className="block">
                  {check.message}
                </span>
              ))}
            </>
          )}
        </p>
      </div>
      {keep.error !== null && <Sorry>{sentenceOf(keep.error)}</Sorry>}
      <div className="flex gap-3">
        <Button type="submit" look="act" disabled={keep.isPending}>
          {judged?.state === 'failed' ? 'Keep it, failed as it is' : 'Keep'}
        </Button>
        <Button onClick={onDone}>Leave it</Button>
      </div>
    </form>
  );
}
