import type { ServerTrouble, SlowRequest } from '@bent-pail/contract';

/** What a person notices as waiting, how many kinds of slow requests and troubles are told of, and how many people. */
const LIMITS = Object.freeze({ slow_ms: 300, slowest: 10, troubles: 30, people: 200 });

/** How many readings somebody's browser said it holds. */
export interface HeldBack {
  readonly userId: string;
  readonly readings: number;
  readonly at: string;
}

/**
 * What a running server remembers of itself: which requests took long, what went wrong, whose browsers hold readings
 * back. Of each kind one line, and a bounded number of them; gone with the server, whose log has the rest.
 */
export class Watch {
  private readonly slow = new Map<string, SlowRequest>();
  private readonly wrong = new Map<string, ServerTrouble>();
  private readonly held = new Map<string, HeldBack>();

  answered(route: string, took_ms: number, at: string): void {
    if (took_ms < LIMITS.slow_ms) return;
    const known = this.slow.get(route);
    const isLonger = known === undefined || took_ms > known.longest_ms;
    this.slow.set(route, {
      route,
      times: (known?.times ?? 0) + 1,
      ...(isLonger ? { longest_ms: took_ms, at } : { longest_ms: known.longest_ms, at: known.at }),
    });
  }

  trouble(said: Omit<ServerTrouble, 'times'>): void {
    const key = `${said.words} ${said.route ?? ''}`;
    const times = (this.wrong.get(key)?.times ?? 0) + 1;
    // The newest stands last, and the oldest goes.
    this.wrong.delete(key);
    this.wrong.set(key, { ...said, times });
    const [oldest] = this.wrong.keys();
    if (this.wrong.size > LIMITS.troubles && oldest !== undefined) this.wrong.delete(oldest);
  }

  holds(said: HeldBack): void {
    this.held.delete(said.userId);
    if (said.readings > 0) this.held.set(said.userId, said);
    const [oldest] = this.held.keys();
    if (this.held.size > LIMITS.people && oldest !== undefined) this.held.delete(oldest);
  }

  get slowest(): readonly SlowRequest[] {
    return [...this.slow.values()].sort((a, b) => b.longest_ms - a.longest_ms).slice(0, LIMITS.slowest);
  }

  get troubles(): readonly ServerTrouble[] {
    return [...this.wrong.values()].reverse();
  }

  get heldBack(): readonly HeldBack[] {
    return [...this.held.values()].reverse();
  }
}
