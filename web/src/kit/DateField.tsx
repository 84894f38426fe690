import { CalendarDays } from 'lucide-react';
import { Popover } from 'radix-ui';
import { useId, useState, type ReactElement } from 'react';
import { later } from './later';
import { Moment } from './Moment';
import { readingDays } from './readingDays';
import { shownDay } from './shownDay';
import { Sorry } from './Sorry';

/** The month comes with the first calendar that is opened. */
const Calendar = later(async () => (await import('./Calendar')).Calendar, <Moment className="text-small" />);

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
  const [doubt, setDoubt] = useState<string>();
  const settle = (): void => {
    if (typed === undefined) return;
    const take = (iso: string | undefined): void => {
      if (iso === undefined) {
        setDoubt('Write the day as 24 Nov 2026.');
        return;
      }
      onChange(iso);
      setTyped(undefined);
    };
    if (typed.trim() === '') take('');
    else
      readingDays((readDay) => {
        take(readDay(typed, today));
      }, setDoubt);
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
          aria-invalid={doubt !== undefined}
          value={typed ?? (value === '' ? '' : shownDay(value))}
          onFocus={() => {
            readingDays();
          }}
          onChange={(event) => {
            setTyped(event.target.value);
            setDoubt(undefined);
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
              <Calendar
                value={value}
                onChoose={(iso) => {
                  onChange(iso);
                  setTyped(undefined);
                  setOpen(false);
                }}
              />
            </Popover.Content>
          </Popover.Portal>
        </Popover.Root>
      </span>
      {doubt !== undefined && <Sorry>{doubt}</Sorry>}
    </div>
  );
}
