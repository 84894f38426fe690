const KEY = 'bent-pail-class-code';

/** By which code this phone last joined, so that the code of another class is not taken for it. */
export function joinedBy(): string | undefined {
  try {
    return localStorage.getItem(KEY) ?? undefined;
  } catch {
    return undefined;
  }
}

export function noteJoined(code: string): void {
  try {
    localStorage.setItem(KEY, code.toUpperCase());
  } catch {
    // A phone that keeps nothing is asked again.
  }
}
