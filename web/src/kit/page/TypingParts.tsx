import { useState, type ReactElement } from 'react';
import { DateField } from '../DateField';
import { Field } from '../Field';
import { LongField } from '../LongField';
import { Slider } from '../Slider';
import { Stepper } from '../Stepper';
import { TimeField } from '../TimeField';
import { Part } from './Part';

const nothing = (): void => undefined;

/** What one types into, or moves. */
export function TypingParts(): ReactElement {
  const [text, setText] = useState('Pumice 3-8 mm');
  const [long, setLong] = useState('2 parts bark, 1 part pumice');
  const [day, setDay] = useState('2026-11-24');
  const [time, setTime] = useState('08:00');
  const [parts, setParts] = useState(3);
  return (
    <>
      <Part name="Field and LongField">
        <Field label="Name" value={text} onChange={setText} />
        <Field label="Litres" mode="decimal" value="" placeholder="20" onChange={nothing} className="w-24" />
        <Field label="Paid, £" mode="decimal" value="-4" onChange={nothing} sorry="The price cannot be negative." />
        <LongField label="A recipe" value={long} onChange={setLong} className="w-72" />
      </Part>
      <Part name="DateField and TimeField">
        <DateField label="Arrived on" value={day} onChange={setDay} />
        <TimeField label="at" value={time} onChange={setTime} />
        <DateField label="From" look="beside" value="" onChange={nothing} />
      </Part>
      <Part name="Stepper and Slider">
        <Stepper
          label="Parts of bark, typed"
          value={String(parts)}
          onChange={nothing}
          onSettle={nothing}
          fewer="Fewer parts of bark"
          onFewer={() => {
            setParts(Math.max(0, parts - 1));
          }}
          more="More parts of bark"
          onMore={() => {
            setParts(parts + 1);
          }}
        />
        <Slider label="Parts of bark" value={parts} most={10} step={0.5} onChange={setParts} className="w-64" />
      </Part>
    </>
  );
}
