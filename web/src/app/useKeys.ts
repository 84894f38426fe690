import { useEffect } from 'react';
import { useNavigate } from 'react-router';
import { useWorking } from '../shared/workingStore';
import { placeOf, type Station } from '../shared/view';

/** Letters belong to a field, and in a choice they find what begins with them. */
function isTyping(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    (target.isContentEditable || target.closest('input, textarea, [role=combobox], [role=listbox]') !== null)
  );
}

/** A figure that belongs to a sheet, a form or a dialog is no way out of it; a question that always stands there is none. */
const isFilling = (): boolean =>
  document.querySelector('main form:not([data-always] form), [data-fills], [role=dialog]') !== null;

/** The first number with a working on the page, or the one in focus. */
function numberInReach(): HTMLElement | null {
  const active = document.activeElement;
  if (active instanceof HTMLElement && active.dataset.working !== undefined) return active;
  return document.querySelector<HTMLElement>('main [data-working]');
}

interface KeyOptions {
  readonly stations: readonly Station[];
  readonly single: boolean;
  readonly onKeys: () => void;
  /** Opens the box that finds anything; absent for whoever sees no notebook. */
  readonly onFind: (() => void) | undefined;
}

/** Single keys for the whole product; silent while a field has the cursor. */
export function useKeys({ stations, single, onKeys, onFind }: KeyOptions): void {
  const navigate = useNavigate();
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'k' && onFind !== undefined) {
        event.preventDefault();
        onFind();
        return;
      }
      if (event.ctrlKey || event.metaKey || event.altKey) return;
      if (event.key === 'Escape') {
        useWorking.getState().close();
        return;
      }
      if (isTyping(event.target) || !single) return;
      const station = stations.find((one) => String(placeOf(one.word)) === event.key);
      const leads = event.key === '0' || station !== undefined;
      if (leads && isFilling()) return;
      if (event.key === '0') void navigate('/');
      else if (station !== undefined) void navigate(station.path);
      else if (event.key === '?') onKeys();
      else if (event.key === 'w' || event.key === 'W') numberInReach()?.click();
      else if (event.key === '/' && onFind !== undefined) {
        event.preventDefault();
        onFind();
      } else return;
      event.stopPropagation();
    };
    document.addEventListener('keydown', onKey);
    return () => {
      document.removeEventListener('keydown', onKey);
    };
  }, [navigate, stations, single, onKeys, onFind]);
}
