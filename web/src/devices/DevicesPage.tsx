import type { DeviceKind } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { DEVICE_KINDS } from '../shared/devices/deviceStore';
import { TitleBlock } from '../shared/TitleBlock';
import { DeviceCard } from './DeviceCard';
import { HowItGoes } from './HowItGoes';

const ABOUT: Readonly<Record<DeviceKind, { readonly name: string; readonly fills: string }>> = {
  scale: { name: 'Scale', fills: 'Fills every weighing.' },
  meter: { name: 'pH or EC meter', fills: 'Fills pH and EC; it waits until the reading no longer drifts.' },
  probe: { name: 'Temperature probe', fills: 'Fills temperatures.' },
};

/** What is plugged into this computer; a reading that stands still drops into the lit cell, and typing always works. */
export function DevicesPage(): ReactElement {
  return (
    <main>
      <TitleBlock
        title="Devices"
        line="What is plugged into this computer. A reading that stands still drops into the lit cell; typing always works too."
      />
      <div className="grid grid-cols-[repeat(auto-fill,minmax(min(360px,100%),1fr))]">
        {DEVICE_KINDS.map((kind) => (
          <DeviceCard key={kind} kind={kind} {...ABOUT[kind]} />
        ))}
      </div>
      <HowItGoes />
    </main>
  );
}
