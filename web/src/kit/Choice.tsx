import { getNonce } from 'get-nonce';
import { Check, ChevronDown } from 'lucide-react';
import { Select } from 'radix-ui';
import { useId, type ReactElement } from 'react';

export interface Option<K extends string> {
  readonly key: K;
  readonly words: string;
  /** Options of one group stand together under its name. */
  readonly group?: string | undefined;
}

/** How its label stands: above it, before it on the line, or only read out. */
type Look = 'above' | 'beside' | 'unseen' | 'bare';

interface ChoiceProps<K extends string> {
  readonly label: string;
  readonly value: K | '';
  readonly options: readonly Option<K>[];
  readonly onChange: (key: K) => void;
  readonly look?: Look;
  /** What stands there until something is chosen. */
  readonly unchosen?: string;
  readonly disabled?: boolean;
  readonly className?: string;
}

/** An empty key is a choice like any other here; to the primitive it would mean that nothing is chosen. */
const NONE = '\u2205';
const toValue = (key: string): string => (key === '' ? NONE : key);

const BOX =
  'min-h-11 rounded-[2px] border-[1.5px] border-ink bg-paper px-2.5 text-head disabled:border-zinc3 disabled:text-zinc4';
const TRIGGER: Readonly<Record<Look, string>> = {
  above: `${BOX} w-full`,
  beside: `${BOX} text-body`,
  unseen: `${BOX} text-body`,
  bare: 'min-h-9 bg-transparent font-semibold',
};

/** A labelled choice of one among several. */
export function Choice<K extends string>({
  label,
  value,
  options,
  onChange,
  look = 'above',
  unchosen = 'say which',
  disabled = false,
  className = '',
}: ChoiceProps<K>): ReactElement {
  const id = useId();
  const isAmong = options.some(({ key }) => key === value);
  const named = look === 'above' || look === 'beside';
  const choice = (
    <Select.Root
      value={isAmong ? toValue(value) : ''}
      disabled={disabled}
      onValueChange={(key) => {
        onChange((key === NONE ? '' : key) as K);
      }}
    >
      <Select.Trigger
        aria-labelledby={named ? id : undefined}
        aria-label={named ? undefined : label}
        className={`inline-flex min-w-0 cursor-pointer items-center justify-between gap-2 text-left ${TRIGGER[look]} ${named ? '' : className}`}
      >
        <span className="min-w-0 truncate">
          <Select.Value placeholder={<span className="text-ink2">{unchosen}</span>} />
        </span>
        <Select.Icon asChild>
          <ChevronDown size={18} strokeWidth={2.4} className="shrink-0" />
        </Select.Icon>
      </Select.Trigger>
      <Select.Portal>
        <Select.Content
          position="popper"
          sideOffset={3}
          collisionPadding={8}
          className="z-40 max-h-(--radix-select-content-available-height) max-w-[min(92vw,460px)] min-w-(--radix-select-trigger-width) overflow-hidden rounded-[2px] border-[1.5px] border-ink bg-paper text-ink shadow-[0_6px_0_-2px_var(--zinc-3)]"
        >
          <Select.Viewport nonce={getNonce()} className="max-h-[min(60vh,440px)]">
            {groupsOf(options).map(([group, members]) =>
              group === undefined ? (
                members.map((option) => <Item key={option.key} option={option} />)
              ) : (
                <Select.Group key={group}>
                  <Select.Label className="border-t border-zinc2 px-3 pt-3 pb-1 text-note font-semibold text-ink2">
                    {group}
                  </Select.Label>
                  {members.map((option) => (
                    <Item key={option.key} option={option} />
                  ))}
                </Select.Group>
              ),
            )}
          </Select.Viewport>
        </Select.Content>
      </Select.Portal>
    </Select.Root>
  );
  if (!named) return choice;
  return (
    <div
      className={`min-w-0 max-w-full text-small ${look === 'above' ? 'flex flex-col gap-1' : 'inline-flex items-center gap-2'} ${className}`}
    >
      <span id={id} className={look === 'above' ? 'font-semibold' : 'whitespace-nowrap'}>
        {label}
      </span>
      {choice}
    </div>
  );
}

function Item({ option }: { readonly option: Option<string> }): ReactElement {
  return (
    <Select.Item
      value={toValue(option.key)}
      className="flex min-h-11 cursor-pointer items-center gap-2 py-1 pr-4 pl-2 text-body outline-none select-none data-[highlighted]:bg-slab data-[highlighted]:text-inverse data-[state=checked]:font-semibold"
    >
      <span className="w-4.5 shrink-0">
        <Select.ItemIndicator>
          <Check size={18} strokeWidth={2.6} />
        </Select.ItemIndicator>
      </span>
      <Select.ItemText>{option.words}</Select.ItemText>
    </Select.Item>
  );
}

/** Options in their order, those of one group together. */
function groupsOf<K extends string>(options: readonly Option<K>[]): [string | undefined, readonly Option<K>[]][] {
  const names = [...new Set(options.map((option) => option.group))];
  return names.map((name) => [name, options.filter((option) => option.group === name)]);
}
