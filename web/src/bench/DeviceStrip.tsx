import type { NewReading } from '@bent-pail/contract';
import { DEVICE_OF_STEP, readingRefusal, valueInUnit, type DeviceKind, type Sheet } from '@bent-pail/core';
import { useState, type ReactElement } from 'react';
import { Link } from 'react-router';
import { DeviceSays } from '../shared/devices/DeviceSays';
import { useDevices } from '../shared/devices/deviceStore';
import { useDevice } from '../shared/devices/useDevice';
import type { CellAt } from './cursor';
import { newReading } from './newReading';
import { usualLoad } from './usualLoad';
import { Sorry } from '../kit/Sorry';
import { later } from '../kit/later';

// A device that is only played needs its load set.
const SimulatedLoad = later(async () => (await import('../shared/devices/SimulatedLoad')).SimulatedLoad, null);

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
      <DeviceSays view={view} />
      {source === 'simulated' && (
        <SimulatedLoad
          key={`${kind}${lit.step}`}
          kind={kind}
          unit={step.unit}
          usual={usualLoad(step, lit.replicate, cells)}
          measures={step.kind === 'ec' ? 'dS/m' : 'pH'}
        />
      )}
      {sorry !== undefined && <Sorry>{sorry}</Sorry>}
    </div>
  );
}
