import { describe, expect, it } from 'vitest';
import {
  compilePattern,
  LINE_PATTERNS,
  LineReader,
  parseLine,
  SimulatedDevice,
  SIMULATED,
  SteadyWatch,
  valueInUnit,
  type LinePattern,
  type SimulatedFault,
  type SteadyState,
} from '.';

const bytes = (text: string): Uint8Array => Uint8Array.from(text, (character) => character.charCodeAt(0));
const pattern = (key: string): LinePattern => LINE_PATTERNS.find((one) => one.key === key) as LinePattern;
const marked = compilePattern(pattern('marked-scale'));

/** A generator that repeats itself: Lehmer's, good enough for trembling figures. */
function chance(seed = 7): () => number {
  let state = seed;
  return () => {
    state = (state * 48271) % 2147483647;
    return state / 2147483647;
  };
}

describe('bytes from a cable', () => {
  it('become lines, however they are cut', () => {
    const reader = new LineReader();
    expect(reader.take(bytes('ST,+12'))).toEqual([]);
    expect(reader.take(bytes('.5 g\r\nUS,+1'))).toEqual(['ST,+12.5 g']);
    expect(reader.take(bytes('3.0 g\n\n\r'))).toEqual(['US,+13.0 g']);
  });

  it('leave out noise and lines that never end', () => {
    const reader = new LineReader();
    expect(reader.take(new Uint8Array([0, 255, 83, 84, 10]))).toEqual(['ST']);
    expect(reader.take(bytes(`${'x'.repeat(500)}\nST,+1 g\n`))).toEqual(['ST,+1 g']);
  });
});

