import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { useEffect, useState } from 'react';
import type { TableModel } from './column';

/** A line of a table: the head of a group, or one of its rows. */
export type Line<Row> =
  | { readonly kind: 'group'; readonly key: string; readonly words: string; readonly n: number }
  | { readonly kind: 'row'; readonly key: string; readonly row: Row };

/** Rows with the heads of their groups between, in the order that they came in. */
export function linesOf<Row>({
  rows,
  keyOf,
  view,
  groupings,
  counts,
}: Pick<TableModel<Row>, 'rows' | 'keyOf' | 'view' | 'groupings' | 'counts'>): readonly Line<Row>[] {
  const grouping = groupings?.find(({ key }) => key === view.group);
  const toLine = (row: Row): Line<Row> => ({ kind: 'row', key: keyOf(row), row });
  if (grouping === undefined) return rows.map(toLine);
  const members = new Map<string, Row[]>();
  for (const row of rows) {
    const its = members.get(grouping.of(row));
    if (its === undefined) members.set(grouping.of(row), [row]);
    else its.push(row);
  }
  return [...members].flatMap(([of, its]): readonly Line<Row>[] => [
    {
      kind: 'group',
      key: `group ${of}`,
      words: grouping.said(of),
      n: counts?.find(({ key }) => key === of)?.n ?? its.length,
    },
    ...its.map(toLine),
  ]);
}

/** A line's height until it was measured, px; and so many are drawn beyond what is seen. */
const LINE = { height: 60, beyond: 8 };

interface Shown<Row> {
  readonly lines: readonly { readonly line: Line<Row>; readonly index: number }[];
  /** Room of the lines that are not drawn, px. */
  readonly before: number;
  readonly after: number;
  readonly measure: (element: Element | null) => void;
  /** Takes the element that the lines stand in. */
  readonly place: (element: HTMLElement | null) => void;
  readonly goTo: (index: number) => void;
}

/** Of ten thousand lines those that are seen, as the page is scrolled; near their end the next rows are asked for. */
export function useLines<Row>(lines: readonly Line<Row>[], further: TableModel<Row>['further'], start = 0): Shown<Row> {
  const [margin, setMargin] = useState(0);
  const [root, place] = useState<HTMLElement | null>(null);
  // oxlint-disable-next-line react/incompatible-library -- What it returns is read at once and not remembered.
  const virtual = useWindowVirtualizer({
    count: lines.length,
    estimateSize: () => LINE.height,
    overscan: LINE.beyond,
    scrollMargin: margin,
    // Scrolling goes on while lines are drawn.
    useFlushSync: false,
    initialOffset: start,
    getItemKey: (index) => lines[index]?.key ?? index,
  });
  const items = virtual.getVirtualItems();
  const [first, last] = [items[0], items.at(-1)];
  const isNearEnd = last !== undefined && last.index >= lines.length - LINE.beyond;
  const wants = isNearEnd && further?.has === true && !further.isLoading;
  useEffect(() => {
    if (wants) further.load();
  }, [wants, further]);
  // What stands above the table can grow and shrink.
  useEffect(() => {
    if (root === null) return;
    const observer = new ResizeObserver(() => {
      setMargin(Math.round(root.getBoundingClientRect().top + window.scrollY));
    });
    observer.observe(document.body);
    return () => {
      observer.disconnect();
    };
  }, [root]);
  return {
    lines: items.flatMap(({ index }) => {
      const line = lines[index];
      return line === undefined ? [] : [{ line, index }];
    }),
    before: first === undefined ? 0 : first.start - margin,
    after: last === undefined ? 0 : virtual.getTotalSize() - (last.end - margin),
    measure: virtual.measureElement,
    place,
    goTo: (index) => {
      virtual.scrollToIndex(index, { align: 'auto' });
    },
  };
}
