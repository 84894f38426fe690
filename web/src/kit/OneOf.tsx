import { RadioGroup } from 'radix-ui';
import { useId, type ReactElement } from 'react';
import type { Option } from './Choice';

interface OneOfProps<K extends string> {
  readonly label: string;
  readonly value: K;
  readonly options: readonly Option<K>[];
  readonly onChange: (key: K) => void;
  /** The label is only read out. */
  readonly unseen?: boolean;
}

/** One of a few that all stand in sight. */
export function OneOf<K extends string>({
  label,
  value,
  options,
  onChange,
  unseen = false,
}: OneOfProps<K>): ReactElement {
  const id = useId();
  return (
    <div className="flex flex-wrap items-center gap-x-5">
      <span id={id} className={unseen ? 'sr-only' : 'w-full font-semibold'}>
        {label}
      </span>
      <RadioGroup.Root
        aria-labelledby={id}
        value={value}
        onValueChange={(key) => {
          onChange(key as K);
        }}
        className="flex flex-wrap gap-x-5"
      >
        {options.map(({ key, words }) => (
          <span key={key} className="inline-flex min-h-11 items-center gap-2.5">
            <RadioGroup.Item
              id={`${id}${key}`}
              value={key}
              className="relative size-6 shrink-0 rounded-full border-[1.5px] border-ink bg-paper after:absolute after:-inset-2.5"
            >
              <RadioGroup.Indicator className="absolute inset-1 rounded-full bg-ink" />
            </RadioGroup.Item>
            <label htmlFor={`${id}${key}`} className="cursor-pointer py-2">
              {words}
            </label>
          </span>
        ))}
      </RadioGroup.Root>
    </div>
  );
}
