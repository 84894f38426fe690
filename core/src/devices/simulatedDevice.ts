import type { DeviceKind } from './linePattern';

/** Something that can be wrong with a device on purpose. */
export type SimulatedFault = 'none' | 'overload' | 'unplugged' | 'drift';

/** How simulated devices behave: how fast they settle, how they tremble, where they end. */
export const SIMULATED = Object.freeze({
  scale: { every_ms: 200, settle_ms: 600, noise: 0.05, most: 6000, digits: 1 },
  meter: { every_ms: 1000, settle_ms: 9000, noise: 0.004, most: 14, digits: 2 },
  probe: { every_ms: 1000, settle_ms: 4000, noise: 0.03, most: 100, digits: 1 },
  drift: { scale: 2, meter: 0.08, probe: 0.6 },
});

/** Settled when what is left of the swing is under a few times the noise. */
const SETTLED = 3;

/**
 * A device that is not there: it is given a load and writes lines as a real one would, settling on it with noise.
 *
 * Time is given in ms, chance as a function 0..1, so that a test can repeat it. A drift never settles; an overload
 * writes its mark; an unplugged one is silent.
 */
export class SimulatedDevice {
  private target = 0;
  private from = 0;
  private since_ms = 0;
  private wrong: SimulatedFault = 'none';
  private unit: 'pH' | 'dS/m' = 'pH';

  constructor(
    readonly kind: DeviceKind,
    private readonly random: () => number,
  ) {}

  get fault(): SimulatedFault {
    return this.wrong;
  }

  /** Breaks it, or mends it. */
  breakBy(fault: SimulatedFault): void {
    this.wrong = fault;
  }

  /** Turns a meter to what it is to measure. */
  measure(unit: 'pH' | 'dS/m'): void {
    this.unit = unit;
  }

  /** Puts something on, or takes it off (0). */
  load(value: number, now_ms: number): void {
    this.from = this.at(now_ms);
    this.target = value;
    this.since_ms = now_ms;
  }

  /** The next line with its end, as bytes; nothing while it is unplugged. */
  line(now_ms: number): Uint8Array {
    if (this.wrong === 'unplugged') return new Uint8Array();
    const text = this.text(now_ms);
    return Uint8Array.from(`${text}\r\n`, (character) => character.charCodeAt(0));
  }

  /** How long the load has lain there, ms; a clock that was set back does not let a swing grow. */
  private age(now_ms: number): number {
    return Math.max(0, now_ms - this.since_ms);
  }

  /** What is left of the swing to the load. */
  private swing(now_ms: number): number {
    return (this.from - this.target) * Math.exp(-this.age(now_ms) / SIMULATED[this.kind].settle_ms);
  }

  private at(now_ms: number): number {
    const drift = this.wrong === 'drift' ? (SIMULATED.drift[this.kind] * this.age(now_ms)) / 1000 : 0;
    return this.target + this.swing(now_ms) + drift;
  }

  private text(now_ms: number): string {
    const { noise, most, digits } = SIMULATED[this.kind];
    const value = this.at(now_ms) + noise * (2 * this.random() - 1);
    const over = this.wrong === 'overload' || value > most;
    const stable = Math.abs(this.swing(now_ms)) < SETTLED * noise && this.wrong !== 'drift';
    if (this.kind === 'scale') {
      if (over) return 'OL,';
      return `${stable ? 'ST' : 'US'},${value < 0 ? '-' : '+'}${Math.abs(value).toFixed(digits)} g`;
    }
    if (this.kind === 'probe') return `T=${value.toFixed(digits)} C`;
    return over ? `${this.unit} OVER` : `${this.unit} ${value.toFixed(digits)}${stable ? ' READY' : ''}`;
  }
}
