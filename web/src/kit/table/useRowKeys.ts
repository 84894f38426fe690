import type { KeyboardEvent } from 'react';
import type { Line } from './useLines';

/** What a row opens by, and how it is found again when it was drawn. */
const MAIN = 'a, button:not([role="checkbox"])';
const lineAt = (root: Element, index: number): HTMLElement | null =>
  root.querySelector(`[data-index="${String(index)}"]`);

/** The row to go to from one, or none further that way. */
function rowFrom<Row>(lines: readonly Line<Row>[], from: number, key: string): number | undefined {
  const indices = lines.flatMap(({ kind }, index) => (kind === 'row' ? [index] : []));
  if (key === 'Home') return indices[0];
  if (key === 'End') return indices.at(-1);
  return key === 'ArrowDown' ? indices.find((index) => index > from) : indices.findLast((index) => index < from);
}

/** Arrows go from row to row, Home and End to the first and last; Enter opens, as everywhere. */
export function useRowKeys<Row>(lines: readonly Line<Row>[], goTo: (index: number) => void) {
  return (event: KeyboardEvent<HTMLElement>): void => {
    if (!['ArrowDown', 'ArrowUp', 'Home', 'End'].includes(event.key) || event.altKey || event.ctrlKey || event.metaKey)
      return;
    const at = (event.target as HTMLElement).closest<HTMLElement>('[data-index]');
    if (at === null) return;
    const to = rowFrom(lines, Number(at.dataset.index), event.key);
    if (to === undefined) return;
    event.preventDefault();
    const root = event.currentTarget;
    const focus = (): boolean => {
      const main = lineAt(root, to)?.querySelector<HTMLElement>(MAIN);
      main?.focus();
      return main !== null && main !== undefined;
    };
    if (focus()) return;
    goTo(to);
    // It is drawn after the page has scrolled there.
    requestAnimationFrame(() => requestAnimationFrame(focus));
  };
}
