import { Command } from 'cmdk';
import { Dialog as Primitive } from 'radix-ui';
import { useState, type ReactElement, type ReactNode } from 'react';
import { DIM } from './Dialog';
import { FoundLine, GROUP_HEADING, type Found } from './FoundLine';
import { useFocusKept } from './useFocusKept';

interface FindSheetProps {
  /** What is found here, for those who hear it. */
  readonly label: string;
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  /** What has the focus again once it is left. */
  readonly from: Element | null;
  readonly text: string;
  readonly onText: (text: string) => void;
  readonly placeholder: string;
  readonly found: readonly Found[];
  /** Instead of what was found, where nothing was. */
  readonly nothing: ReactNode;
  readonly onChoose: (key: string) => void;
}

/** One box laid over the page: what answers to it stands below, the first of it is what Enter takes. */
export function FindSheet({
  label,
  open,
  onOpenChange,
  from,
  text,
  onText,
  placeholder,
  found,
  nothing,
  onChoose,
}: FindSheetProps): ReactElement {
  const focus = useFocusKept(from);
  const [pointed, setPointed] = useState('');
  // What answers comes after the typing: until somebody points at another, it is the first.
  const current = found.some(({ key }) => key === pointed) ? pointed : (found[0]?.key ?? '');
  const groups = [...new Set(found.map(({ group }) => group))];
  return (
    <Primitive.Root open={open} onOpenChange={onOpenChange}>
      <Primitive.Portal>
        <Primitive.Overlay className={DIM} />
        <Primitive.Content
          aria-describedby={undefined}
          {...focus}
          className="fixed top-[8vh] left-1/2 z-30 w-[min(620px,94vw)] -translate-x-1/2 border-[3px] border-ink bg-paper"
        >
          <Primitive.Title className="sr-only">{label}</Primitive.Title>
          <Command shouldFilter={false} label={label} loop value={current} onValueChange={setPointed}>
            <Command.Input
              // At once, and not after the next frame: somebody is typing.
              // oxlint-disable-next-line jsx-a11y/no-autofocus -- A box that was called for has the cursor.
              autoFocus
              value={text}
              onValueChange={(next) => {
                setPointed('');
                onText(next);
              }}
              placeholder={placeholder}
              className="h-14 w-full border-b-[1.5px] border-ink bg-transparent px-4 text-lead outline-none placeholder:text-head max-[520px]:placeholder:text-small"
            />
            <Command.List className="max-h-[min(60vh,480px)] overflow-y-auto">
              <Command.Empty className="px-4 py-5 text-small text-ink2">{nothing}</Command.Empty>
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
                        }}
                      />
                    ))}
                </Command.Group>
              ))}
            </Command.List>
          </Command>
        </Primitive.Content>
      </Primitive.Portal>
    </Primitive.Root>
  );
}
