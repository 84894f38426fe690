import { CalendarDays } from 'lucide-react';
import { Popover } from 'radix-ui';
import { lazy, Suspense, useId, useState, type ReactElement } from 'react';
import { readDay, shownDay } from './readDay';
import { Sorry } from './Sorry';

/** The month comes with the first calendar that is opened. */
const Calendar = lazy(async () => ({ default: (await import('./Calendar')).Calendar }));

interface DateFieldProps {
  readonly label: string;
  /** As 2026-11-24, or empty. */
  readonly value: string;
  readonly onChange: (iso: string) => void;
  readonly look?: 'above' | 'beside';
  readonly className?: string;
}

/** A day, typed in any usual way or chosen from a month. */
export function DateField({ label, value, onChange, look = 'above', className = '' }: DateFieldProps): ReactElement {
  const id = useId();
  const [typed, setTyped] = useState<string>();
  const [open, setOpen] = useState(false);
  const [today] = useState(() => new Date());
  const isWrong = typed !== undefined && typed.trim() !== '' && readDay(typed, today) === undefined;
  const [isLeft, setLeft] = useState(false);
  const settle = (): void => {
    setLeft(true);
    if (typed === undefined || isWrong) return;
    onChange(typed.trim() === '' ? '' : (readDay(typed, today) ?? ''));
    setTyped(undefined);
  };
  return (
    <div
      className={`${look === 'above' ? 'flex flex-col gap-1' : 'inline-flex flex-wrap items-center gap-2'} text-small ${className}`}
    >
      <label htmlFor={id} className={look === 'above' ? 'font-semibold' : 'whitespace-nowrap'}>
        {label}
      </label>
      <span className="inline-flex min-h-11 min-w-0 items-stretch rounded-[2px] border-[1.5px] border-ink bg-paper focus-within:outline-3 focus-within:outline-offset-2 focus-within:outline-(--focus)">
        <input
          id={id}
          className="figure w-36 min-w-0 flex-1 bg-transparent px-2.5 text-body outline-none"
          autoComplete="off"
          placeholder="24 Nov 2026"
          aria-invalid={isWrong && isLeft}
          value={typed ?? (value === '' ? '' : shownDay(value))}
          onFocus={() => {
            setLeft(false);
          }}
          onChange={(event) => {
            setTyped(event.target.value);
          }}
          onBlur={settle}
          onKeyDown={(event) => {
            if (event.key === 'Enter') settle();
          }}
        />
        <Popover.Root open={open} onOpenChange={setOpen}>
          <Popover.Trigger
            aria-label={`${label}: choose from a month`}
            className="flex w-11 cursor-pointer items-center justify-center border-l border-zinc2"
          >
            <CalendarDays size={19} />
          </Popover.Trigger>
          <Popover.Portal>
            <Popover.Content
              sideOffset={4}
              collisionPadding={8}
              className="z-40 rounded-[2px] border-[1.5px] border-ink bg-paper p-2 text-ink"
            >
              <Suspense fallback={<span className="text-small text-ink2">One moment.</span>}>
                <Calendar
                  value={value}
                  onChoose={(iso) => {
                    onChange(iso);
                    setTyped(undefined);
                    setOpen(false);
                  }}
                />
              </Suspense>
            </Popover.Content>
          </Popover.Portal>
        </Popover.Root>
      </span>
      {isWrong && isLeft && <Sorry>Write the day as 24 Nov 2026.</Sorry>}
    </div>
  );
}
