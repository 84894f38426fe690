import { useState, type ReactElement, type ReactNode } from 'react';
import { Check } from './Check';
import { Choice } from './Choice';
import { DateField } from './DateField';
import { Field } from './Field';
import { Find } from './Find';
import { OneOf } from './OneOf';
import { TimeField } from './TimeField';

const PACKED = [
  { key: '', words: 'not noted' },
  { key: 'tapped', words: 'tapped on the bench' },
  { key: 'pressed', words: 'pressed, with a load', group: 'With a load' },
  { key: 'dropped', words: 'dropped from a hand’s height' },
];
const UNITS = [
  { key: 'pH', words: 'pH' },
  { key: 'mV', words: 'mV' },
] as const;
const nothing = (): void => undefined;

function Part({ name, children }: { readonly name: string; readonly children: ReactNode }): ReactElement {
  return (
    <section className="border-t border-zinc3 py-4" aria-label={name}>
      <h3 className="mb-2 text-small text-ink2">{name}</h3>
      <div className="flex flex-wrap items-end gap-6">{children}</div>
    </section>
  );
}

/** Every part of the kit in every state, for whoever builds with it; by day and by night. */
export function KitPage(): ReactElement {
  return (
    <main className="grid md:grid-cols-2">
      <Parts scheme="light" />
      <Parts scheme="dark" />
    </main>
  );
}

const STUFF = ['Bark, fine', 'Coir pith', 'Pumice 3-8 mm', 'Pumice 8-12 mm', 'Rice hulls'];

function Found(): ReactElement {
  const [text, setText] = useState('');
  const [chosen, setChosen] = useState<string>();
  const found = STUFF.filter((name) => name.toLowerCase().includes(text.toLowerCase()));
  return (
    <Find
      label="Lot"
      chosen={chosen}
      unchosen="say which"
      found={found.map((name) => ({ key: name, words: name, note: 'came 8 Nov · not measured yet' }))}
      total={1240}
      text={text}
      placeholder="name, code, source"
      onText={setText}
      onChoose={setChosen}
      className="w-64"
    />
  );
}

function Parts({ scheme }: { readonly scheme: 'light' | 'dark' }): ReactElement {
  const [packed, setPacked] = useState('tapped');
  const [day, setDay] = useState('2026-11-24');
  const [time, setTime] = useState('08:00');
  const [text, setText] = useState('Pumice 3-8 mm');
  const [must, setMust] = useState(true);
  const [unit, setUnit] = useState<'pH' | 'mV'>('pH');
  return (
    <div className="bg-enamel px-6 pb-10 text-ink" style={{ colorScheme: scheme }}>
      <h2 className="py-4 text-lead">The kit, {scheme}</h2>
      <Part name="Field">
        <Field label="Name" value={text} onChange={setText} />
        <Field label="Litres" mode="decimal" value="" placeholder="20" onChange={nothing} className="w-24" />
      </Part>
      <Part name="Choice">
        <Choice label="Packed" value={packed} options={PACKED} onChange={setPacked} className="w-64" />
        <Choice label="Nothing chosen" value="" options={PACKED.slice(1)} onChange={nothing} />
        <Choice label="Not now" value="tapped" options={PACKED} onChange={nothing} disabled />
        <Choice label="Only" look="beside" value={packed} options={PACKED} onChange={setPacked} />
        <Choice label="Bare" look="bare" value={packed} options={PACKED} onChange={setPacked} />
      </Part>
      <Part name="Find">
        <Found />
      </Part>
      <Part name="DateField and TimeField">
        <DateField label="Came on" value={day} onChange={setDay} />
        <TimeField label="at" value={time} onChange={setTime} />
        <DateField label="From" look="beside" value="" onChange={nothing} />
      </Part>
      <Part name="Check and OneOf">
        <Check label="a must" checked={must} onChange={setMust} />
        <Check label="may be left out" checked={false} onChange={nothing} />
        <OneOf label="How it is typed" value={unit} options={UNITS} onChange={setUnit} />
      </Part>
    </div>
  );
}
