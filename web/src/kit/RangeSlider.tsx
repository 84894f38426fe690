import { Slider as Primitive } from 'radix-ui';
import type { ReactElement } from 'react';

interface RangeSliderProps {
  /** What each mark is called, in their order along the rail. */
  readonly labels: readonly string[];
  readonly values: readonly number[];
  readonly from: number;
  readonly to: number;
  readonly step: number;
  readonly onChange: (values: readonly number[]) => void;
  readonly className?: string;
}

/** Several marks on one rail that cannot pass one another: the ends of a window and its limits. */
export function RangeSlider({
  labels,
  values,
  from,
  to,
  step,
  onChange,
  className = '',
}: RangeSliderProps): ReactElement {
  return (
    <Primitive.Root
      className={`relative flex h-7 touch-none items-center ${className}`}
      min={from}
      max={to}
      step={step}
      value={[...values]}
      onValueChange={onChange}
    >
      <Primitive.Track className="relative h-1.5 flex-1 bg-zinc2">
        <Primitive.Range className="absolute h-full bg-zinc4" />
      </Primitive.Track>
      {labels.map((label) => (
        <Primitive.Thumb key={label} aria-label={label} className="block h-6.5 w-3 rounded-[3px] bg-slab" />
      ))}
    </Primitive.Root>
  );
}
