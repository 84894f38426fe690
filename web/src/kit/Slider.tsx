import { Slider as Primitive } from 'radix-ui';
import type { ReactElement } from 'react';

interface SliderProps {
  readonly label: string;
  readonly value: number;
  readonly most: number;
  readonly step: number;
  readonly onChange: (value: number) => void;
  /** The value in words, where its number says nothing. */
  readonly says?: string;
  /** Room beside the rail, px: so that it runs along what is drawn below it. */
  readonly inset?: { readonly left: number; readonly right: number };
  readonly className?: string;
}

/** A mark on a rail from 0 on. */
export function Slider({ label, value, most, step, onChange, says, inset, className = '' }: SliderProps): ReactElement {
  return (
    <Primitive.Root
      className={`relative flex h-7 touch-none items-center ${className}`}
      style={inset === undefined ? undefined : { marginLeft: inset.left, marginRight: inset.right }}
      min={0}
      max={most}
      step={step}
      value={[value]}
      onValueChange={([next]) => {
        onChange(next ?? 0);
      }}
    >
      <Primitive.Track className="relative h-1.5 flex-1 bg-zinc2">
        <Primitive.Range className="absolute h-full bg-ink" />
      </Primitive.Track>
      <Primitive.Thumb aria-label={label} aria-valuetext={says} className="block h-6.5 w-3.5 rounded-[3px] bg-slab" />
    </Primitive.Root>
  );
}

/** The same, standing: it is drawn beside what it is moved along. */
export const StandingSlider = Primitive;
