import { parseNumber } from '@bent-pail/core';
import { useState, type SubmitEvent, type ReactElement } from 'react';
import { potOf, POTS, potText, type Pot } from './pots';
import { Button } from '../../kit/Button';
import { Popover } from '../../kit/Popover';
import { Sorry } from '../../kit/Sorry';
import { Field } from '../../kit/Field';

interface PotPickerProps {
  readonly pot: Pot;
  readonly onChange: (pot: Pot) => void;
}

/** Names the pot that the figures are stated for; a press offers others, or takes typed inner sizes. */
export function PotPicker({ pot, onChange }: PotPickerProps): ReactElement {
  const [open, setOpen] = useState(false);
  const choose = (next: Pot): void => {
    onChange(next);
    setOpen(false);
  };
  return (
    <Popover opener={pot.name} label={`My pot: ${pot.name}. Choose another.`} open={open} onOpenChange={setOpen}>
      <ul>
        {POTS.map((one) => (
          <li key={one.name} className="border-b border-zinc2">
            <button
              type="button"
              className={`min-h-11 w-full text-left ${potText(one.shape) === potText(pot.shape) ? 'font-bold' : ''}`}
              onClick={() => {
                choose(one);
              }}
            >
              {one.name}
            </button>
          </li>
        ))}
      </ul>
      <TypedPot onChange={choose} />
    </Popover>
  );
}

const SIZES = [
  { key: 'height', label: 'Depth' },
  { key: 'top', label: 'Top' },
  { key: 'base', label: 'Base' },
] as const;

/** Inner sizes typed in: depth alone is a straight pot. */
function TypedPot({ onChange }: { readonly onChange: (pot: Pot) => void }): ReactElement {
  const [sizes, setSizes] = useState({ height: '', top: '', base: '' });
  const [sorry, setSorry] = useState<string>();
  const submit = (event: SubmitEvent): void => {
    event.preventDefault();
    const texts = [sizes.height, sizes.top, sizes.base].filter((text) => text.trim() !== '');
    const numbers = texts.map((text) => parseNumber(text));
    const refused = numbers.find((one) => one.kind === 'refused');
    const pot = potOf(numbers.map((one) => (one.kind === 'number' ? String(one.value) : '')).join('-'));
    if (refused !== undefined) setSorry(refused.sentence);
    else if (pot === undefined) setSorry('Give the depth in cm, and both diameters or neither; up to 200 cm.');
    else onChange(pot);
  };
  return (
    <form className="mt-3" onSubmit={submit}>
      <h3 className="text-small">Another, inside, in cm</h3>
      <div className="mt-1 flex gap-2">
        {SIZES.map(({ key, label }) => (
          <Field
            key={key}
            label={label}
            mode="decimal"
            value={sizes[key]}
            onChange={(next) => {
              setSizes({ ...sizes, [key]: next });
            }}
            className="flex-1"
          />
        ))}
      </div>
      <p className="text-ink2 mt-1 text-small">Depth alone is a straight pot.</p>
      {sorry !== undefined && <Sorry className="mt-2">{sorry}</Sorry>}
      <Button type="submit" className="mt-3">
        Use this pot
      </Button>
    </form>
  );
}
