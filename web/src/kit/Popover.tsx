import { Popover as Primitive } from 'radix-ui';
import type { ReactElement, ReactNode } from 'react';
import { BUTTON } from './Button';

interface PopoverProps {
  /** Words that open it. */
  readonly opener: ReactNode;
  /** What it is for, where the words alone do not say it. */
  readonly label?: string;
  readonly look?: keyof typeof BUTTON;
  readonly open?: boolean;
  readonly onOpenChange?: (open: boolean) => void;
  readonly className?: string;
  readonly children: ReactNode;
}

/** A slip that hangs from what was pressed; a press beside it or Esc closes it. */
export function Popover({
  opener,
  label,
  look = 'tie',
  open,
  onOpenChange,
  className = 'w-80 p-4',
  children,
}: PopoverProps): ReactElement {
  return (
    <Primitive.Root {...(open === undefined ? {} : { open })} {...(onOpenChange === undefined ? {} : { onOpenChange })}>
      <Primitive.Trigger className={BUTTON[look]} aria-label={label}>
        {opener}
      </Primitive.Trigger>
      <Primitive.Portal>
        <Primitive.Content
          align="start"
          sideOffset={4}
          collisionPadding={8}
          aria-label={label ?? (typeof opener === 'string' ? opener : undefined)}
          className={`z-30 border-[1.5px] border-ink bg-paper text-ink ${className}`}
        >
          {children}
        </Primitive.Content>
      </Primitive.Portal>
    </Primitive.Root>
  );
}