describe('a line by its pattern', () => {
  it.each([
    ['marked-scale', 'ST,+ 305.2 g', { kind: 'reading', value: 305.2, unit: 'g', stable: true }],
    ['marked-scale', 'US,-0.4 g', { kind: 'reading', value: -0.4, unit: 'g', stable: false }],
    ['marked-scale', 'OL,', { kind: 'overload' }],
    ['marked-scale', '305.2 g', { kind: 'unknown' }],
    ['plain-scale', '1.152 kg', { kind: 'reading', value: 1.152, unit: 'kg', stable: 'unmarked' }],
    ['plain-scale', '-----', { kind: 'overload' }],
    ['named-meter', 'pH 6.12 READY', { kind: 'reading', value: 6.12, unit: 'pH', stable: true }],
    ['named-meter', 'pH OVER', { kind: 'overload' }],
    ['plain-probe', 'T=18.4 C', { kind: 'reading', value: 18.4, unit: 'C', stable: 'unmarked' }],
    ['plain-probe', 'pH 6.12', { kind: 'unknown' }],
  ])('%s: %s', (key, line, expected) => {
    expect(parseLine(compilePattern(pattern(key)), line)).toEqual(expected);
  });

  it.each([
    ['(', false, /brackets/],
    ['^\\d+$', false, /\(\?<value>/],
    ['^(?<value>\\d+)$', true, /\(\?<stable>/],
  ])('a pattern such as %s is refused with a sentence', (source, marksStable, message) => {
    expect(() => compilePattern({ source, marksStable })).toThrow(message);
  });

  it('that reads something else than the step asks for gives no value', () => {
    expect(valueInUnit(1.2, 'kg', 'g')).toBe(1200);
    expect(valueInUnit(1.41, 'mS/cm', 'dS/m')).toBe(1.41);
    expect(valueInUnit(6.1, 'pH', 'dS/m')).toBeUndefined();
    expect(valueInUnit(120, 'mV', 'pH')).toBeUndefined();
    expect(valueInUnit(5, undefined, 'g')).toBe(5);
  });
});

describe('standing still', () => {
  it('is told once for each load', () => {
    const watch = new SteadyWatch('scale');
    const take = (line: string, at: number): SteadyState => watch.take(parseLine(marked, line), at);
    expect(take('US,+120.0 g', 0)).toMatchObject({ state: 'moving' });
    expect(take('ST,+305.2 g', 200)).toEqual({ state: 'steady', value: 305.2, unit: 'g', fresh: true });
    expect(take('ST,+305.2 g', 400)).toMatchObject({ fresh: false });
    expect(take('US,+800.0 g', 600)).toMatchObject({ state: 'moving' });
    expect(take('ST,+921.6 g', 800)).toMatchObject({ fresh: true });
  });

  it('is not told of what already lay there, nor of an empty scale', () => {
    const watch = new SteadyWatch('scale');
    const take = (line: string, at: number): SteadyState => watch.take(parseLine(marked, line), at);
    expect(take('ST,+305.2 g', 0)).toMatchObject({ state: 'steady', fresh: false });
    expect(take('US,+100.0 g', 200)).toMatchObject({ state: 'moving' });
    expect(take('ST,+0.1 g', 400)).toMatchObject({ state: 'steady', fresh: false });
    expect(take('ST,+305.2 g', 600)).toMatchObject({ fresh: true });
  });

  it('is never told of an overload, an unknown line or a drift', () => {
    const watch = new SteadyWatch('scale');
    expect(watch.take({ kind: 'overload' }, 0)).toEqual({ state: 'overload' });
    expect(watch.take({ kind: 'unknown' }, 100)).toEqual({ state: 'unknown' });
    const drifting = new SteadyWatch('meter');
    const states = Array.from({ length: 60 }, (_, i) =>
      drifting.take({ kind: 'reading', value: 6 + 0.001 * i, unit: 'pH', stable: 'unmarked' }, 1000 * i),
    );
    // 0.03 pH in 30 s is not settled.
    expect(states.some((one) => one.state === 'steady')).toBe(false);
  });

  it('without a mark is judged from the lines: close together, and for long enough', () => {
    const watch = new SteadyWatch('probe');
    const at = (second: number): SteadyState =>
      watch.take({ kind: 'reading', value: 18.4 + 0.03 * (second % 2), stable: 'unmarked' }, 1000 * second);
    expect([0, 1, 2].map((second) => at(second).state)).toEqual(['moving', 'moving', 'moving']);
    expect(at(3)).toMatchObject({ state: 'steady', fresh: true });
  });
});

describe('a simulated device', () => {
  /** Runs a device through the same reader, parser and watch as a real one. */
  function run(device: SimulatedDevice, key: string, ms: number): SteadyState[] {
    const reader = new LineReader();
    const compiled = compilePattern(pattern(key));
    const watch = new SteadyWatch(device.kind);
    const states: SteadyState[] = [];
    for (let now = 0; now <= ms; now += SIMULATED[device.kind].every_ms)
      for (const line of reader.take(device.line(now))) states.push(watch.take(parseLine(compiled, line), now));
    return states;
  }
  const scale = (fault: SimulatedFault): SimulatedDevice => {
    const device = new SimulatedDevice('scale', chance());
    device.breakBy(fault);
    device.load(305.2, 0);
    return device;
  };
  const fresh = (states: readonly SteadyState[]) => states.filter((one) => one.state === 'steady' && one.fresh);

  it('settles on its load through the same parser as a real one', () => {
    const states = run(scale('none'), 'marked-scale', 8000);
    expect(states[0]?.state).toBe('moving');
    const found = fresh(states);
    expect(found).toHaveLength(1);
    expect(found[0]).toMatchObject({ unit: 'g' });
    expect((found[0] as { value: number }).value).toBeCloseTo(305.2, 0);
  });

  it.each<[SimulatedFault]>([['overload'], ['unplugged'], ['drift']])('with %s fills no cell', (fault) => {
    expect(fresh(run(scale(fault), 'marked-scale', 8000))).toEqual([]);
  });

  it('read by a wrong pattern fills no cell', () => {
    const states = run(scale('none'), 'named-meter', 8000);
    expect(states.length).toBeGreaterThan(10);
    expect(states.every((one) => one.state === 'unknown')).toBe(true);
  });

  it('a meter takes its time, and a probe is judged by its lines', () => {
    const meter = new SimulatedDevice('meter', chance());
    meter.load(6.1, 0);
    expect(fresh(run(meter, 'named-meter', 10000))).toEqual([]);
    expect(fresh(run(meter, 'named-meter', 90000))).toHaveLength(1);
    const probe = new SimulatedDevice('probe', chance());
    probe.load(18.4, 0);
    expect((fresh(run(probe, 'plain-probe', 60000))[0] as { value: number }).value).toBeCloseTo(18.4, 0);
  });

  it('goes on from where it stood when the clock is set back', () => {
    const device = scale('none');
    device.load(0, 900_000);
    const [line] = new LineReader().take(device.line(0)).map((one) => parseLine(marked, one));
    expect(line).toMatchObject({ kind: 'reading', stable: false });
    expect((line as { value: number }).value).toBeCloseTo(305.2, 0);
  });
});
