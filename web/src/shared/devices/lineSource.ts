import { SIMULATED, type SimulatedDevice } from '@bent-pail/core';

/** Where bytes of an instrument come from. */
export interface LineSource {
  /** Begins to pass bytes on; `gone` when there will be no more. */
  start: (take: (bytes: Uint8Array) => void, gone: (why: string) => void) => void;
  stop: () => void;
}

/** A device that ships with the product: it writes lines at its own pace. */
export function simulatedSource(device: SimulatedDevice): LineSource {
  let timer: ReturnType<typeof setInterval> | undefined;
  return {
    start: (take) => {
      timer = setInterval(() => {
        take(device.line(performance.now()));
      }, SIMULATED[device.kind].every_ms);
    },
    stop: () => {
      clearInterval(timer);
    },
  };
}

/** As much of the browser's serial ports as is used here; not every browser has them. */
interface SerialPort {
  readonly readable: ReadableStream<Uint8Array> | null;
  open: (options: { readonly baudRate: number }) => Promise<void>;
  close: () => Promise<void>;
}
interface Serial {
  requestPort: () => Promise<SerialPort>;
}

const serialOf = (): Serial | undefined => (navigator as Navigator & { readonly serial?: Serial }).serial;

export const hasSerial = (): boolean => serialOf() !== undefined;

/** Asks the person for a port; must be called from a click. Undefined where none was chosen. */
export async function choosePort(): Promise<SerialPort | undefined> {
  try {
    return await serialOf()?.requestPort();
  } catch (error) {
    // The person closed the list without choosing.
    if (error instanceof DOMException && error.name === 'NotFoundError') return undefined;
    throw error;
  }
}

/** A real instrument on a serial cable. */
export function serialSource(port: SerialPort, baudRate: number): LineSource {
  let reader: ReadableStreamDefaultReader<Uint8Array> | undefined;
  let stopped = false;
  const read = async (take: (bytes: Uint8Array) => void, gone: (why: string) => void): Promise<void> => {
    try {
      await port.open({ baudRate });
      reader = port.readable?.getReader();
      while (reader !== undefined) {
        const { value, done } = await reader.read();
        if (done) break;
        take(value);
      }
      if (!stopped) gone('The cable is silent.');
    } catch (error) {
      if (!stopped) gone(error instanceof Error ? error.message : 'The port cannot be read.');
    } finally {
      reader?.releaseLock();
      await port.close().catch(() => undefined);
    }
  };
  return {
    start: (take, gone) => {
      void read(take, gone);
    },
    stop: () => {
      stopped = true;
      void reader?.cancel();
    },
  };
}
