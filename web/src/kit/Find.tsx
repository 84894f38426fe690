import { Command } from 'cmdk';
import { ChevronDown, Plus } from 'lucide-react';
import { Popover } from 'radix-ui';
import { useId, useState, type ReactElement } from 'react';
import { FoundLine, GROUP_HEADING, type Found } from './FoundLine';

interface FindProps {
  readonly label: string;
  /** What is chosen, as it is called; nothing until something is. */
  readonly chosen: string | undefined;
  readonly unchosen: string;
  /** What answers to the words, found by whoever asks. */
  readonly found: readonly Found[];
  /** How many answer in all, where not all are shown. */
  readonly total?: number;
  readonly text: string;
  readonly placeholder: string;
  readonly onText: (text: string) => void;
  readonly onChoose: (key: string) => void;
  /** Makes what is not there yet, called as it was typed. */
  readonly create?: FindCreates | undefined;
  /** Where its label stands; an unseen one is read out. */
  readonly look?: 'field' | 'beside' | 'unseen';
  readonly className?: string;
}

export interface FindCreates {
  /** As `Put “grit” on the shelf`. */
  readonly words: (text: string) => string;
  readonly run: (text: string) => void;
}

const LOOKS = {
  field: { frame: 'flex-col gap-1', label: 'font-semibold' },
  beside: { frame: 'items-center gap-3', label: '' },
  unseen: { frame: 'flex-col gap-1', label: 'sr-only' },
} as const;

/** One thing among thousands: opened, it takes words and shows what answers to them. */
export function Find({
  label,
  chosen,
  unchosen,
  found,
  total = found.length,
  text,
  placeholder,
  onText,
  onChoose,
  create,
  look = 'field',
  className = '',
}: FindProps): ReactElement {
  const id = useId();
  const [open, setOpen] = useState(false);
  const groups = [...new Set(found.map(({ group }) => group))];
  const typed = text.trim();
  const isNew = typed !== '' && !found.some(({ words }) => words.toLowerCase() === typed.toLowerCase());
  const close = (): void => {
    onText('');
    setOpen(false);
  };
  return (
    <div className={`flex max-w-full min-w-0 text-small ${LOOKS[look].frame} ${className}`}>
      <span id={id} className={LOOKS[look].label}>
        {label}
      </span>
      <Popover.Root
        open={open}
        onOpenChange={(next) => {
          setOpen(next);
          if (!next) onText('');
        }}
      >
        <Popover.Trigger
          // oxlint-disable-next-line jsx-a11y/role-has-required-aria-props -- The primitive says whether it is open, and of what.
          role="combobox"
          aria-labelledby={id}
          aria-haspopup="listbox"
          className="inline-flex min-h-11 min-w-0 cursor-pointer items-center justify-between gap-2 rounded-[2px] border-[1.5px] border-ink bg-paper px-2.5 text-left text-head"
        >
          <span className={`min-w-0 truncate ${chosen === undefined ? 'text-ink2' : ''}`}>{chosen ?? unchosen}</span>
          <ChevronDown size={18} strokeWidth={2.4} className="shrink-0" />
        </Popover.Trigger>
        <Popover.Portal>
          <Popover.Content
            align="start"
            sideOffset={3}
            collisionPadding={8}
            aria-label={label}
            className="z-40 w-[max(var(--radix-popover-trigger-width),340px)] max-w-[92vw] rounded-[2px] border-[1.5px] border-ink bg-paper text-ink shadow-[0_6px_0_-2px_var(--zinc-3)]"
          >
            <Command shouldFilter={false} label={label}>
              <Command.Input
                value={text}
                onValueChange={onText}
                placeholder={placeholder}
                className="h-12 w-full border-b-[1.5px] border-ink bg-transparent px-3 text-head outline-none"
              />
              <Command.List className="max-h-[min(54vh,400px)] overflow-y-auto">
                <Command.Empty className="px-3 py-4 text-small text-ink2">Nothing is called so.</Command.Empty>
                {groups.map((group) => (
                  <Command.Group key={group ?? ''} heading={group} className={GROUP_HEADING}>
                    {found
                      .filter((one) => one.group === group)
                      .map((one) => (
                        <FoundLine
                          key={one.key}
                          one={one}
                          onChoose={() => {
                            onChoose(one.key);
                            close();
                          }}
                        />
                      ))}
                  </Command.Group>
                ))}
                {create !== undefined && isNew && (
                  <FoundLine
                    one={{ key: 'create', words: create.words(typed), sign: <Plus size={18} /> }}
                    onChoose={() => {
                      create.run(typed);
                      close();
                    }}
                  />
                )}
              </Command.List>
            </Command>
            {total > found.length && (
              <p className="border-t border-zinc2 px-3 py-2 text-note text-ink2">
                The first {found.length} of {total}; write more of its name.
              </p>
            )}
          </Popover.Content>
        </Popover.Portal>
      </Popover.Root>
    </div>
  );
}
