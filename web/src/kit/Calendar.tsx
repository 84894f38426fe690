import { format, parse } from 'date-fns';
import type { ReactElement } from 'react';
import { DayPicker } from 'react-day-picker';
import { LANGUAGE } from './format';

interface CalendarProps {
  /** As 2026-11-24, or empty. */
  readonly value: string;
  readonly onChoose: (iso: string) => void;
}

const DAY = 'size-11 cursor-pointer rounded-[2px] hover:bg-zinc1';
const TURN = 'flex size-11 cursor-pointer items-center justify-center fill-ink';

const named = (style: Intl.DateTimeFormatOptions): ((date: Date) => string) => {
  const names = new Intl.DateTimeFormat(LANGUAGE, style);
  return (date) => names.format(date);
};
const monthName = named({ month: 'long', year: 'numeric' });
const weekdayName = named({ weekday: 'short' });
const dayName = named({ weekday: 'long', day: 'numeric', month: 'long', year: 'numeric' });

/** A month on a sheet, weeks from Monday, to choose a day from. */
export function Calendar({ value, onChoose }: CalendarProps): ReactElement {
  const chosen = value === '' ? undefined : parse(value, 'yyyy-MM-dd', new Date(0));
  return (
    <DayPicker
      mode="single"
      weekStartsOn={1}
      formatters={{ formatCaption: monthName, formatWeekdayName: weekdayName }}
      labels={{
        labelPrevious: () => 'The month before',
        labelNext: () => 'The month after',
        labelGrid: monthName,
        labelDayButton: dayName,
      }}
      selected={chosen}
      {...(chosen === undefined ? {} : { defaultMonth: chosen })}
      onSelect={(day) => {
        if (day !== undefined) onChoose(format(day, 'yyyy-MM-dd'));
      }}
      classNames={{
        months: 'relative',
        month_caption: 'flex h-11 items-center justify-center text-head font-bold',
        nav: 'absolute inset-x-0 top-0 flex justify-between',
        button_previous: TURN,
        button_next: TURN,
        weekday: 'text-note font-semibold text-ink2',
        day_button: DAY,
        selected: 'bg-slab text-inverse *:hover:bg-slab',
        today: 'font-bold underline underline-offset-4',
        outside: 'text-zinc4',
      }}
    />
  );
}
