import { useEffect, useRef, useState, type ReactElement, type ReactNode } from 'react';
import { Choice } from '../../kit/Choice';
import { FindAmong } from '../../kit/FindAmong';
import { DateField } from '../../kit/DateField';
import { PAUSE_MS } from '../useSettled';
import { BOX } from '../../kit/box';
import { later } from '../../kit/later';

// Keeping a list under a name takes a form.
const SavedViews = later(async () => (await import('../savedViews/SavedViews')).SavedViews, null);

/** After so long without a letter the next one begins a word. */
const STILL_MS = 400;

interface ListBarProps {
  readonly find: string;
  readonly placeholder: string;
  readonly onFind: (text: string) => void;
  /** What else the list is asked by. */
  readonly children?: ReactNode;
}

/** What a list is asked by: words first. */
export function ListBar({ find, placeholder, onFind, children }: ListBarProps): ReactElement {
  // What is typed stands here at once; the address follows when there is a pause.
  const [text, setText] = useState(find);
  const pause = useRef<ReturnType<typeof setTimeout>>(undefined);
  const typed = useRef(-Infinity);
  // A list that was kept is another question: what was typed before it makes room.
  const asked = useRef(find);
  useEffect(() => {
    if (asked.current === find) return;
    asked.current = find;
    clearTimeout(pause.current);
    setText(find);
  }, [find]);
  useEffect(
    () => () => {
      clearTimeout(pause.current);
    },
    [],
  );
  return (
    <div className="flex flex-wrap items-center gap-x-5 gap-y-2 px-5 pt-3" role="search">
      <label className="flex max-w-full items-center gap-3 text-small">
        Find
        <input
          className={`${BOX} w-72 max-w-full`}
          type="search"
          value={text}
          placeholder={placeholder}
          onChange={(event) => {
            const { value } = event.target;
            setText(value);
            clearTimeout(pause.current);
            const tell = (): void => {
              asked.current = value;
              onFind(value);
            };
            // The first letter is asked for at once; a word that goes on, when there is a pause.
            const isFirst = event.timeStamp - typed.current > STILL_MS;
            typed.current = event.timeStamp;
            if (isFirst) tell();
            else pause.current = setTimeout(tell, PAUSE_MS);
          }}
        />
      </label>
      {children}
      <SavedViews />
    </div>
  );
}

interface AskedByProps {
  readonly label: string;
  readonly value: string;
  readonly options: readonly { readonly key: string; readonly words: string }[];
  readonly onChange: (key: string) => void;
}

/** One thing that a list is asked by, chosen from a few. */
export function AskedBy({ label, value, options, onChange }: AskedByProps): ReactElement {
  return (
    <Choice label={label} look="beside" className="max-w-[280px]" value={value} options={options} onChange={onChange} />
  );
}

/** One of many that a list is asked by, found by words. */
export function AskedAmong({ label, value, options, onChange }: AskedByProps): ReactElement {
  return (
    <FindAmong
      label={label}
      look="beside"
      className="max-w-[280px]"
      value={value}
      options={options}
      placeholder="name"
      onChange={onChange}
    />
  );
}

const AT_HAND = [
  { key: '', words: 'at hand' },
  { key: 'yes', words: 'put away' },
];

/** Whether a list shows what is at hand, or what was put away. */
export function AskedAway({ value, onChange }: Pick<AskedByProps, 'value' | 'onChange'>): ReactElement {
  return <AskedBy label="Shown" value={value} options={AT_HAND} onChange={onChange} />;
}

/** A day that a list begins or ends with. */
export function AskedDay({ label, value, onChange }: Omit<AskedByProps, 'options'>): ReactElement {
  return <DateField label={label} look="beside" value={value} onChange={onChange} />;
}
