import { Tooltip as Primitive } from 'radix-ui';
import type { ReactElement } from 'react';

interface TooltipProps {
  /** What it does, where its words leave a doubt; never what one has to know. */
  readonly says: string;
  /** What is pointed at, or has the focus. */
  readonly children: ReactElement;
}

/** A few words more about what is pointed at. */
export function Tooltip({ says, children }: TooltipProps): ReactElement {
  return (
    <Primitive.Provider delayDuration={400}>
      <Primitive.Root>
        <Primitive.Trigger asChild>{children}</Primitive.Trigger>
        <Primitive.Portal>
          <Primitive.Content
            sideOffset={5}
            collisionPadding={8}
            className="z-40 max-w-64 bg-slab px-2.5 py-1.5 text-small leading-[1.3] text-inverse"
          >
            {says}
          </Primitive.Content>
        </Primitive.Portal>
      </Primitive.Root>
    </Primitive.Provider>
  );
}
