import type { DeviceKind, DeviceLine } from './linePattern';

/** When a reading stands still: how many alike, within how much, over how long. */
export const STEADY: Readonly<
  Record<DeviceKind, { readonly within: number; readonly lines: number; readonly over_ms: number }>
> = Object.freeze({
  scale: { within: 0.1, lines: 4, over_ms: 800 },
  // Drift over 0.02 pH in 30 s is not settled.
  meter: { within: 0.02, lines: 6, over_ms: 30000 },
  probe: { within: 0.1, lines: 4, over_ms: 3000 },
});

/** A scale that shows no more than this has nothing on it, g. */
const EMPTY_SCALE_g = 0.5;

export type SteadyState =
  /** Nothing that could be read has come yet. */
  | { readonly state: 'quiet' }
  | { readonly state: 'moving'; readonly value: number; readonly unit?: string }
  /** Stands still. `fresh` once for each new load: that is the moment at which a cell is filled. */
  | { readonly state: 'steady'; readonly value: number; readonly unit?: string; readonly fresh: boolean }
  | { readonly state: 'overload' }
  | { readonly state: 'unknown' };

interface Seen {
  readonly at_ms: number;
  readonly value: number;
}

/**
 * Watches a device's lines and says when a value stands still. A mark of the instrument is taken at its word; without
 * one, the last lines must lie close together for long enough. The same load is told as fresh only once: it has to
 * move before the next is; what already lay there, and an empty scale, are no load.
 */
export class SteadyWatch {
  private seen: Seen[] = [];
  /** What already stood still when listening began is nothing new: it has to move first. */
  private told = true;

  constructor(private readonly kind: DeviceKind) {}

  /** Takes the next line, at ms of any clock that runs evenly. */
  take(line: DeviceLine, at_ms: number): SteadyState {
    if (line.kind === 'unknown') return { state: 'unknown' };
    if (line.kind === 'overload') {
      this.forget();
      return { state: 'overload' };
    }
    const { value, stable } = line;
    const unit = line.unit === undefined ? {} : { unit: line.unit };
    const { lines, over_ms } = STEADY[this.kind];
    this.seen = [...this.seen.filter((one) => at_ms - one.at_ms <= 2 * over_ms), { at_ms, value }].slice(-40 * lines);
    const still = stable === 'unmarked' ? this.standsStill(at_ms) : stable;
    if (!still) {
      this.told = false;
      return { state: 'moving', value, ...unit };
    }
    // An empty scale stands still as well; it waits for its load.
    const isEmpty = this.kind === 'scale' && Math.abs(value) <= EMPTY_SCALE_g;
    const fresh = !this.told && !isEmpty;
    this.told = !isEmpty;
    return { state: 'steady', value, ...unit, fresh };
  }

  /** The plug was pulled or the load went over: what comes next is new. */
  forget(): void {
    this.seen = [];
    this.told = true;
  }

  private standsStill(now_ms: number): boolean {
    const { within, lines, over_ms } = STEADY[this.kind];
    const recent = this.seen.filter((one) => now_ms - one.at_ms <= over_ms);
    const first = this.seen[0];
    if (recent.length < lines || first === undefined || now_ms - first.at_ms < over_ms) return false;
    const values = recent.map((one) => one.value);
    return Math.max(...values) - Math.min(...values) <= within + 1e-9;
  }
}
