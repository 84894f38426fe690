import { useRef } from 'react';

/**
 * Gives the focus back to whatever had it before something was laid over the page from elsewhere than a trigger of its
 * own; `from` where that is known, as when the cursor is in it from the first moment on.
 */
export function useFocusKept(from?: Element | null) {
  const before = useRef<Element>(null);
  return {
    onOpenAutoFocus: (): void => {
      before.current = document.activeElement;
    },
    onCloseAutoFocus: (event: Event): void => {
      const back = from ?? before.current;
      if (!(back instanceof HTMLElement) || !back.isConnected || back === document.body) return;
      event.preventDefault();
      back.focus();
    },
  };
}
