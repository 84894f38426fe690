import { Command } from 'cmdk';
import type { ReactElement, ReactNode } from 'react';

/** Something that was found. */
export interface Found {
  readonly key: string;
  readonly words: string;
  /** What tells it from its like: where from, how old, what is missing. */
  readonly note?: string | undefined;
  readonly sign?: ReactNode;
  /** Those of one group stand together under its name. */
  readonly group?: string | undefined;
}

/** The name above those of one group. */
export const GROUP_HEADING =
  '**:[[cmdk-group-heading]]:border-t **:[[cmdk-group-heading]]:border-zinc2 **:[[cmdk-group-heading]]:px-3 **:[[cmdk-group-heading]]:pt-3 **:[[cmdk-group-heading]]:pb-1 **:[[cmdk-group-heading]]:text-note **:[[cmdk-group-heading]]:font-semibold **:[[cmdk-group-heading]]:text-ink2';

/** One of those that were found: Enter or a press chooses it. */
export function FoundLine({ one, onChoose }: { readonly one: Found; readonly onChoose: () => void }): ReactElement {
  return (
    <Command.Item
      value={one.key}
      onSelect={onChoose}
      className="flex min-h-11 cursor-pointer items-center gap-3 px-3 py-1.5 text-body data-[selected=true]:bg-slab data-[selected=true]:text-inverse data-[selected=true]:**:text-inverse"
    >
      <span aria-hidden className="shrink-0">
        {one.sign}
      </span>
      <span className="min-w-0">
        <span className="block truncate">{one.words}</span>
        {one.note !== undefined && one.note !== '' && (
          <span className="block truncate text-note text-ink2">{one.note}</span>
        )}
      </span>
    </Command.Item>
  );
}
