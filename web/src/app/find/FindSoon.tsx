import { useLayoutEffect, useRef, type ReactElement } from 'react';
import { useFind } from '../../shared/findStore';
import { FIND_HINT, FIND_LABEL } from './findWords';

/** The box before its script is there: who presses a key and types on at once loses no letter. */
export function FindSoon(): ReactElement | null {
  const { isOpen, text, setOpen, setText } = useFind();
  const input = useRef<HTMLInputElement>(null);
  useLayoutEffect(() => {
    input.current?.focus();
  }, [isOpen]);
  if (!isOpen) return null;
  return (
    <div className="fixed top-[8vh] left-1/2 z-30 w-[min(620px,94vw)] -translate-x-1/2 border-[3px] border-ink bg-paper">
      <input
        ref={input}
        className="h-14 w-full bg-transparent px-4 text-lead outline-none placeholder:text-head"
        aria-label={FIND_LABEL}
        placeholder={FIND_HINT}
        autoComplete="off"
        value={text}
        onChange={(event) => {
          setText(event.target.value);
        }}
        onKeyDown={(event) => {
          if (event.key === 'Escape') setOpen(false);
        }}
      />
    </div>
  );
}
