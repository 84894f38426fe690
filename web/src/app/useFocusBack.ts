import { useEffect } from 'react';

const FIELDS = 'input:not([type=hidden]), textarea, select, [role=combobox], [role=radio], [role=checkbox]';
/** So many presses back an opener is still known. */
const REMEMBERED = 8;

const nameOf = (element: Element): string => element.getAttribute('aria-label') ?? element.textContent.trim();

/** An element itself and all in it that answer to a selector. */
const within = (root: Element, selector: string): readonly HTMLElement[] => [
  ...(root.matches(selector) ? [root as HTMLElement] : []),
  ...root.querySelectorAll<HTMLElement>(selector),
];

/**
 * Where what has the focus goes from the page, the focus does not fall to the page's beginning: a button that opened a
 * form in its own place hands it to the form's first field, and has it back once the form is gone. Whatever takes the
 * focus by itself, as a dialog or a cell of a sheet, keeps it.
 */
export function useFocusBack(): void {
  useEffect(() => {
    let held: Element | undefined;
    let page: Element | null = null;
    let pressed: readonly string[] = [];
    const onFocus = ({ target }: FocusEvent): void => {
      held = target instanceof Element ? target : undefined;
      page = held?.closest('main') ?? null;
    };
    const onClick = ({ target }: MouseEvent): void => {
      const button = target instanceof Element ? target.closest('main button') : null;
      if (button !== null) pressed = [nameOf(button), ...pressed].slice(0, REMEMBERED);
    };
    const observer = new MutationObserver((changes) => {
      if (held === undefined || held.isConnected || page?.isConnected !== true) return;
      if (document.activeElement !== document.body) return;
      const added = changes
        .flatMap(({ addedNodes }) => [...addedNodes])
        .flatMap((node) => (node instanceof Element && node.isConnected && page?.contains(node) === true ? node : []));
      const opener = added.flatMap((node) => within(node, 'button')).find((one) => pressed.includes(nameOf(one)));
      const field = added.flatMap((node) => within(node, FIELDS)).at(0);
      const next = opener ?? field;
      if (next === undefined) return;
      held = undefined;
      next.focus({ preventScroll: true });
    });
    document.addEventListener('focusin', onFocus);
    document.addEventListener('click', onClick, true);
    observer.observe(document.body, { childList: true, subtree: true });
    return () => {
      document.removeEventListener('focusin', onFocus);
      document.removeEventListener('click', onClick, true);
      observer.disconnect();
    };
  }, []);
}
