import type { NewReading } from '@bent-pail/contract';
import {
  DEVICE_OF_STEP,
  parseNumber,
  readingRefusal,
  valueInUnit,
  type DeviceKind,
  type Sheet,
  type Step,
} from '@bent-pail/core';
import { useState, type ReactElement } from 'react';
import { Link } from 'react-router';
import { simulatedDevice, useDevices } from '../shared/devices/deviceStore';
import { useDevice, type DeviceView } from '../shared/devices/useDevice';
import { Choice } from '../kit/Choice';
import { Field } from '../kit/Field';
import { fixed } from '../kit/format';
import type { CellAt } from './cursor';
import { newReading } from './newReading';
import { usualLoad } from './usualLoad';
import { Sorry } from '../kit/Sorry';
import { Button } from '../kit/Button';

interface DeviceStripProps {
  readonly lit: CellAt;
  readonly protocol: Parameters<typeof readingRefusal>[0];
  readonly cells: Sheet;
  /** Typing comes first: while something is typed, no device fills the cell. */
  readonly typing: boolean;
  readonly onKeep: (reading: NewReading) => void;
}

const NAME: Readonly<Record<DeviceKind, string>> = { scale: 'Scale', meter: 'Meter', probe: 'Probe' };

/** What the device of the lit step shows; a reading that stands still drops into the lit cell. */
export function DeviceStrip({ lit, protocol, cells, typing, onKeep }: DeviceStripProps): ReactElement | null {
  const step = protocol.steps.find((one) => one.key === lit.step);
  const kind = step === undefined ? undefined : DEVICE_OF_STEP[step.kind];
  const source = useDevices((state) => (kind === undefined ? 'none' : state.settings[kind].source));
  const [sorry, setSorry] = useState<string>();
  const view = useDevice(source === 'none' ? undefined : kind, (value, unit) => {
    setSorry(undefined);
    if (step === undefined || typing || cells.cell(lit.replicate, lit.step).standing.length > 0) return;
    const inUnit = valueInUnit(value, unit, step.unit);
    if (inUnit === undefined) {
      setSorry(`It shows ${unit ?? ''}, and this step asks for ${step.unit}: switch it over.`);
      return;
    }
    const refusal = readingRefusal(protocol, { step: lit.step, value: inUnit });
    if (refusal === undefined) onKeep(newReading(lit.replicate, lit.step, inUnit));
    else setSorry(refusal);
  });
  if (step === undefined || kind === undefined || source === 'none') return null;
  return (
    <div
      className="col-span-full flex flex-wrap items-center gap-x-4 gap-y-2 border-b-[1.5px] border-ink bg-zinc1 px-5 py-2 font-semibold"
      role="group"
      aria-label={NAME[kind]}
    >
      <span>
        {NAME[kind]} {source === 'simulated' && <Link to="/bench/devices">(simulated)</Link>}
      </span>
      <output className={`min-w-[250px] ${LOOK[view.state] ?? 'figure text-lead font-medium'}`}>{said(view)}</output>
      {source === 'simulated' && (
        <Simulated key={`${kind}${lit.step}`} kind={kind} step={step} lit={lit} cells={cells} />
      )}
      {sorry !== undefined && <Sorry>{sorry}</Sorry>}
    </div>
  );
}

const IN_WORDS = 'text-body leading-tight font-semibold';

/** What stands still is blue; what is wrong is told in words. */
const LOOK: Readonly<Partial<Record<DeviceView['state'], string>>> = {
  steady: 'figure text-lead font-medium text-waterink',
  unknown: IN_WORDS,
  gone: IN_WORDS,
  overload: IN_WORDS,
};

function said(view: DeviceView): string {
  switch (view.state) {
    case 'moving':
      return `${fixed(view.value, 2)} ${view.unit ?? ''} …`;
    case 'steady':
      return `${fixed(view.value, 2)} ${view.unit ?? ''} stands still`;
    case 'overload':
      return 'overload';
    case 'unknown':
      return 'lines that its pattern does not know';
    case 'gone':
      return view.why;
    case 'quiet':
    case 'none':
      return 'waiting for it';
  }
}

const FAULTS = [
  { key: 'none', words: 'as it should be' },
  { key: 'drift', words: 'drifting' },
  { key: 'overload', words: 'overloaded' },
  { key: 'unplugged', words: 'unplugged' },
] as const;

interface SimulatedProps {
  readonly kind: DeviceKind;
  readonly step: Step;
  readonly lit: CellAt;
  readonly cells: Sheet;
}

/** What lies on a device that is not there. */
function Simulated({ kind, step, lit, cells }: SimulatedProps): ReactElement {
  const device = simulatedDevice(kind);
  const [load, setLoad] = useState(() => String(usualLoad(step, lit.replicate, cells)));
  const [fault, setFault] = useState(device.fault);
  const typed = parseNumber(load);
  return (
    <>
      <Field
        label={`On it, ${step.unit}`}
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
          device.measure(step.kind === 'ec' ? 'dS/m' : 'pH');
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
