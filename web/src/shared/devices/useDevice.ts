import { compilePattern, CoreError, LineReader, parseLine, SteadyWatch } from '@bent-pail/core';
import type { CompiledPattern, DeviceKind, SteadyState } from '@bent-pail/core';
import { useEffect, useRef, useState } from 'react';
import { sourceOf, useDevices } from './deviceStore';

export type DeviceView =
  | SteadyState
  /** Nothing is connected for this kind of step. */
  | { readonly state: 'none' }
  | { readonly state: 'gone'; readonly why: string };

/** A silence longer than this means that the plug is out, ms. */
const SILENT_MS = 4000;

function compiled(source: string, marksStable: boolean): CompiledPattern | undefined {
  try {
    return compilePattern({ source, marksStable });
  } catch (error) {
    if (error instanceof CoreError) return undefined;
    throw error;
  }
}

/** Listens to the device of a kind while a cell waits for it; `onFresh` once for each reading that stands still. */
export function useDevice(
  kind: DeviceKind | undefined,
  onFresh: (value: number, unit: string | undefined) => void,
): DeviceView {
  const setting = useDevices((state) => (kind === undefined ? undefined : state.settings[kind]));
  const [view, setView] = useState<DeviceView>({ state: 'none' });
  const fresh = useRef(onFresh);
  useEffect(() => {
    fresh.current = onFresh;
  });
  useEffect(() => {
    const pattern = setting === undefined ? undefined : compiled(setting.pattern, setting.marksStable);
    const source = kind === undefined || setting === undefined ? undefined : sourceOf(kind, setting);
    if (kind === undefined || source === undefined || pattern === undefined) return undefined;
    const reader = new LineReader();
    const watch = new SteadyWatch(kind);
    let heardAt = performance.now();
    const silence = setInterval(() => {
      if (performance.now() - heardAt < SILENT_MS) return;
      watch.forget();
      setView({ state: 'gone', why: 'Nothing comes from it. Is it plugged in and on?' });
    }, SILENT_MS / 2);
    source.start(
      (bytes) => {
        for (const line of reader.take(bytes)) {
          heardAt = performance.now();
          const next = watch.take(parseLine(pattern, line), heardAt);
          setView(next);
          if (next.state === 'steady' && next.fresh) fresh.current(next.value, next.unit);
        }
      },
      (why) => {
        watch.forget();
        setView({ state: 'gone', why });
      },
    );
    return () => {
      clearInterval(silence);
      source.stop();
      setView({ state: 'none' });
    };
  }, [kind, setting]);
  return view;
}
