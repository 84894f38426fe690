import { useRef } from 'react';

/** Gives the focus back to whatever had it before something was laid over the page from elsewhere than a trigger of its own. */
export function useFocusKept() {
  const before = useRef<Element>(null);
  return {
    onOpenAutoFocus: (): void => {
      before.current = document.activeElement;
    },
    onCloseAutoFocus: (event: Event): void => {
      if (!(before.current instanceof HTMLElement) || !before.current.isConnected) return;
      event.preventDefault();
      before.current.focus();
    },
  };
}
