import { DEVICE_OF_STEP, valueInUnit, type Step } from '@bent-pail/core';
import { useState, type ReactElement } from 'react';
import { Button } from '../kit/Button';
import { Sorry } from '../kit/Sorry';
import { sentenceOf } from '../shared/api';
import { DeviceSays } from '../shared/devices/DeviceSays';
import { keepPort, useDevices } from '../shared/devices/deviceStore';
import { choosePort, hasSerial } from '../shared/devices/lineSource';
import { useDevice } from '../shared/devices/useDevice';

interface FromDeviceProps {
  readonly step: Step;
  readonly onValue: (value: number) => void;
}

/** A scale, a pen or a meter on a cable fills the cell once it stands still; without one there is nothing to see. */
export function FromDevice({ step, onValue }: FromDeviceProps): ReactElement | null {
  const kind = DEVICE_OF_STEP[step.kind];
  const source = useDevices((state) => (kind === undefined ? 'none' : state.settings[kind].source));
  const change = useDevices((state) => state.change);
  const [sorry, setSorry] = useState<string>();
  const view = useDevice(source === 'none' ? undefined : kind, (value, unit) => {
    const inUnit = valueInUnit(value, unit, step.unit);
    if (inUnit === undefined) setSorry(`It shows ${unit ?? ''}, and this step asks for ${step.unit}: switch it over.`);
    else onValue(inUnit);
  });
  if (kind === undefined || (source === 'none' && !hasSerial())) return null;
  const connect = async (): Promise<void> => {
    try {
      const port = await choosePort();
      if (port === undefined) return;
      keepPort(kind, port);
      change(kind, { source: 'serial' });
    } catch (error) {
      setSorry(sentenceOf(error));
    }
  };
  return (
    <div className="flex flex-wrap items-center gap-3 border-y-[1.5px] border-ink bg-zinc1 px-3 py-2">
      {source === 'none' ? (
        <Button onClick={() => void connect()}>Read it from a cable</Button>
      ) : (
        <DeviceSays view={view} />
      )}
      {sorry !== undefined && <Sorry>{sorry}</Sorry>}
    </div>
  );
}
