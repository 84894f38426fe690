import type { FieldValues } from 'react-hook-form';

/** What is typed into a long form stays in this browser until it is kept, also through a reload: one's own only. */
const placeOf = (whose: string, draft: string): string => `bent-pail form ${whose} ${draft}`;

export function readDraft<T extends FieldValues>(whose: string, draft: string, start: T): T | undefined {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(placeOf(whose, draft)) ?? 'null');
    if (typeof kept !== 'object' || kept === null) return undefined;
    // A form that has other fields by now takes those that it still has.
    const known = Object.entries(kept).filter(([key, value]) => key in start && typeof value === typeof start[key]);
    return { ...start, ...Object.fromEntries(known) };
  } catch {
    return undefined;
  }
}

export function keepDraft(whose: string, draft: string, typed: FieldValues): void {
  try {
    localStorage.setItem(placeOf(whose, draft), JSON.stringify(typed));
  } catch {
    // A browser that keeps nothing still shows what is typed.
  }
}

export function forgetDraft(whose: string, draft: string): void {
  localStorage.removeItem(placeOf(whose, draft));
}
