import { LINE_PATTERNS, type DeviceKind } from '@bent-pail/core';
import { useState, type ReactElement } from 'react';
import { choosePort, hasSerial } from '../shared/devices/lineSource';
import { keepPort, useDevices, type SourceKind } from '../shared/devices/deviceStore';
import { Choice } from '../kit/Choice';
import { Field } from '../kit/Field';
import { lineSays, patternRefusal } from './lineSays';
import { Check } from '../kit/Check';
import { Sorry } from '../kit/Sorry';
import { Button } from '../kit/Button';

const SOURCES: readonly { readonly key: SourceKind; readonly words: string }[] = [
  { key: 'none', words: 'nothing: I type' },
  { key: 'simulated', words: 'the simulated one' },
  { key: 'serial', words: 'one on a serial cable' },
];

const OWN = 'own';

interface DeviceCardProps {
  readonly kind: DeviceKind;
  readonly name: string;
  readonly fills: string;
}

/** One kind of device: where it is, how its lines are read, and a line tried out. */
export function DeviceCard({ kind, name, fills }: DeviceCardProps): ReactElement {
  const setting = useDevices((state) => state.settings[kind]);
  const change = useDevices((state) => state.change);
  const [line, setLine] = useState('');
  const [sorry, setSorry] = useState<string>();
  const known = LINE_PATTERNS.filter((one) => one.kind === kind);
  const pattern = known.find((one) => one.source === setting.pattern && one.marksStable === setting.marksStable);
  const refusal = patternRefusal(setting);
  const connect = async (): Promise<void> => {
    try {
      const port = await choosePort();
      if (port !== undefined) keepPort(kind, port);
    } catch (error) {
      setSorry(error instanceof Error ? error.message : 'The port cannot be opened.');
    }
  };
  return (
    <section
      aria-label={name}
      className="flex flex-col gap-3 border-r-[1.5px] border-b-[3px] border-r-zinc2 border-b-ink px-5 pt-4 pb-6"
    >
      <h2>{name}</h2>
      <p className="text-ink2">{fills}</p>
      <Choice
        label="It is"
        value={setting.source}
        options={SOURCES}
        onChange={(source) => {
          change(kind, { source });
        }}
      />
      {setting.source === 'serial' && !hasSerial() && (
        <Sorry quiet>This browser has no serial ports. Another one on this computer may; typing works in all.</Sorry>
      )}
      {setting.source === 'serial' && hasSerial() && (
        <div className="flex items-end gap-3">
          <Field
            label="Speed, baud"
            mode="numeric"
            value={String(setting.baudRate)}
            className="w-32"
            onChange={(text) => {
              change(kind, { baudRate: Number(text.replaceAll(/\D/g, '')) || 0 });
            }}
          />
          <Button look="act" onClick={() => void connect()}>
            Choose the cable
          </Button>
        </div>
      )}
      {sorry !== undefined && <Sorry>{sorry}</Sorry>}
      {setting.source !== 'none' && (
        <>
          <Choice
            label="It writes"
            value={pattern?.key ?? OWN}
            options={[
              ...known.map(({ key, label }) => ({ key, words: label.replace(/^\w+: /, '') })),
              { key: OWN, words: 'in a way of its own' },
            ]}
            onChange={(key) => {
              const chosen = known.find((one) => one.key === key);
              if (chosen !== undefined) change(kind, { pattern: chosen.source, marksStable: chosen.marksStable });
            }}
          />
          <Field
            label="Line pattern, with parts value, unit, stable, overload"
            mode="text"
            value={setting.pattern}
            onChange={(source) => {
              change(kind, { pattern: source });
            }}
          />
          <Check
            label="It marks a stable reading itself"
            checked={setting.marksStable}
            onChange={(marksStable) => {
              change(kind, { marksStable });
            }}
          />
          {refusal !== undefined && <Sorry>{refusal}</Sorry>}
          <Field label="Try a line" mode="text" value={line} onChange={setLine} placeholder="paste what it wrote" />
          <output className="text-body">{line === '' ? ' ' : lineSays(setting, line)}</output>
        </>
      )}
    </section>
  );
}
