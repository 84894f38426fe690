import type { Writable } from 'node:stream';

/** So many pages are told in a second at most; few pages are told at once, whatever changes. */
const PAGES_A_SECOND = 250;
const LEAST_MS = 50;
/** So many are told before others get their turn at the server. */
const AT_A_TIME = 25;

/**
 * Tells pages what changes: the first of it at once, and what comes after that a while later, together and each line
 * once. On a busy bench every page would hear of every reading by itself else, and the server do nothing but tell.
 */
export class Telling {
  private untold = new Map<Writable, Set<string>>();
  private mayTell_ms = 0;
  private isTelling = false;

  tell(page: Writable, line: string): void {
    const lines = this.untold.get(page) ?? new Set();
    this.untold.set(page, lines.add(line));
    this.tellSoon();
  }

  private tellSoon(): void {
    if (this.isTelling) return;
    this.isTelling = true;
    setTimeout(
      () => {
        const round = [...this.untold];
        this.untold = new Map();
        this.mayTell_ms = performance.now() + Math.max(LEAST_MS, (round.length / PAGES_A_SECOND) * 1000);
        this.tellSome(round);
      },
      Math.max(0, this.mayTell_ms - performance.now()),
    );
  }

  private tellSome(round: readonly (readonly [Writable, ReadonlySet<string>])[]): void {
    for (const [page, lines] of round.slice(0, AT_A_TIME))
      // One that was left meanwhile is told nothing.
      if (page.writable) page.write([...lines].join(''));
    const left = round.slice(AT_A_TIME);
    if (left.length > 0) {
      setImmediate(() => {
        this.tellSome(left);
      });
      return;
    }
    this.isTelling = false;
    if (this.untold.size > 0) this.tellSoon();
  }
}
