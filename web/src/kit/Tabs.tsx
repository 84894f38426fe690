import { Tabs as Primitive } from 'radix-ui';
import type { ReactElement, ReactNode } from 'react';

export interface Tab {
  readonly key: string;
  readonly words: string;
  readonly content: ReactNode;
}

interface TabsProps {
  readonly label: string;
  readonly tabs: readonly Tab[];
  readonly open: string;
  readonly onOpen: (key: string) => void;
}

/** Questions in a row, one of them open. */
export function Tabs({ label, tabs, open, onOpen }: TabsProps): ReactElement {
  return (
    <Primitive.Root value={open} onValueChange={onOpen}>
      <Primitive.List aria-label={label} className="flex flex-wrap border-t-[3px] border-b-[1.5px] border-ink bg-zinc1">
        {tabs.map(({ key, words }) => (
          <Primitive.Trigger
            key={key}
            value={key}
            className="min-h-[46px] border-r border-zinc3 px-4 text-body leading-none font-semibold text-ink2 data-[state=active]:bg-paper data-[state=active]:text-ink data-[state=active]:shadow-[inset_0_4px_0_var(--ink)]"
          >
            {words}
          </Primitive.Trigger>
        ))}
      </Primitive.List>
      {tabs.map(({ key, content }) => (
        <Primitive.Content key={key} value={key}>
          {content}
        </Primitive.Content>
      ))}
    </Primitive.Root>
  );
}
