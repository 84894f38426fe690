import { parseNumber, type DeviceKind } from '@bent-pail/core';
import { useState, type ReactElement } from 'react';
import { Button } from '../../kit/Button';
import { Choice } from '../../kit/Choice';
import { Field } from '../../kit/Field';
import { simulatedDevice } from './deviceStore';

const FAULTS = [
  { key: 'none', words: 'as it should be' },
  { key: 'drift', words: 'drifting' },
  { key: 'overload', words: 'overloaded' },
  { key: 'unplugged', words: 'unplugged' },
] as const;

interface SimulatedLoadProps {
  readonly kind: DeviceKind;
  readonly unit: string;
  /** What lies on it as a rule. */
  readonly usual: number;
  readonly measures?: 'pH' | 'dS/m';
}

/** What lies on a device that is not there. */
export function SimulatedLoad({ kind, unit, usual, measures }: SimulatedLoadProps): ReactElement {
  const device = simulatedDevice(kind);
  const [load, setLoad] = useState(String(usual));
  const [fault, setFault] = useState(device.fault);
  const typed = parseNumber(load);
  return (
    <>
      <Field
        label={`On it, ${unit}`}
        mode="decimal"
        value={load}
        onChange={setLoad}
        sorry={typed.kind === 'refused' && load !== '' ? typed.sentence : undefined}
        className="w-28 font-normal"
      />
      <Button
        disabled={typed.kind !== 'number'}
        onClick={() => {
          if (typed.kind !== 'number') return;
          if (measures !== undefined) device.measure(measures);
          device.load(typed.value, performance.now());
        }}
      >
        Put it on
      </Button>
      <Button
        onClick={() => {
          device.load(0, performance.now());
        }}
      >
        Take it off
      </Button>
      <Choice
        label="The device is"
        value={fault}
        options={FAULTS}
        onChange={(next) => {
          device.breakBy(next);
          setFault(next);
        }}
      />
    </>
  );
}
