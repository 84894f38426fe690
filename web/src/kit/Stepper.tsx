import type { ReactElement } from 'react';

interface StepperProps {
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
  /** What was typed stands: Enter, or the cursor has left. */
  readonly onSettle: () => void;
  readonly onFewer: () => void;
  readonly onMore: () => void;
  /** What fewer and more are called, as `One scoop less`. */
  readonly fewer: string;
  readonly more: string;
}

const END = 'w-11 bg-zinc1 text-lead';

/** Fewer, how many, more. */
export function Stepper({
  label,
  value,
  onChange,
  onSettle,
  onFewer,
  onMore,
  fewer,
  more,
}: StepperProps): ReactElement {
  return (
    <span className="inline-flex h-[46px] border-[1.5px] border-ink">
      <button type="button" className={END} aria-label={fewer} onClick={onFewer}>
        −
      </button>
      <input
        className="figure w-12 bg-paper text-center text-lead"
        inputMode="decimal"
        aria-label={label}
        value={value}
        onChange={(event) => {
          onChange(event.target.value);
        }}
        onBlur={onSettle}
        onKeyDown={(event) => {
          if (event.key === 'Enter') onSettle();
        }}
      />
      <button type="button" className={END} aria-label={more} onClick={onMore}>
        +
      </button>
    </span>
  );
}
