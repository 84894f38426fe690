import { useEffect } from 'react';

const FIELDS = 'input:not([type=hidden]), textarea, select, [role=combobox], [role=radio], [role=checkbox]';
/** So many presses back an opener is still known. */
const REMEMBERED = 8;

/** So long a dialog, a page or a form that is still on its way may take the focus itself. */
const GRACE_MS = 300;
const FOCUSABLE = 'a[href], button:not(:disabled), input:not([type=hidden]), textarea, select, summary, [tabindex]';

const nameOf = (element: Element): string => element.getAttribute('aria-label') ?? element.textContent.trim();

/** An element itself and all in it that answer to a selector. */
const within = (root: Element, selector: string): readonly HTMLElement[] => [
  ...(root.matches(selector) ? [root as HTMLElement] : []),
  ...root.querySelectorAll<HTMLElement>(selector),
];

/** An element and what it stands in, from within outwards. */
function outwards(element: Element | undefined): readonly Element[] {
  const found: Element[] = [];
  for (let at = element ?? null; at !== null; at = at.parentElement) found.push(at);
  return found;
}

/** The focus beside where it was: the first that can have it in the nearest thing that is still there. */
function focusNear(around: readonly Element[]): void {
  const place = around.find((one) => one.isConnected && !one.matches(':disabled'));
  if (!(place instanceof HTMLElement) || place === document.body) return;
  const near = place.querySelector<HTMLElement>(FOCUSABLE);
  if (near === null) place.tabIndex = -1;
  (near ?? place).focus({ preventScroll: true });
}

/**
 * Where what has the focus goes from the page, the focus does not fall to the page's beginning: a button that opened a
 * form in its own place hands it to the form's first field, and has it back once the form is gone; else it goes to what
 * is nearest. Whatever takes the focus by itself, as a dialog or a cell of a sheet, keeps it.
 */
export function useFocusBack(): void {
  useEffect(() => {
    let held: Element | undefined;
    let around: readonly Element[] = [];
    let near: ReturnType<typeof setTimeout> | undefined;
    let page: Element | null = null;
    let pressed: readonly string[] = [];
    const onFocus = ({ target }: FocusEvent): void => {
      held = target instanceof Element ? target : undefined;
      around = outwards(held);
      page = held?.closest('main') ?? null;
    };
    const onClick = ({ target }: MouseEvent): void => {
      const button = target instanceof Element ? target.closest('main button') : null;
      if (button !== null) pressed = [nameOf(button), ...pressed].slice(0, REMEMBERED);
    };
    const soon = (): void => {
      clearTimeout(near);
      near = setTimeout(() => {
        if (document.activeElement === document.body) focusNear(around);
      }, GRACE_MS);
    };
    const observer = new MutationObserver((changes) => {
      if (held === undefined || page?.isConnected !== true) return;
      if (held.isConnected) {
        if (!changes.some(({ target, type }) => type === 'attributes' && target === held)) return;
        // A button that waits for what it sent has the focus again with its answer, or what is beside it if it stays shut.
        if (held.matches(':disabled')) soon();
        else if (document.activeElement === document.body) (held as HTMLElement).focus({ preventScroll: true });
        return;
      }
      if (document.activeElement !== document.body) return;
      const added = changes
        .flatMap(({ addedNodes }) => [...addedNodes])
        .flatMap((node) => (node instanceof Element && node.isConnected && page?.contains(node) === true ? node : []));
      const opener = added.flatMap((node) => within(node, 'button')).find((one) => pressed.includes(nameOf(one)));
      const field = added.flatMap((node) => within(node, FIELDS)).at(0);
      const next = opener ?? field;
      clearTimeout(near);
      if (next !== undefined) {
        held = undefined;
        next.focus({ preventScroll: true });
        return;
      }
      soon();
    });
    document.addEventListener('focusin', onFocus);
    document.addEventListener('click', onClick, true);
    observer.observe(document.body, { childList: true, subtree: true, attributeFilter: ['disabled'] });
    return () => {
      clearTimeout(near);
      document.removeEventListener('focusin', onFocus);
      document.removeEventListener('click', onClick, true);
      observer.disconnect();
    };
  }, []);
}
