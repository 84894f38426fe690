import { LINE_PATTERNS, SimulatedDevice, type DeviceKind, type LinePattern } from '@bent-pail/core';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { serialSource, simulatedSource, type LineSource } from './lineSource';

export type SourceKind = 'none' | 'simulated' | 'serial';

/** How one kind of device is connected on this computer. */
export interface DeviceSetting {
  readonly source: SourceKind;
  readonly pattern: string;
  readonly marksStable: boolean;
  readonly baudRate: number;
}

interface DeviceState {
  readonly settings: Readonly<Record<DeviceKind, DeviceSetting>>;
  readonly change: (kind: DeviceKind, patch: Partial<DeviceSetting>) => void;
}

export const DEVICE_KINDS: readonly DeviceKind[] = ['scale', 'meter', 'probe'];

/** The pattern that a kind of device is read by until somebody says otherwise: that of the simulated one. */
export function usualPattern(kind: DeviceKind): LinePattern {
  return LINE_PATTERNS.find((one) => one.kind === kind) as LinePattern;
}

const unset = (kind: DeviceKind): DeviceSetting => {
  const { source, marksStable } = usualPattern(kind);
  return { source: 'none', pattern: source, marksStable, baudRate: 9600 };
};

/** Devices belong to the computer at the bench, so they are kept in its browser. */
export const useDevices = create<DeviceState>()(
  persist(
    (set) => ({
      settings: { scale: unset('scale'), meter: unset('meter'), probe: unset('probe') },
      change: (kind, patch) => {
        set(({ settings }) => ({ settings: { ...settings, [kind]: { ...settings[kind], ...patch } } }));
      },
    }),
    { name: 'bent-pail-devices', version: 1 },
  ),
);

const simulated = new Map<DeviceKind, SimulatedDevice>();

/** The simulated device of a kind; what lies on it stays while one goes from cell to cell. */
export function simulatedDevice(kind: DeviceKind): SimulatedDevice {
  const known = simulated.get(kind) ?? new SimulatedDevice(kind, () => Math.random());
  simulated.set(kind, known);
  return known;
}

type Port = Parameters<typeof serialSource>[0];
const ports = new Map<DeviceKind, Port>();

export function keepPort(kind: DeviceKind, port: Port): void {
  ports.set(kind, port);
}

/** Where the bytes of a kind of device come from now; undefined where nothing is connected. */
export function sourceOf(kind: DeviceKind, { source, baudRate }: DeviceSetting): LineSource | undefined {
  if (source === 'simulated') return simulatedSource(simulatedDevice(kind));
  const port = ports.get(kind);
  return source === 'serial' && port !== undefined ? serialSource(port, baudRate) : undefined;
}
