import { useState, type ReactElement } from 'react';
import { Check } from '../Check';
import { Choice } from '../Choice';
import { Find } from '../Find';
import { OneOf } from '../OneOf';
import { Switch } from '../Switch';
import { Part } from './Part';

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
const STUFF = ['Bark, fine', 'Coir pith', 'Pumice 3-8 mm', 'Pumice 8-12 mm', 'Rice hulls'];
const nothing = (): void => undefined;

/** What one chooses by. */
export function ChoosingParts(): ReactElement {
  const [packed, setPacked] = useState('tapped');
  const [must, setMust] = useState(true);
  const [on, setOn] = useState(true);
  const [unit, setUnit] = useState<'pH' | 'mV'>('pH');
  return (
    <>
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
      <Part name="Check, Switch, OneOf">
        <Check label="a must" checked={must} onChange={setMust} />
        <Check label="may be left out" checked={false} onChange={nothing} />
        <Switch label="Single keys work" on={on} onChange={setOn} />
        <Switch label="Sound" on={false} onChange={nothing} />
        <OneOf label="How it is typed" value={unit} options={UNITS} onChange={setUnit} />
      </Part>
    </>
  );
}

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
