import { Check as Tick } from 'lucide-react';
import { Checkbox } from 'radix-ui';
import { useId, type ReactElement } from 'react';

interface CheckProps {
  readonly label: string;
  readonly checked: boolean;
  readonly onChange: (checked: boolean) => void;
  /** The label is only read out: what stands around it says what is ticked. */
  readonly unseen?: boolean;
  readonly className?: string;
}

/** A labelled box that is ticked or not. */
export function Check({ label, checked, onChange, unseen = false, className = '' }: CheckProps): ReactElement {
  const id = useId();
  return (
    <span
      className={`inline-flex min-h-11 min-w-11 items-center gap-2.5 ${unseen ? 'justify-center' : ''} ${className}`}
    >
      <Checkbox.Root
        id={id}
        checked={checked}
        onCheckedChange={(next) => {
          onChange(next === true);
        }}
        aria-label={unseen ? label : undefined}
        className="relative size-6 shrink-0 rounded-[2px] border-[1.5px] border-ink bg-paper after:absolute after:-inset-2.5 data-[state=checked]:bg-slab data-[state=checked]:text-inverse"
      >
        <Checkbox.Indicator className="flex items-center justify-center">
          <Tick size={18} strokeWidth={3} />
        </Checkbox.Indicator>
      </Checkbox.Root>
      {!unseen && (
        <label htmlFor={id} className="cursor-pointer py-2">
          {label}
        </label>
      )}
    </span>
  );
}
