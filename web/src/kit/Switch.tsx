import { Switch as Primitive } from 'radix-ui';
import { useId, type ReactElement } from 'react';

interface SwitchProps {
  readonly label: string;
  readonly on: boolean;
  readonly onChange: (on: boolean) => void;
}

/** Something that is on or off from the moment it is pressed. */
export function Switch({ label, on, onChange }: SwitchProps): ReactElement {
  const id = useId();
  return (
    <span className="inline-flex min-h-11 items-center gap-3">
      <Primitive.Root
        id={id}
        checked={on}
        onCheckedChange={onChange}
        className="relative h-6.5 w-12 shrink-0 rounded-[2px] border-[1.5px] border-ink bg-paper after:absolute after:-inset-2 data-[state=checked]:bg-slab"
      >
        <Primitive.Thumb className="block h-full w-5 border-r-[1.5px] border-ink bg-zinc2 data-[state=checked]:translate-x-[25px] data-[state=checked]:border-r-0 data-[state=checked]:bg-paper" />
      </Primitive.Root>
      <label htmlFor={id} className="cursor-pointer py-2">
        {label} <small>{on ? 'on' : 'off'}</small>
      </label>
    </span>
  );
}
