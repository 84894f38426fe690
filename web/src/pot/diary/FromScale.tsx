import { valueInUnit } from '@bent-pail/core';
import { useState, type ReactElement } from 'react';
import { Link } from 'react-router';
import { Sorry } from '../../kit/Sorry';
import { DeviceSays } from '../../shared/devices/DeviceSays';
import { useDevices } from '../../shared/devices/deviceStore';
import { useDevice } from '../../shared/devices/useDevice';
import { inField, mySign } from '../../shared/units/mine';
import { later } from '../../kit/later';

// A device that is only played needs its load set.
const SimulatedLoad = later(async () => (await import('../../shared/devices/SimulatedLoad')).SimulatedLoad, null);

interface FromScaleProps {
  /** What lies on a simulated one. */
  readonly usual_g: number;
  /** What stands still on it, as it would be typed. */
  readonly onMass: (typed: string) => void;
}

/** The scale of this computer, where there is one: a weight that stands still goes into the field. */
export function FromScale({ usual_g, onMass }: FromScaleProps): ReactElement | null {
  const source = useDevices((state) => state.settings.scale.source);
  const [sorry, setSorry] = useState<string>();
  const view = useDevice(source === 'none' ? undefined : 'scale', (value, unit) => {
    const mass_g = valueInUnit(value, unit, 'g');
    setSorry(
      mass_g === undefined
        ? `It shows ${unit ?? ''}, and a pot is weighed in ${mySign('g')}: switch it over.`
        : undefined,
    );
    if (mass_g !== undefined && mass_g > 0) onMass(inField(Number(mass_g.toFixed(1)), 'g'));
  });
  if (source === 'none') return null;
  return (
    <div
      role="group"
      aria-label="Scale"
      className="flex basis-full flex-wrap items-center gap-x-4 gap-y-2 bg-zinc1 px-3 py-2 font-semibold"
    >
      <span>Scale {source === 'simulated' && <Link to="/bench/devices">(simulated)</Link>}</span>
      <DeviceSays view={view} />
      {source === 'simulated' && <SimulatedLoad kind="scale" unit="g" usual={usual_g} />}
      {sorry !== undefined && <Sorry>{sorry}</Sorry>}
    </div>
  );
}
