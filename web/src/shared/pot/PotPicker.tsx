import { useState, type SubmitEvent, type ReactElement } from 'react';
import { amount, inField, readTyped } from '../units/mine';
import { MeasureField } from '../units/MeasureField';
import { MAT_cm, onMat, potOf, pots, potText, type Pot } from './pots';
import { Button } from '../../kit/Button';
import { Popover } from '../../kit/Popover';
import { Sorry } from '../../kit/Sorry';

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
        {pots().map((one) => (
          <li key={one.name} className="border-b border-zinc2">
            <button
              type="button"
              className={`min-h-11 w-full text-left ${potText(one.shape) === potText(onMat(pot, 0).shape) ? 'font-bold' : ''}`}
              onClick={() => {
                choose(onMat(one, pot.shape.baseSuction_cm ?? 0));
              }}
            >
              {one.name}
            </button>
          </li>
        ))}
      </ul>
      <TypedPot onChange={choose} />
      <OnMat pot={pot} onChange={choose} />
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
    const numbers = texts.map((text) => readTyped(text, 'cm').number);
    const refused = numbers.find((one) => one.kind === 'refused');
    const pot = potOf(
      numbers.map((one) => (one.kind === 'number' ? String(Number(one.value.toPrecision(6))) : '')).join('-'),
    );
    if (refused !== undefined) setSorry(refused.sentence);
    else if (pot === undefined)
      setSorry(`Give the depth, and both diameters or neither; up to ${amount(200, 'cm', 0)}.`);
    else onChange(pot);
  };
  return (
    <form className="mt-3" onSubmit={submit}>
      <h3 className="text-small">Another, inside</h3>
      <div className="mt-1 flex gap-2">
        {SIZES.map(({ key, label }) => (
          <MeasureField
            key={key}
            label={label}
            kept="cm"
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

/** A pot on a mat or a wick goes on draining: its base hangs at a suction. */
function OnMat({ pot, onChange }: { readonly pot: Pot; readonly onChange: (pot: Pot) => void }): ReactElement {
  const hangs = pot.shape.baseSuction_cm ?? 0;
  const [typed, setTyped] = useState(inField(hangs === 0 ? MAT_cm : hangs, 'cm'));
  const [sorry, setSorry] = useState<string>();
  const stand = (): void => {
    const cm = readTyped(typed, 'cm').number;
    if (cm.kind === 'number' && cm.value > 0 && cm.value <= 100) onChange(onMat(pot, cm.value));
    else setSorry(`Give how far the water hangs below the pot’s base: over 0 and up to ${amount(100, 'cm', 0)}.`);
  };
  return (
    <div className="mt-3 border-t border-zinc2 pt-2">
      <h3 className="text-small">On a mat or a wick</h3>
      <div className="mt-1 flex flex-wrap items-end gap-2">
        <MeasureField label="Water below the base" kept="cm" value={typed} onChange={setTyped} className="w-44" />
        <Button onClick={stand}>Stand it on one</Button>
        {hangs > 0 && (
          <Button
            look="tie"
            onClick={() => {
              onChange(onMat(pot, 0));
            }}
          >
            Let it drain freely
          </Button>
        )}
      </div>
      {sorry !== undefined && <Sorry className="mt-2">{sorry}</Sorry>}
    </div>
  );
}
